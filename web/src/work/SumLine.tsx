import { Fragment, Suspense, useEffect, useEffectEvent, useRef, useState } from 'react';
import { Refused } from '../api/client';
import type { Misread } from '../api/types';
import { useKeys } from '../ui/keys';
import { part } from '../ui/part';
import { isOneProblem } from '../models/told';
import type { Finder } from './Found';
import { Key } from '../ui/Key';
import { called } from '../ui/called';

// fetched with the first > that is typed
const Found = part(() => import('./Found').then((it) => it.Found));

/** What begins with > is looked for among what one has, and is no sum. */
export const isSearch = (text: string): boolean => text.trimStart().startsWith('>');

interface Props {
  /** What stands in the line. */
  text: string;
  onType: (text: string) => void;
  /** Enter: on to the working. */
  onEnter: () => void;
  /** Several lines were pasted: a list of sums. */
  onList: (list: string) => void;
  /** Shift and Enter: on to the sheet. */
  onAdd: () => void;
  /** To the board, by Ctrl and Enter or by its button; absent where the board is what one looks at. */
  onBoard?: (() => void) | undefined;
  problem: Error | null;
}

/** The sum line: one field in which any sum can be typed. What is wrong with it is said under it, kindly, after a pause. */
export function SumLine({ text, onType, onEnter, onList, onAdd, onBoard, problem }: Props) {
  const field = useRef<HTMLTextAreaElement>(null);
  const finder = useRef<Finder>(null);
  const [chosen, setChosen] = useState('');
  useKeys({
    '/': () => {
      field.current?.focus();
      field.current?.select();
    },
    '>': () => {
      field.current?.focus();
      onType('>');
    },
  });
  const [patient, setPatient] = useState(true);
  const settle = useEffectEvent(() => {
    setPatient(false);
  });
  useEffect(() => {
    const timer = setTimeout(() => {
      settle();
    }, 700);
    return () => {
      clearTimeout(timer);
    };
  }, [text]);
  // what was understood of a problem in words stands on the screen itself
  const shown =
    !isSearch(text) && problem instanceof Refused && !problem.problem.told && !patient && text.trim() !== ''
      ? problem
      : null;
  const example = shown?.problem.example ?? null;
  const at = shown?.problem.at ?? null;
  const searching = isSearch(text);
  const letters = Array.from(text);
  // words, or all from there on
  const misread = shown?.problem.misread ?? [];
  const marked =
    misread.length > 0 ? misread : at === null ? [] : [{ from: at, until: Math.max(letters.length, at + 1) }];
  return (
    <div className="relative min-h-11 min-w-0 flex-1 md:max-w-[34rem]">
      <label className="sr-only" htmlFor="sum-line">
        Sum line: type a sum
      </label>
      {/* a problem in words takes as many lines as it has, over what is below, while one types in it */}
      <textarea
        id="sum-line"
        ref={field}
        rows={1}
        value={text}
        onChange={(event) => {
          setPatient(true);
          onType(event.target.value.replace(/\s*\n\s*/g, ' '));
        }}
        onKeyDown={(event) => {
          if (searching && finder.current?.onKey(event.key)) {
            event.preventDefault();
          } else if (event.key === 'Enter') {
            event.preventDefault();
            setPatient(false);
            if (searching) {
              return;
            }
            if ((event.ctrlKey || event.metaKey) && onBoard) {
              field.current?.blur();
              onBoard();
            } else if (event.shiftKey) {
              onAdd();
            } else {
              field.current?.blur();
              onEnter();
            }
          } else if (event.key === 'Escape') {
            field.current?.blur();
          }
        }}
        onPaste={(event) => {
          const pasted = event.clipboardData.getData('text/plain').trim();
          if (isOneProblem(pasted)) {
            event.preventDefault();
            onType(pasted.replace(/\s*\n\s*/g, ' '));
          } else if (pasted.includes('\n')) {
            event.preventDefault();
            onList(pasted);
          }
        }}
        placeholder="type a sum or a problem"
        autoComplete="off"
        autoCapitalize="off"
        spellCheck={false}
        maxLength={1200}
        aria-autocomplete={searching ? 'list' : undefined}
        aria-controls={searching ? 'found' : undefined}
        aria-activedescendant={searching && chosen !== '' ? chosen : undefined}
        aria-invalid={shown !== null}
        aria-describedby={shown ? 'sum-problem' : undefined}
        className={`absolute top-0 right-0 left-0 z-10 block h-11 resize-none overflow-hidden rounded-md border-2 border-ink bg-sheet py-1.5 pl-3.5 ${onBoard && text.trim() !== '' && !searching ? 'pr-34' : 'pr-12'} text-xl leading-7 whitespace-nowrap placeholder:text-soft focus:h-auto focus:max-h-72 focus:min-h-11 focus:overflow-y-auto focus:whitespace-pre-wrap focus:[field-sizing:content]`}
      />
      {onBoard && text.trim() !== '' && !searching ? (
        <button
          type="button"
          className="absolute top-0.5 right-0.5 z-10 h-10 rounded-md bg-sheet px-2.5 font-bold underline underline-offset-4 hover:bg-wash"
          title="Ctrl Enter"
          onClick={onBoard}
        >
          {called.onTheBoard}
        </button>
      ) : (
        <Key of="/" className="pointer-events-none absolute top-2.5 right-3 z-10 bg-sheet outline-8 outline-sheet" />
      )}
      {searching && (
        <Suspense fallback={null}>
          <Found
            ref={finder}
            text={text.replace(/^\s*>\s*/, '')}
            onChosen={setChosen}
            onDone={() => {
              onType('');
              field.current?.blur();
            }}
          />
        </Suspense>
      )}
      {shown && (
        <div
          id="sum-problem"
          role="status"
          className="absolute top-full right-0 left-0 z-20 mt-1 border-2 border-ink bg-sheet px-4 py-3"
        >
          {at !== null && !shown.offline && (
            <p className="font-mono text-base whitespace-pre-wrap [overflow-wrap:anywhere]" aria-hidden="true">
              <NotUnderstood letters={letters} marked={marked} />
            </p>
          )}
          <p>{shown.problem.detail}</p>
          {example !== null && (
            <p className="mt-1">
              <span className="text-soft">This works: </span>
              <button
                type="button"
                className="rounded font-bold underline underline-offset-4"
                onClick={() => {
                  onType(example);
                  field.current?.focus();
                }}
              >
                {example}
              </button>
            </p>
          )}
        </div>
      )}
    </div>
  );
}

/** So many letters before the first that was not understood are shown with it, and after the last. */
const AROUND = 24;

/** What was typed, with all in it that was not understood. */
function NotUnderstood({ letters, marked }: { letters: readonly string[]; marked: readonly Misread[] }) {
  const first = Math.max(0, (marked[0]?.from ?? 0) - AROUND);
  const last = marked.at(-1)?.until ?? 0;
  return (
    <>
      {first > 0 && '… '}
      {marked.map(({ from, until }, i) => (
        <Fragment key={from}>
          {letters.slice(marked[i - 1]?.until ?? first, from).join('')}
          <span className="bg-found underline decoration-2">{letters.slice(from, until).join('') || ' ? '}</span>
        </Fragment>
      ))}
      {letters.slice(last, last + AROUND).join('')}
      {letters.length > last + AROUND && ' …'}
    </>
  );
}
