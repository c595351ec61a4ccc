import { useEffect, useState } from 'react';
import { Button } from '../../ui/Button';
import { useKeys } from '../../ui/keys';
import { useKept } from '../../ui/useKept';
import { strike } from './bell';
import { Marks } from './Tally';
import { called } from '../../ui/called';

/** Something is done as often as can be in the time: a stroke at the beginning and one at the end; each says how often it was. */
export function HowOften({ target }: { target: number }) {
  const [end, setEnd] = useState<number | null>(null);
  const { value, change, forget } = useKept<{ counts: readonly number[] }>(`how often ${target}`, { counts: [] });
  const [typed, setTyped] = useState('');
  useEffect(() => {
    if (end === null) {
      return;
    }
    const timer = setInterval(() => {
      if (Date.now() >= end) {
        setEnd(null);
        strike(1, 1);
      }
    }, 50);
    return () => {
      clearInterval(timer);
    };
  }, [end]);
  const press = () => {
    if (end !== null) {
      setEnd(null);
      return;
    }
    strike(1, 1);
    setEnd(Date.now() + 1000 * target);
  };
  useKeys({ ' ': press, Enter: press });
  const often = [...new Set(value.counts)].sort((a, b) => a - b);
  return (
    <div className="mt-3 grid flex-1 gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)]">
      <div className="flex flex-col items-center gap-4 text-center">
        <p className="wall-note">How often in {target} seconds? A bell is heard at the beginning and at the end.</p>
        <button
          type="button"
          className={`grid size-64 place-items-center rounded-full border-4 border-ink text-5xl font-bold ${end === null ? 'bg-sheet hover:bg-wash' : 'bg-ink text-paper'}`}
          onClick={press}
        >
          {end === null ? 'Go' : 'Break off'}
        </button>
        <p className="min-h-10 text-[calc(var(--u)*2.4)]" aria-live="assertive">
          {end === null ? '' : 'Count along.'}
        </p>
      </div>
      <section aria-label="How often it was">
        <form
          className="flex flex-wrap items-center gap-3 wall-small"
          onSubmit={(event) => {
            event.preventDefault();
            const count = Number(typed);
            if (/^\d{1,3}$/.test(typed.trim())) {
              change((now) => ({ counts: [...now.counts, count] }));
              setTyped('');
            }
          }}
        >
          <label>
            How often was it?{' '}
            <input
              inputMode="numeric"
              className="min-h-12 w-24 rounded-md border-2 border-ink bg-sheet px-3 wall-note font-bold"
              value={typed}
              onChange={(event) => {
                setTyped(event.target.value);
              }}
            />
          </label>
          <Button type="submit">Add</Button>
        </form>
        {typed.trim() !== '' && !/^\d{1,3}$/.test(typed.trim()) && (
          <p className="mt-1 wall-small text-wrong">A whole number, like 24.</p>
        )}
        {often.length > 0 && (
          <>
            <table className="mt-4 wall-small">
              <thead>
                <tr className="text-left">
                  <th className="pr-8">How often</th>
                  <th>Children</th>
                </tr>
              </thead>
              <tbody>
                {often.map((count) => (
                  <tr key={count} className="border-t border-hair">
                    <td className="pr-8 tabular-nums">{count}</td>
                    <td>
                      <span className="inline-block w-40 align-middle">
                        <Marks count={value.counts.filter((one) => one === count).length} />
                      </span>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
            <span className="mt-3 flex gap-4">
              <Button
                look="quiet"
                onClick={() => {
                  change((now) => ({ counts: now.counts.slice(0, -1) }));
                }}
              >
                {called.undo}
              </Button>
              <Button look="quiet" onClick={forget}>
                Begin again
              </Button>
            </span>
          </>
        )}
      </section>
    </div>
  );
}
