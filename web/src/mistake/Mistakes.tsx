import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../api/client';
import { mistakesQuery, withStyle } from '../api/queries';
import type { AnswerReply, ChosenReply, Verdict } from '../api/types';
import { Button } from '../ui/Button';
import { useNotice } from '../ui/notices';
import { newSeed } from '../ui/newId';

const verdicts: Record<Verdict, string> = {
  right: 'Right.',
  'other-form': 'Right, but not in the usual form.',
  incomplete: 'Right as far as it goes: a unit, or the half of the day, is missing.',
  wrong: 'Not right.',
  blank: 'Nothing is written.',
  unreadable: 'This cannot be read as an answer. Type it as it was written: 6 h 85, 5:75 pm.',
};

interface Props {
  sum: string;
  /** Puts sums on the sheet. */
  onAdd: (sums: readonly string[]) => Promise<void>;
}

/** What might go wrong with a sum: the likely wrong answers with their reasons, and a place to read a child's answer. */
export function Mistakes({ sum, onAdd }: Props) {
  const likely = useQuery(mistakesQuery(sum)).data?.likely ?? null;
  const notice = useNotice();
  const [written, setWritten] = useState('');
  const read = useMutation({
    mutationFn: (given: string) => ask<AnswerReply>('POST', '/api/mistakes/answer', withStyle({ sum, given })),
  });
  const choose = useMutation({
    mutationFn: async () => {
      const chosen = await ask<ChosenReply>('POST', '/api/mistakes/choose', {
        sum,
        count: 4,
        seed: newSeed(),
      });
      await onAdd(chosen.sums);
      return chosen;
    },
    onSuccess: (chosen) => {
      notice(
        chosen.sums.length === 0
          ? 'There are no other sums quite like this one.'
          : `${chosen.sums.length} sums are on the sheet. They tell ${chosen.separates} of ${chosen.separable} pairs of mistakes apart.`,
      );
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const told = read.data;
  return (
    <div className="grid w-full gap-x-8 gap-y-4 self-start pt-1 md:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
      <section aria-label="Likely wrong answers">
        {likely === null ? null : likely.length === 0 ? (
          <p className="text-xl">No usual mistake shows in this sum.</p>
        ) : (
          <table className="w-full text-lg">
            <thead className="sr-only">
              <tr>
                <th>answer</th>
                <th>what may have led to it</th>
              </tr>
            </thead>
            <tbody>
              {likely.map((one) => (
                <tr key={one.mistake} className="border-b border-hair align-baseline">
                  <th
                    scope="row"
                    className={`py-1.5 pr-5 text-left text-xl font-bold ${one.answer.length < 16 ? 'whitespace-nowrap' : ''}`}
                  >
                    {one.answer}
                  </th>
                  <td className="py-1.5">{one.may}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {likely !== null && likely.length > 0 && (
          <Button
            className="mt-4"
            aria-disabled={choose.isPending}
            onClick={() => {
              if (!choose.isPending) {
                choose.mutate();
              }
            }}
          >
            Add four questions that show which
          </Button>
        )}
      </section>
      <section aria-label="A child’s answer">
        <form
          onSubmit={(event) => {
            event.preventDefault();
            read.mutate(written);
          }}
        >
          <label htmlFor="child-answer" className="block text-xl font-bold">
            What did the child write?
          </label>
          <span className="mt-1.5 flex gap-2">
            <input
              id="child-answer"
              value={written}
              onChange={(event) => {
                setWritten(event.target.value);
                read.reset();
              }}
              maxLength={200}
              autoComplete="off"
              spellCheck={false}
              className="min-w-0 flex-1 rounded-md border-2 border-ink bg-sheet px-3 py-1.5 text-xl"
            />
            <Button type="submit">What went wrong?</Button>
          </span>
        </form>
        <div className="mt-3 text-lg" aria-live="polite" data-testid="reading">
          {read.isError && <p>{read.error.message}</p>}
          {told && (
            <>
              <p className="font-bold">
                {verdicts[told.verdict]}
                {told.verdict === 'wrong' && told.expected !== null && (
                  <span className="font-normal"> It is {told.expected}.</span>
                )}
              </p>
              {told.fits.map((fit) => (
                <p key={fit.mistake} className="mt-2">
                  The child {fit.may}. <span className="text-soft">{fit.look}</span>
                </p>
              ))}
              {told.slip && <p className="mt-2">Only a little off, and no usual mistake leads to it: may be a slip.</p>}
              {told.verdict === 'wrong' && told.fits.length === 0 && !told.slip && (
                <p className="mt-2">No usual mistake leads to this answer. Ask the child how it was found.</p>
              )}
            </>
          )}
        </div>
        <p className="mt-4 text-soft">A hint for a conversation with the child, not an assessment of the child.</p>
      </section>
    </div>
  );
}
