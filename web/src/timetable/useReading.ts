import { useState } from 'react';
import type { AskedTableReply } from '../api/types';
import { useKeys } from '../ui/keys';

/** A table that is read question by question, step by step, with times covered by hand. */
export interface ReadTable {
  asked: AskedTableReply;
  /** The question in hand, counted from 0. */
  current: number;
  step: number;
  onMove: (question: number, step: number) => void;
  /** Other questions; without it there are only these. */
  onOther?: (() => void) | undefined;
}

export function useReading({ asked, current, step, onMove, onOther }: ReadTable) {
  const [covered, setCovered] = useState<ReadonlySet<string>>(new Set());
  const [covering, setCovering] = useState(false);
  const { questions } = asked;
  const at = Math.min(Math.max(current, 0), Math.max(0, questions.length - 1));
  const question = questions[at];
  // before the first step nothing is shown; behind the last one stands the answer
  const last = (question?.steps.length ?? 0) + 1;
  const now = Math.min(Math.max(step, 0), last);
  const shown = question?.steps[Math.min(now, last - 1) - 1];
  const go = (to: number) => () => {
    if (question) {
      onMove(at, Math.min(Math.max(to, 0), last));
    }
  };
  const another = () => {
    if (at + 1 < questions.length) {
      onMove(at + 1, 0);
    } else if (onOther) {
      onOther();
    } else {
      onMove(0, 0);
    }
  };
  const answer = go(now === last ? 0 : last);
  const turnCovering = () => {
    setCovering(!covering);
  };
  useKeys({ ArrowRight: go(now + 1), ArrowLeft: go(now - 1), Home: go(0), a: answer, n: another, h: turnCovering });
  return {
    at,
    question,
    now,
    last,
    shown,
    go,
    answer,
    another,
    covering,
    turnCovering,
    anyCovered: covered.size > 0,
    uncover: () => {
      setCovered(new Set());
    },
    /** What the table shows of it. */
    table: {
      table: asked.table,
      lit: shown?.lit ?? [],
      used: now === 0 ? [] : (shown?.used ?? []),
      covered,
      covering,
      onCover: (place: string) => {
        setCovered((before) => {
          const after = new Set(before);
          if (!after.delete(place)) {
            after.add(place);
          }
          return after;
        });
      },
    },
  };
}
