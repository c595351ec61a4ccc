import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { useMutation } from '@tanstack/react-query';
import { RefreshCw } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { ask } from '../api/client';
import type { OthersReply, QuestionReply } from '../api/types';
import { plain } from '../models/Marked';
import { Button } from '../ui/Button';
import { useNotice } from '../ui/notices';
import type { KeeperState, SheetKeeper } from './keeper';
import { QuestionRow } from './QuestionRow';

interface Props {
  keeper: SheetKeeper;
  state: KeeperState;
  /** The sum that is worked at the moment, as it stands on the sheet. */
  current: string;
  onOpen: (sum: string) => void;
}

/** The board with the first question on it and the others waiting. */
function boardOf(sums: readonly string[]): string {
  const [sum = '', ...queue] = sums;
  return `/teach?${new URLSearchParams({ sum, ...(queue.length > 0 ? { queue: queue.join('|') } : {}) }).toString()}`;
}

/** The sheet in hand: a piece of paper beside the working, saved as it changes. */
export function SheetPanel({ keeper, state, current, onOpen }: Props) {
  const notice = useNotice();
  const { draft } = state;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const end = useRef<HTMLLIElement>(null);
  const count = draft.questions.length;
  const before = useRef(count);
  useEffect(() => {
    if (count > before.current) {
      end.current?.scrollIntoView({ block: 'nearest' });
    }
    before.current = count;
  }, [count]);

  const remove = (question: QuestionReply) => {
    const place = draft.questions.indexOf(question);
    keeper.change((now) => ({ ...now, questions: now.questions.filter((one) => one.id !== question.id) }));
    notice(`Question ${place + 1} is off the sheet.`, () => {
      keeper.change((now) => ({ ...now, questions: now.questions.toSpliced(place, 0, question) }));
    });
  };
  const rewrite = (question: QuestionReply, sum: string) => {
    keeper.change((now) => ({
      ...now,
      questions: now.questions.map((one) =>
        one.id === question.id ? { ...one, sum, shown: sum, answer: null, problem: null } : one,
      ),
    }));
  };
  const lock = (question: QuestionReply) => {
    keeper.change((now) => ({
      ...now,
      questions: now.questions.map((one) => (one.id === question.id ? { ...one, locked: !one.locked } : one)),
    }));
  };
  const word = (question: QuestionReply, wording: string) => {
    keeper.change((now) => ({
      ...now,
      questions: now.questions.map((one) => (one.id === question.id ? { ...one, wording } : one)),
    }));
  };
  /** Other numbers for these questions; what was there comes back with undo. */
  const renew = useMutation({
    mutationFn: async (which: readonly QuestionReply[]) => {
      const sums = which.map((one) => one.sum);
      const others = await ask<OthersReply>('POST', '/api/sheets/others', {
        sums,
        keep: draft.questions.map((one) => one.sum),
        seed: Math.floor(Math.random() * 1e6),
      });
      return new Map(which.map((one, i) => [one.id, others.sums[i] ?? null]));
    },
    onSuccess: (found) => {
      const before = draft.questions;
      const none = [...found.values()].filter((sum) => sum === null).length;
      keeper.change((now) => ({
        ...now,
        questions: now.questions.map((one) => {
          const sum = found.get(one.id);
          // a question in words tells its own numbers, so the words go with the old ones
          return sum ? { ...one, sum, shown: sum, answer: null, problem: null, warnings: [], wording: '' } : one;
        }),
      }));
      notice(
        none === found.size
          ? 'There is no other question quite like this.'
          : none > 0
            ? `New numbers; ${none} stayed, since there is no other question quite like them.`
            : 'New numbers.',
        () => {
          keeper.change((now) => ({ ...now, questions: before }));
        },
      );
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const open = draft.questions.filter((one) => !one.locked);
  const dropped = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) {
      keeper.change((now) => {
        const ids = now.questions.map((one) => one.id);
        return {
          ...now,
          questions: arrayMove(now.questions, ids.indexOf(String(active.id)), ids.indexOf(String(over.id))),
        };
      });
    }
  };
  const place = (id: string | number) => draft.questions.findIndex((one) => one.id === id) + 1;

  return (
    <section aria-label="Sheet" className="flex min-h-0 flex-1 flex-col">
      <div className="mb-2 flex min-h-9 flex-wrap items-center justify-between gap-x-4">
        <SaveState state={state} keeper={keeper} />
        <span className="flex gap-4">
          <Link to="/sheets" className="underline underline-offset-4">
            All sheets
          </Link>
          {count > 0 && (
            <Link to={boardOf(draft.questions.map((one) => one.sum))} className="underline underline-offset-4">
              To the board
            </Link>
          )}
          <Link to={`/sheets/${keeper.id}/print`} className="font-bold underline underline-offset-4">
            Print…
          </Link>
        </span>
      </div>
      <div className="min-h-0 flex-1 overflow-y-auto bg-sheet px-5 py-4 shadow-[0_1px_6px_#0003]">
        <label className="sr-only" htmlFor="sheet-title">
          Title of the sheet
        </label>
        <input
          id="sheet-title"
          value={draft.title}
          maxLength={120}
          onChange={(event) => {
            const title = event.target.value;
            keeper.change((now) => ({ ...now, title }));
          }}
          onKeyDown={(event) => {
            if (event.key === 'Enter' || event.key === 'Escape') {
              event.currentTarget.blur();
            }
          }}
          className="-mx-1 w-full rounded px-1 text-xl font-bold hover:bg-wash"
        />
        {count > 1 && (
          <div className="mt-1 flex flex-wrap items-center gap-x-4 text-soft">
            {draft.settings.level !== null && <span>{draft.settings.level} level</span>}
            <button
              type="button"
              className="inline-flex min-h-8 items-center gap-1.5 underline underline-offset-4 hover:text-ink"
              aria-disabled={open.length === 0 || renew.isPending}
              onClick={() => {
                if (open.length > 0 && !renew.isPending) {
                  renew.mutate(open);
                }
              }}
            >
              <RefreshCw size={15} aria-hidden="true" /> New numbers{open.length < count ? ' for the open ones' : ''}
            </button>
          </div>
        )}
        {count === 0 ? (
          <p className="mt-4 text-soft">
            Nothing on it yet. Type a sum in the sum line and press <kbd className="key font-sans">Shift Enter</kbd>, or{' '}
            <Link to="/sheets/make" className="underline underline-offset-4">
              have a sheet made
            </Link>
            .
          </p>
        ) : (
          <DndContext
            sensors={sensors}
            collisionDetection={closestCenter}
            onDragEnd={dropped}
            accessibility={{
              screenReaderInstructions: {
                draggable:
                  'Press space to lift a question, move it with the arrow keys, and press space again to put it down.',
              },
              announcements: {
                onDragStart: ({ active }) => `Question ${place(active.id)} lifted.`,
                onDragOver: ({ over }) => (over ? `Now at place ${place(over.id)}.` : ''),
                onDragEnd: ({ over }) => (over ? `Put down at place ${place(over.id)}.` : 'Put back.'),
                onDragCancel: () => 'Put back.',
              },
            }}
          >
            <SortableContext items={draft.questions.map((one) => one.id)} strategy={verticalListSortingStrategy}>
              <ol className="mt-3">
                {draft.questions.map((question, i) => (
                  <QuestionRow
                    key={question.id}
                    question={question}
                    number={i + 1}
                    isCurrent={question.sum === current || plain(question.shown) === current}
                    onOpen={() => {
                      onOpen(question.sum);
                    }}
                    onRemove={() => {
                      remove(question);
                    }}
                    onRewrite={(sum) => {
                      rewrite(question, sum);
                    }}
                    onWord={(wording) => {
                      word(question, wording);
                    }}
                    onLock={() => {
                      lock(question);
                    }}
                    onRenew={() => {
                      if (!renew.isPending) {
                        renew.mutate([question]);
                      }
                    }}
                  />
                ))}
                <li ref={end} aria-hidden="true" />
              </ol>
            </SortableContext>
          </DndContext>
        )}
      </div>
    </section>
  );
}

function SaveState({ state, keeper }: { state: KeeperState; keeper: SheetKeeper }) {
  if (state.saving === 'conflict') {
    return (
      <div role="alert" className="mb-1 w-full border-2 border-ink bg-[#fff3df] px-4 py-3">
        <p className="font-bold">This sheet was changed in another window as well.</p>
        <p>Nothing is lost yet. Which is to stay?</p>
        <div className="mt-2 flex flex-wrap gap-2">
          <Button
            look="strong"
            onClick={() => {
              keeper.putTogether();
            }}
          >
            Put both together
          </Button>
          <Button
            onClick={() => {
              keeper.takeTheirs();
            }}
          >
            Only the other one
          </Button>
        </div>
      </div>
    );
  }
  const words = {
    saved: 'Saved',
    saving: 'Saving…',
    waiting: 'Not sent yet: no connection. It is kept here and sent as soon as it can be.',
    gone: 'This sheet has been deleted elsewhere. What you see is kept in this browser.',
  }[state.saving];
  return (
    <p role="status" className={state.saving === 'saved' || state.saving === 'saving' ? 'text-soft' : 'font-bold'}>
      {words}
    </p>
  );
}
