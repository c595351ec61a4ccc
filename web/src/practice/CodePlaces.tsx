import { useQuery } from '@tanstack/react-query';
import { useRef, type KeyboardEvent } from 'react';
import { askOnce } from '../api/client';

export type Places = readonly [string, string, string];

export const noCode: Places = ['', '', ''];

/** A code as it was kept, in its three places: "crab lamp 47". */
export const placesOf = (code: string): Places => {
  const [first = '', second = '', number = ''] = code
    .trim()
    .toLowerCase()
    .split(/[^a-z0-9]+/);
  return [first, second, number];
};

/** The words that begin with these letters; none before the first letter. */
export const beginning = (letters: string, words: readonly string[]): readonly string[] =>
  letters === '' ? [] : words.filter((word) => word.startsWith(letters));

/** Some letters that can only be one word are that word. */
export function completed(letters: string, words: readonly string[]): string | null {
  const [only, ...more] = beginning(letters, words);
  return only !== undefined && more.length === 0 ? only : null;
}

/** A whole code at once, pasted, dictated or typed on: "Crab-Lamp 47", "crablamp47"; null for what is none. */
export function wholeCode(typed: string, words: readonly string[]): Places | null {
  // with blanks between them they are told apart without knowing the words
  const [, one, two, three] = /^\s*([a-z]+)[^a-z0-9]+([a-z]+)[^a-z0-9]+(\d{1,2})\s*$/i.exec(typed) ?? [];
  if (one !== undefined && two !== undefined && three !== undefined) {
    return [one.toLowerCase(), two.toLowerCase(), three];
  }
  const letters = typed.toLowerCase().replace(/[^a-z0-9]/g, '');
  const [, both = '', number = ''] = /^([a-z]+)(\d{1,2})$/.exec(letters) ?? [];
  const first = words.find((word) => both.startsWith(word) && words.includes(both.slice(word.length)));
  return first === undefined ? null : [first, both.slice(first.length), number];
}

const names = ['First word', 'Second word', 'Number'] as const;

/**
 * The code on the board, in three places: two words, each of which is complete after a few letters, and a number. What
 * may still be meant can be tapped.
 */
export function CodePlaces({ value, onChange }: { value: Places; onChange: (value: Places) => void }) {
  const words =
    useQuery({
      queryKey: ['code-words'],
      queryFn: ({ signal }) => askOnce<string[]>('GET', '/api/go/words', undefined, signal),
      staleTime: Infinity,
    }).data ?? [];
  const fields = useRef<(HTMLInputElement | null)[]>([]);
  const put = (place: number, text: string, goOn: boolean) => {
    onChange(value.map((one, i) => (i === place ? text : one)) as unknown as Places);
    if (goOn) {
      fields.current[place + 1]?.focus();
    }
  };
  const type = (place: number, typed: string) => {
    const whole = wholeCode(typed, words);
    if (whole) {
      onChange(whole);
      fields.current[2]?.focus();
      return;
    }
    if (place === 2) {
      put(2, typed.replace(/\D/g, '').slice(0, 2), false);
      return;
    }
    if (words.length === 0) {
      // the words are not here yet: whatever is typed is sent as it is
      put(place, typed, false);
      return;
    }
    const letters = typed.toLowerCase().replace(/[^a-z]/g, '');
    const shorter = letters.length < (value[place] ?? '').length;
    const only = shorter ? null : completed(letters, words);
    // a blank, or a digit, after a word ends it
    put(place, only ?? letters, only !== null || (/[\s-]$/.test(typed) && words.includes(letters)));
  };
  const onKey = (place: number) => (event: KeyboardEvent) => {
    if (event.key === 'Backspace' && value[place] === '' && place > 0) {
      event.preventDefault();
      fields.current[place - 1]?.focus();
    }
  };
  const open = [0, 1].find((place) => words.length > 0 && !words.includes(value[place] ?? '') && value[place] !== '');
  const choices = open === undefined ? [] : beginning(value[open] ?? '', words).slice(0, 6);
  return (
    <div className="w-full">
      <div className="flex flex-wrap gap-3">
        {names.map((name, place) => (
          <label key={name} className="flex flex-col gap-1">
            <span className="text-lg text-soft">{name}</span>
            <input
              ref={(field) => {
                fields.current[place] = field;
              }}
              className={`rounded-lg border-3 border-ink bg-sheet px-4 py-3 text-4xl ${place === 2 ? 'w-28' : 'w-60'}`}
              value={value[place] ?? ''}
              inputMode={place === 2 ? 'numeric' : 'text'}
              autoComplete="off"
              autoCapitalize="off"
              spellCheck={false}
              autoFocus={place === 0}
              maxLength={60}
              onKeyDown={onKey(place)}
              onChange={(event) => {
                type(place, event.target.value);
              }}
            />
          </label>
        ))}
      </div>
      <div className="mt-3 flex min-h-14 flex-wrap items-center gap-2 text-2xl" aria-live="polite">
        {open !== undefined && choices.length === 0 && (
          <p>{`No word on a board begins with “${value[open] ?? ''}”. Look once more.`}</p>
        )}
        {choices.map((word) => (
          <button
            key={word}
            type="button"
            className="min-h-12 rounded-lg border-2 border-ink bg-sheet px-4"
            onClick={() => {
              put(open ?? 0, word, true);
            }}
          >
            {word}
          </button>
        ))}
      </div>
    </div>
  );
}
