import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { RefreshCw, Scale } from 'lucide-react';
import { Fragment, useEffect, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { plain } from '../models/Marked';
import { Button } from '../ui/Button';
import { lifted } from '../ui/lifted';
import type { QuestionText, SheetSettings } from '../api/types';
import { isOfTable, lineOfQuestion } from './draft';
import type { KeeperState, SheetKeeper } from './keeper';
import { QuestionRow } from './QuestionRow';
import { Separating } from './Separating';
import { useQuestionEdits } from './useQuestionEdits';
import { called } from '../ui/called';
import { usePrintKey } from '../ui/keys';

interface Props {
  keeper: SheetKeeper;
  state: KeeperState;
  /** The sum that is worked at the moment, as it stands on the sheet. */
  current: string;
  onOpen: (sum: string) => void;
}

/** Addresses longer than this, in characters, are not sure to be kept whole. */
const longest = 5000;

/** The board with the first question on it and the others waiting; problems in words with their words, as long as there is room. */
function boardOf(texts: readonly QuestionText[]): string {
  const told = texts.map(lineOfQuestion);
  const [sum = '', ...queue] = (told.join('').length > longest ? texts.map((one) => one.sum) : told).map((one) =>
    one.replaceAll('|', ' '),
  );
  return `/teach?${new URLSearchParams({ sum, ...(queue.length > 0 ? { queue: queue.join('|') } : {}) }).toString()}`;
}

/** Games with the numbers of a sheet; the address says which numbers those were. */
function gamesWith(id: string, { aims, level }: SheetSettings, texts: readonly QuestionText[]): string {
  const hash = texts.map((one) => one.sum).join('|');
  const as = [...hash].reduce((sum, letter) => (31 * sum + (letter.codePointAt(0) ?? 0)) % 1_000_003, 7);
  return `/activities?${new URLSearchParams({ ...(aims[0] ? { rung: aims[0] } : {}), ...(level ? { level } : {}), sheet: id, as: String(as) }).toString()}`;
}

/** The sheet in hand: a piece of paper beside the working, saved as it changes. */
export function SheetPanel({ keeper, state, current, onOpen }: Props) {
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

  const edits = useQuestionEdits(keeper, state);
  const navigate = useNavigate();
  usePrintKey(() => void navigate(`/sheets/${keeper.id}/print`));
  const { table } = draft.settings;
  const sums = draft.questions.filter((one) => !isOfTable(one.text));
  const ofTable = draft.questions.filter((one) => isOfTable(one.text));
  const tableAt = (question: number) => `/teach/timetable?sheet=${keeper.id}&q=${question}`;
  const [separating, setSeparating] = useState(false);
  const open = draft.questions.filter((one) => !one.locked);
  const dropped = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) {
      edits.move(String(active.id), String(over.id));
    }
  };
  const nudge = (from: number, to: number) => {
    const [one, other] = [draft.questions[from], draft.questions[to]];
    return one && other
      ? () => {
          edits.move(one.id, other.id);
        }
      : null;
  };
  const place = (id: string | number) => draft.questions.findIndex((one) => one.id === id) + 1;

  return (
    <section aria-label="Sheet" className="flex min-h-0 flex-1 flex-col">
      <div className="mb-2 flex min-h-9 flex-wrap items-center justify-between gap-x-4">
        <SaveState state={state} keeper={keeper} />
        <span className="flex gap-4">
          <Link to="/sheets" className="underline underline-offset-4">
            Back to sheets
          </Link>
          {sums.length > 0 && (
            <Link
              to={boardOf(sums.map((one) => one.text))}
              className="underline underline-offset-4"
              aria-label="Sheet on the board"
            >
              {called.onTheBoard}
            </Link>
          )}
          {sums.length > 0 && (
            <Link
              to={gamesWith(
                keeper.id,
                draft.settings,
                sums.map((one) => one.text),
              )}
              className="underline underline-offset-4"
            >
              A game with these
            </Link>
          )}
          <Link to={`/sheets/${keeper.id}/print`} className="font-bold underline underline-offset-4">
            Print…
          </Link>
        </span>
      </div>
      <Separating
        sheetId={keeper.id}
        saved={state.saving === 'saved' ? JSON.stringify(draft.questions.map((one) => [one.text, one.locked])) : null}
        open={separating}
        onOpenChange={setSeparating}
        onSwap={(swap) => {
          edits.swap(swap.question, swap.sum);
        }}
      />
      {keeper.levels.length > 1 && (
        <nav aria-label="Levels of this sheet" className="mb-2 flex rounded-md border-2 border-ink">
          {keeper.levels.map((one) => (
            <Link
              key={one.id}
              to={`/prepare?sheet=${one.id}`}
              aria-current={one.id === keeper.id ? 'page' : undefined}
              className="min-h-9 flex-1 border-l-2 border-ink py-1 text-center capitalize first:border-l-0 hover:bg-wash aria-[current]:bg-ink aria-[current]:font-bold aria-[current]:text-paper"
            >
              {one.level ?? one.title}
            </Link>
          ))}
        </nav>
      )}
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
        {table !== null && (
          <p className="mt-1 flex flex-wrap items-center gap-x-4">
            <span>
              With the timetable <strong>{table.title === '' ? 'without a name' : table.title}</strong>
            </span>
            {ofTable.length > 0 && (
              <Link to={tableAt(1)} className="underline underline-offset-4" aria-label="Timetable on the board">
                {called.onTheBoard}
              </Link>
            )}
            <button
              type="button"
              className="min-h-8 underline underline-offset-4 hover:text-ink"
              onClick={edits.takeTableOff}
            >
              Remove it
            </button>
          </p>
        )}
        {count > 1 && (
          <div className="mt-1 flex flex-wrap items-center gap-x-4 text-soft">
            {draft.settings.level !== null && keeper.levels.length < 2 && <span>{draft.settings.level} level</span>}
            <button
              type="button"
              className="inline-flex min-h-8 items-center gap-1.5 underline underline-offset-4 hover:text-ink"
              aria-disabled={open.length === 0 || edits.busy}
              onClick={() => {
                edits.renew(open);
              }}
            >
              <RefreshCw size={15} aria-hidden="true" /> New numbers{open.length < count ? ' for the open ones' : ''}
            </button>
            {sums.length > 0 && (
              <button
                type="button"
                className="inline-flex min-h-8 items-center gap-1.5 underline underline-offset-4 hover:text-ink"
                onClick={() => {
                  setSeparating(true);
                }}
              >
                <Scale size={15} aria-hidden="true" /> Which mistakes it shows
              </button>
            )}
          </div>
        )}
        {count === 0 && !edits.stood.none && <ol className="mt-3">{edits.stood.last()}</ol>}
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
            accessibility={lifted('question', place)}
          >
            <SortableContext items={draft.questions.map((one) => one.id)} strategy={verticalListSortingStrategy}>
              <ol className="mt-3">
                {draft.questions.map((question, i) => (
                  <Fragment key={question.id}>
                    {edits.stood.before(question.id)}
                    <QuestionRow
                      question={question}
                      number={i + 1}
                      onUp={nudge(i, i - 1)}
                      onDown={nudge(i, i + 1)}
                      isCurrent={
                        current !== '' &&
                        [question.text.wording, question.text.sum, plain(question.shown)].includes(current)
                      }
                      onOpen={() => {
                        if (isOfTable(question.text)) {
                          void navigate(tableAt(ofTable.indexOf(question) + 1));
                        } else {
                          onOpen(lineOfQuestion(question.text));
                        }
                      }}
                      onRemove={() => {
                        edits.remove(question);
                      }}
                      onChange={(changed) => {
                        edits.change(question, changed);
                      }}
                      onLock={() => {
                        edits.lock(question);
                      }}
                      onRenew={() => {
                        edits.renew([question]);
                      }}
                    />
                  </Fragment>
                ))}
                {edits.stood.last()}
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
      <div role="alert" className="mb-1 w-full border-2 border-ink bg-found px-4 py-3">
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
    waiting: state.outlives
      ? 'Not sent yet: no connection. It is kept here and sent as soon as it can be.'
      : 'Not sent yet: no connection. It is sent as soon as it can be.',
    'signed-out': 'Not saved yet: your session has ended. It is saved as soon as you sign in again.',
    gone: 'This sheet has been deleted elsewhere. What you see is kept in this browser.',
  }[state.saving];
  return (
    <p role="status" className={state.saving === 'saved' || state.saving === 'saving' ? 'text-soft' : 'font-bold'}>
      {words}
      {!state.outlives && ' This browser has no room to keep it: leave this page open until it is saved.'}
    </p>
  );
}
