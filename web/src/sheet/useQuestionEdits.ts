import { arrayMove } from '@dnd-kit/sortable';
import { useMutation } from '@tanstack/react-query';
import { ask } from '../api/client';
import type { OthersReply, OthersRequest, QuestionReply, QuestionText } from '../api/types';
import { newSeed } from '../ui/newId';
import { useNotice } from '../ui/notices';
import { useStood } from '../ui/useStood';
import { challengesLast, isOfTable, sameQuestion, withText } from './draft';
import type { KeeperState, SheetKeeper } from './keeper';

/** All that can be done to the questions of a sheet; what is lost by it comes back with undo. */
export function useQuestionEdits(keeper: SheetKeeper, state: KeeperState) {
  const notice = useNotice();
  const { questions } = state.draft;
  const stood = useStood(questions.map((one) => one.id));
  const all = (edit: (questions: QuestionReply[]) => QuestionReply[]) => {
    keeper.change((now) => ({ ...now, questions: edit(now.questions) }));
  };
  const one = (id: string, edit: (question: QuestionReply) => QuestionReply) => {
    all((now) => now.map((question) => (question.id === id ? edit(question) : question)));
  };
  /** Other numbers for these questions. */
  const renew = useMutation({
    mutationFn: async (which: readonly QuestionReply[]) => {
      const sums = which.map((question) => question.text.sum);
      const others = await ask<OthersReply>('POST', '/api/sheets/others', {
        sums,
        keep: questions.map((question) => question.text.sum),
        seed: newSeed(),
        stories: which.map((question) => question.text.story),
        level: state.draft.settings.level,
        classId: state.draft.classId,
        table: state.draft.settings.table,
      } satisfies OthersRequest);
      return new Map(
        which.map((question, i) => {
          const sum = others.sums[i] ?? null;
          return [question.id, sum === null ? null : { sum, wording: others.wordings[i] ?? '' }];
        }),
      );
    },
    onSuccess: (found) => {
      const before = questions;
      const none = [...found.values()].filter((other) => other === null).length;
      all((now) =>
        now.map((question) => {
          const other = found.get(question.id);
          // a story is told again with its new numbers; words of one's own go with the old ones
          return other
            ? withText(question, {
                ...question.text,
                ...other,
                story: other.wording === '' ? null : question.text.story,
              })
            : question;
        }),
      );
      notice(
        none === found.size
          ? 'There is no other question quite like this.'
          : none > 0
            ? `New numbers; ${none} stayed, since there is no other question quite like them.`
            : 'New numbers.',
        () => {
          all(() => before);
        },
      );
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  return {
    busy: renew.isPending,
    renew: (which: readonly QuestionReply[]) => {
      if (which.length > 0 && !renew.isPending) {
        renew.mutate(which);
      }
    },
    remove: (question: QuestionReply) => {
      const place = questions.indexOf(question);
      all((now) => now.filter((other) => other.id !== question.id));
      stood.put(question.id, `Question ${place + 1} is removed.`, () => {
        all((now) => now.toSpliced(place, 0, question));
      });
    },
    stood,
    /** As it was edited; a sum that was typed anew is looked at anew. */
    change: (question: QuestionReply, text: QuestionText) => {
      if (sameQuestion(question, { ...question, text })) {
        return;
      }
      all((now) => challengesLast(now.map((other) => (other.id === question.id ? withText(other, text) : other))));
    },
    /** Another sum in place of one, with undo. */
    swap: (place: number, sum: string) => {
      const before = questions[place - 1];
      if (before) {
        one(before.id, (now) => withText(now, { ...now.text, sum, wording: '', story: null }));
        notice(`Question ${place} has new numbers now.`, () => {
          one(before.id, () => before);
        });
      }
    },
    /** The timetable with all that is asked about it, with undo. */
    takeTableOff: () => {
      const before = state.draft;
      keeper.change((now) => ({
        ...now,
        settings: { ...now.settings, table: null },
        questions: now.questions.filter((question) => !isOfTable(question.text)),
      }));
      notice('The timetable and its questions are removed.', () => {
        keeper.change((now) => ({ ...now, settings: before.settings, questions: before.questions }));
      });
    },
    lock: (question: QuestionReply) => {
      one(question.id, (now) => ({ ...now, locked: !now.locked }));
    },
    move: (from: string, to: string) => {
      all((now) => {
        const ids = now.map((question) => question.id);
        return challengesLast(arrayMove(now, ids.indexOf(from), ids.indexOf(to)));
      });
    },
  };
}
