import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type KeyboardEvent } from 'react';
import { Link, useParams } from 'react-router';
import { ask } from '../api/client';
import type { CellsReply, CellsRequest, PaperRequest, PileReply } from '../api/types';
import { Choice } from '../ui/Choice';
import { useNotice } from '../ui/notices';
import { useKept } from '../ui/useKept';
import { useSettled } from '../ui/useSettled';
import { useTitle } from '../ui/useTitle';
import { useWish } from '../ui/useWish';
import {
  atOnce,
  beside,
  isMarked,
  keyOf,
  median,
  nothing,
  questionsOf,
  samePaper,
  sameQuestion,
  saidAtOnce,
  step,
  type Mark,
  type Place,
} from './cells';
import { AllRight } from './AllRight';
import { Grid } from './Grid';
import type { PileKeeper, PileState } from './pileKeeper';
import { Side } from './Side';
import { ThisPile } from './ThisPile';
import { usePile } from './usePile';
import { dateWriter } from '../ui/dates';

const ways = [
  { value: 'question', text: 'by question' },
  { value: 'child', text: 'by child' },
] as const;
type Way = (typeof ways)[number]['value'];

const day = dateWriter({ weekday: 'long', day: 'numeric', month: 'long' });

/** A pile of papers, marked with as few keys as there can be. */
export function Marking() {
  const { id = '' } = useParams();
  const { keeper, state, error } = usePile(id);
  useTitle(state ? `${state.pile.title}, marking` : 'Mark');
  if (error) {
    return (
      <p className="px-6 py-5 text-lg">
        {error.message}{' '}
        <Link to="/mark" className="underline underline-offset-4">
          All piles
        </Link>
      </p>
    );
  }
  return keeper && state ? <Pile key={id} keeper={keeper} state={state} /> : null;
}

function Pile({ keeper, state }: { keeper: PileKeeper; state: PileState }) {
  const { pile, cells } = state;
  const notice = useNotice();
  const { value: kept, change } = useKept<{ way: Way }>('marking', { way: 'question' });
  const [chosen, setChosen] = useState<Place>(() => ({
    paper: pile.papers.find((one) => !one.absent)?.id ?? '',
    question: 0,
  }));
  const [typed, setTyped] = useState('');
  const [last, setLast] = useState<Place | null>(null);
  const [code, setCode] = useState('');
  /** How often the field was asked for, wherever it stands. */
  const [back, setBack] = useState(0);
  // a paper may have gone with its child
  const at = pile.papers.some((one) => one.id === chosen.paper)
    ? chosen
    : { paper: pile.papers[0]?.id ?? '', question: 0 };
  const paper = pile.papers.find((one) => one.id === at.paper);
  const question = paper && questionsOf(pile, paper)[at.question];
  const settlePaper = useMutation({
    mutationFn: ({ id, ...part }: PaperRequest & { id: string }) =>
      ask<PileReply>('PATCH', `/api/piles/${pile.id}/papers/${id}`, part),
    onSuccess: (changed) => {
      keeper.adopt(changed);
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const { wish, put: putPaper } = useWish(settlePaper.mutate);
  const go = (place: Place | null) => {
    if (place) {
      setChosen(place);
      setTyped('');
    }
  };
  const put = (mark: Mark, on = true) => {
    keeper.mark(at, mark);
    setLast(at);
    setTyped('');
    if (on) {
      go(step(pile, at, kept.way, 1));
    }
  };
  const take = () => {
    const text = typed.trim();
    const before = cells.get(keyOf(at));
    if (text === '') {
      // a tick is the commonest thing; what is marked already stays as it is
      if (isMarked(before)) {
        setLast(at);
        go(step(pile, at, kept.way, 1));
      } else {
        put({ ...nothing, sign: 'right' });
      }
    } else if (text === '-' || text === '–') {
      put({ ...nothing, sign: 'blank' });
    } else if (text === '?') {
      put({ ...nothing, sign: 'unreadable' });
    } else if (pile.byChildren) {
      put({ ...nothing, sign: /^[x✕0]$/i.test(text) ? 'wrong' : 'right' });
    } else {
      put({ ...nothing, given: text });
    }
  };
  const below = sameQuestion(pile, at);
  const along = samePaper(pile, at);
  const open = (places: readonly Place[]) => places.filter((one) => !isMarked(cells.get(keyOf(one))));
  /** What is still open of a question, or of a paper, is right; what is being typed goes in as it is. */
  const allRight = (places: readonly Place[]) => {
    const isTyped = typed.trim() !== '';
    if (isTyped) {
      take();
    }
    keeper.markAll(
      open(places).filter((one) => !(isTyped && keyOf(one) === keyOf(at))),
      { ...nothing, sign: 'right' },
    );
    setBack(back + 1);
  };
  const undo = () => {
    const place = keeper.undo();
    go(place);
  };
  /** The teacher's own word: the other of right and wrong, and back again. */
  const overrule = () => {
    const cell = cells.get(keyOf(at));
    const mark = typed.trim() === '' ? keeper.markOf(at) : { ...nothing, given: typed.trim() };
    const now = typed.trim() === '' ? cell : atOnce(at, mark, question);
    keeper.mark(at, { ...mark, over: mark.over === null ? now?.counts !== 'right' : null });
    setLast(at);
    setTyped('');
  };
  const onKey = (event: KeyboardEvent<HTMLInputElement>) => {
    const act = ((): (() => void) | undefined => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
        return typed === '' ? undo : undefined;
      }
      if ((event.ctrlKey || event.metaKey) && event.key === 'Enter') {
        return () => {
          allRight(kept.way === 'question' ? below : along);
        };
      }
      if (event.ctrlKey || event.metaKey || event.altKey) {
        return undefined;
      }
      switch (event.key) {
        case 'Enter':
          return event.shiftKey
            ? () => {
                go(step(pile, at, kept.way, -1));
              }
            : take;
        case 'ArrowDown':
          return () => {
            go(beside(pile, at, 1, 0));
          };
        case 'ArrowUp':
          return () => {
            go(beside(pile, at, -1, 0));
          };
        case 'ArrowRight':
          return typed === ''
            ? () => {
                go(beside(pile, at, 0, 1));
              }
            : undefined;
        case 'ArrowLeft':
          return typed === ''
            ? () => {
                go(beside(pile, at, 0, -1));
              }
            : undefined;
        case 'Backspace':
        case 'Delete':
          return typed === ''
            ? () => {
                put(nothing, false);
              }
            : undefined;
        case 'Escape':
          return () => {
            setTyped('');
          };
        case '!':
          return overrule;
        case '#':
          return () => {
            document.getElementById('find-copy')?.focus();
          };
        default:
          return undefined;
      }
    })();
    if (act) {
      event.preventDefault();
      act();
    }
  };
  const text = typed.trim();
  const settled = useSettled(text, 120);
  const atHand = text === '' ? null : atOnce(at, { ...nothing, given: text }, question);
  // what is none of the usual answers is judged while it is typed
  const judged = useQuery({
    queryKey: ['judge', pile.id, at, settled],
    queryFn: ({ signal }) =>
      ask<CellsReply>(
        'POST',
        `/api/piles/${pile.id}/judge`,
        { cells: [{ ...at, given: settled }] } satisfies CellsRequest,
        signal,
        true,
      ),
    enabled:
      settled !== '' &&
      settled === text &&
      !/^[-–?]$/.test(text) &&
      question !== undefined &&
      saidAtOnce(question, settled) === null,
    staleTime: Infinity,
  });
  const typing =
    atHand && question
      ? saidAtOnce(question, text)
        ? atHand
        : ((settled === text ? judged.data?.cells[0] : undefined) ?? { ...atHand, counts: null })
      : null;
  const speaker = typing ? at : last;
  const spoken = typing ?? (last ? cells.get(keyOf(last)) : undefined);
  const about =
    spoken && speaker && (typing || spoken.counts !== null)
      ? { name: pile.papers.find((one) => one.id === speaker.paper)?.name ?? '', cell: spoken }
      : null;
  // the same question, on every paper that asks it
  const same = below.flatMap((one) => cells.get(keyOf(one)) ?? []);
  const scores = pile.papers
    .filter((one) => !one.absent)
    .map((one) => questionsOf(pile, one).map((_, i) => cells.get(keyOf({ paper: one.id, question: i }))))
    .filter((own) => own.some((cell) => isMarked(cell)))
    .map((own) => own.filter((cell) => cell?.counts === 'right').length);
  const middle = median(scores);
  return (
    <div className="grid min-h-0 flex-1 lg:grid-cols-[minmax(0,1fr)_18rem] xl:grid-cols-[minmax(0,1fr)_23rem]">
      <section aria-label="Pile" className="flex min-h-0 min-w-0 flex-col px-6 pt-4">
        <div className="mb-2 flex flex-wrap items-baseline gap-x-4 gap-y-1">
          <h1 className="text-3xl font-bold [overflow-wrap:anywhere]">{pile.title}</h1>
          <span className="text-lg text-soft">
            {day.format(new Date(pile.on))}
            {pile.className === '' ? '' : ` · ${pile.className}`}
          </span>
          <Link to="/mark" className="underline underline-offset-4">
            All piles
          </Link>
          <span className="ml-auto flex items-center gap-4">
            <SaveState state={state} />
            <Choice
              label="In which order"
              value={kept.way}
              options={ways}
              onChange={(way) => {
                change({ way });
              }}
            />
          </span>
        </div>
        <Grid state={state} at={at} back={back} typed={typed} onType={setTyped} onKey={onKey} onGo={go} />
        <p className="flex flex-wrap gap-x-5 border-t-2 border-ink py-2 text-base text-soft">
          {scores.length > 0 && (
            <span className="text-ink">
              {scores.length} begun; the middle one has {middle} right
            </span>
          )}
          {[
            ['right', 'Enter'],
            pile.byChildren ? ['wrong', 'x'] : ['as written', 'type it'],
            ['blank', '-'],
            ['unreadable', '?'],
            ['I decide', '!'],
            ['the rest right', 'Ctrl Enter'],
            ['undo', 'Ctrl Z'],
            ['clear', '⌫'],
            ['find a copy', '#'],
          ].map(([what, key]) => (
            <span key={what} className="whitespace-nowrap">
              {what} <kbd className="key font-sans text-ink">{key}</kbd>
            </span>
          ))}
        </p>
      </section>
      <aside
        aria-label="What was written"
        className="min-h-0 overflow-y-auto border-ink bg-desk px-5 py-4 lg:border-l-2"
      >
        <Side
          state={state}
          question={question}
          number={at.question}
          cells={same}
          about={about}
          onTake={(given) => {
            put({ ...nothing, given });
          }}
        >
          <AllRight
            open={open(below).length}
            all={below.length}
            what={`question ${at.question + 1}`}
            shortcut={kept.way === 'question'}
            onPress={() => {
              allRight(below);
            }}
          />
        </Side>
        <section aria-label="This paper" className="mt-4 border-t-2 border-hair pt-3">
          <h2 className="text-lg font-bold">{paper?.name}</h2>
          {paper && (
            <label className="flex min-h-9 items-center gap-2">
              <input
                type="checkbox"
                className="size-5 accent-ink"
                checked={(wish?.id === paper.id ? wish.absent : undefined) ?? paper.absent}
                onChange={(event) => {
                  putPaper({ id: paper.id, absent: event.target.checked });
                }}
              />
              was not there
            </label>
          )}
          {paper && pile.parts.length > 1 && (
            <label className="flex min-h-9 items-center justify-between gap-2">
              had the level
              <select
                className="min-h-9 rounded-md border-2 border-ink bg-sheet px-1.5 font-bold"
                value={(wish?.id === paper.id ? wish.part : undefined) ?? paper.part}
                onChange={(event) => {
                  putPaper({ id: paper.id, part: Number(event.target.value) });
                }}
              >
                {pile.parts.map((part, i) => (
                  <option key={part.name} value={i}>
                    {part.name}
                  </option>
                ))}
              </select>
            </label>
          )}
          <AllRight
            open={open(along).length}
            all={along.length}
            what={paper?.name ?? ''}
            shortcut={kept.way === 'child'}
            onPress={() => {
              allRight(along);
            }}
          />
          <form
            className="mt-1 flex items-center gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              const wanted = code.trim().toUpperCase();
              const found = pile.papers.find((one) => one.code === wanted || one.name.toUpperCase() === wanted);
              if (found) {
                go({ paper: found.id, question: at.question });
                setCode('');
              } else {
                notice(`There is no paper “${code.trim()}” in this pile.`);
              }
            }}
          >
            <label htmlFor="find-copy">Find a copy or a name</label>
            <input
              id="find-copy"
              value={code}
              maxLength={40}
              autoComplete="off"
              onChange={(event) => {
                setCode(event.target.value);
              }}
              className="min-h-9 w-28 rounded-md border-2 border-ink bg-sheet px-1.5"
            />
          </form>
        </section>
        <ThisPile keeper={keeper} state={state} onUndo={undo} />
      </aside>
    </div>
  );
}

function SaveState({ state }: { state: PileState }) {
  const words = {
    saved: 'Saved',
    saving: 'Saving…',
    waiting: 'Not sent yet: no connection. It is kept here and sent as soon as it can be.',
    'signed-out': 'Not saved yet: your session has ended.',
    gone: 'This pile has been put away elsewhere.',
  }[state.saving];
  return (
    <span role="status" className={state.saving === 'saved' || state.saving === 'saving' ? 'text-soft' : 'font-bold'}>
      {words}
      {!state.outlives && ' This browser has no room to keep it: leave this page open until it is saved.'}
    </span>
  );
}
