import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { ask } from '../api/client';
import { rungsQuery, styleInHand } from '../api/queries';
import type { Level, StoryReply } from '../api/types';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { useKeys } from '../ui/keys';
import { useAddress } from '../ui/useAddress';
import { useKept } from '../ui/useKept';
import { useTitle } from '../ui/useTitle';
import { useLine } from './line';
import { called } from '../ui/called';

const levels: readonly { value: Level; text: string }[] = [
  { value: 'support', text: 'Support' },
  { value: 'core', text: 'Core' },
  { value: 'stretch', text: 'Stretch' },
];

/** Problems in words: one's own, read and checked; and those there are, for the board or for a sheet. */
export function Problems() {
  useTitle('Problems');
  const line = useLine();
  const navigate = useNavigate();
  const { params, put } = useAddress();
  const rungs = (useQuery(rungsQuery).data ?? []).filter((one) => one.told);
  const rung = params.get('rung') ?? rungs[0]?.id ?? '';
  const level = levels.find((one) => one.value === params.get('level'))?.value ?? 'core';
  const seed = Number(params.get('seed') ?? 1) || 1;
  const own = useKept('own problem', { text: '' });
  const [taken, setTaken] = useState<readonly string[]>([]);
  const style = styleInHand();
  const some = useQuery({
    queryKey: ['problems', rung, level, seed, style],
    queryFn: ({ signal }) =>
      ask<StoryReply[]>(
        'GET',
        `/api/problems?${new URLSearchParams({ rung, level, seed: String(seed), ...(style ? { style: JSON.stringify(style) } : {}) }).toString()}`,
        undefined,
        signal,
      ),
    enabled: rung !== '',
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
  const others = () => {
    put({ seed: seed + 1 });
    setTaken([]);
  };
  useKeys({ o: others });
  const read = () => {
    if (own.value.text.trim() !== '') {
      line.open(own.value.text.replace(/\s*\n\s*/g, ' ').trim());
    }
  };
  return (
    <section aria-label="Problems" className="mx-auto w-full max-w-5xl min-w-0 flex-1 px-6 py-4">
      <h1 className="text-2xl font-bold">Problems in words</h1>
      <form
        className="mt-3"
        onSubmit={(event) => {
          event.preventDefault();
          read();
        }}
      >
        <label className="text-lg font-bold" htmlFor="own-problem">
          One of your own
        </label>
        <textarea
          id="own-problem"
          rows={3}
          maxLength={1200}
          value={own.value.text}
          placeholder="The Pintail leaves Ombrel Quay at 9:50 a.m. and sails for 45 minutes. When is she there?"
          className="mt-1 block w-full rounded-md border-2 border-ink bg-sheet px-3.5 py-2 text-xl placeholder:text-soft"
          onChange={(event) => {
            own.change({ text: event.target.value });
          }}
        />
        <Button type="submit" look="strong" className="mt-2" aria-disabled={own.value.text.trim() === ''}>
          Read and check it
        </Button>
      </form>
      <div className="mt-8 flex flex-wrap items-center gap-x-4 gap-y-2 border-t-2 border-ink pt-4">
        <h2 className="text-xl font-bold">Or take some</h2>
        <select
          aria-label={called.skill}
          className="min-h-10 max-w-full min-w-0 rounded-md border-2 border-ink bg-sheet px-2 text-lg font-bold"
          value={rung}
          onChange={(event) => {
            put({ rung: event.target.value });
            setTaken([]);
          }}
        >
          {rungs.map((one) => (
            <option key={one.id} value={one.id}>
              {one.can}
            </option>
          ))}
        </select>
        <Choice
          label="Level"
          value={level}
          options={levels}
          onChange={(value) => {
            put({ level: value });
            setTaken([]);
          }}
        />
        <Button shortcut="O" onClick={others}>
          {called.otherQuestions}
        </Button>
      </div>
      {some.isError && <p className="mt-3 text-lg">{some.error.message}</p>}
      <ol className="mt-3 divide-y divide-hair border-y border-hair">
        {(some.data ?? []).map((one) => (
          <li key={one.line} className="flex items-start gap-4 py-2.5 max-sm:flex-col">
            <p className="min-w-0 flex-1 text-xl">{one.words}</p>
            <span className="flex shrink-0 gap-2">
              <Button
                onClick={() => {
                  line.open(one.line);
                }}
              >
                Work it
              </Button>
              <Button
                onClick={() => {
                  void navigate(`/teach?${new URLSearchParams({ sum: one.line }).toString()}`);
                }}
              >
                {called.onTheBoard}
              </Button>
              <Button
                aria-disabled={taken.includes(one.line)}
                onClick={() => {
                  if (!taken.includes(one.line)) {
                    setTaken([...taken, one.line]);
                    line.wish(one.line);
                  }
                }}
              >
                {taken.includes(one.line) ? 'Taken' : 'On a sheet'}
              </Button>
            </span>
          </li>
        ))}
      </ol>
      {taken.length > 0 && (
        <p className="mt-3 text-lg" role="status">
          {taken.length === 1 ? 'One waits' : `${taken.length} wait`} for the sheet:{' '}
          <button
            type="button"
            className="font-bold underline underline-offset-4"
            onClick={() => {
              void navigate('/prepare');
            }}
          >
            to the sheet in hand
          </button>
        </p>
      )}
    </section>
  );
}
