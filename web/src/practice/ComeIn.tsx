import { useState } from 'react';
import { askOnce, Refused } from '../api/client';
import type { ComeInReply, ComeInRequest, FindPracticeRequest, SeatReply } from '../api/types';
import { keep, kept } from '../ui/browserStore';
import { CodePlaces, placesOf } from './CodePlaces';
import { pictures } from './pictures';

const CODE = 'rostik.code';

const big = 'min-h-16 rounded-lg border-2 border-ink bg-sheet px-5 text-2xl font-bold hover:bg-wash';
const strong =
  'min-h-16 rounded-lg border-2 border-ink bg-ink px-8 text-2xl font-bold text-paper aria-disabled:opacity-45';

/** A child comes in: the code on the board, its own name, its pictures where they are wanted. */
export function ComeIn({ onSeat }: { onSeat: (reply: SeatReply) => void }) {
  // whoever tapped another name need not type it again
  const [places, setPlaces] = useState(() => placesOf(kept(CODE) ?? ''));
  const code = places.join(' ').trim();
  const [found, setFound] = useState<ComeInReply | null>(null);
  const [names, setNames] = useState<readonly string[]>([]);
  const [two, setTwo] = useState(false);
  // three of the first, and then three of the second
  const [sign, setSign] = useState<readonly number[]>([]);
  const [says, setSays] = useState('');
  const [busy, setBusy] = useState(false);
  const attempt = (act: () => Promise<void>) => {
    if (busy) {
      return;
    }
    setBusy(true);
    setSays('');
    act()
      .catch((failure: unknown) => {
        setSays(
          failure instanceof Refused && !failure.offline
            ? failure.message
            : 'No connection at the moment. Try once more.',
        );
        setSign([]);
      })
      .finally(() => {
        setBusy(false);
      });
  };
  const sitDown = (child: string, partner: string | null, its: readonly number[]) => {
    attempt(async () => {
      onSeat(
        await askOnce<SeatReply>('POST', '/api/go/in', {
          code,
          child,
          partner,
          sign: its.slice(0, 3),
          partnerSign: its.slice(3),
        } satisfies ComeInRequest),
      );
    });
  };
  const back = () => {
    setSays('');
    setSign([]);
    if (names.length > 0) {
      setNames([]);
    } else {
      setFound(null);
    }
  };
  const [child, partner] = names;
  const tapped = sign.length === 3 && partner === undefined ? 3 : sign.length % 3;
  const complete = child !== undefined && (!two || partner !== undefined);
  return (
    <main className="mx-auto flex min-h-dvh w-full max-w-4xl flex-col justify-center gap-6 px-6 py-8">
      {found === null ? (
        <form
          className="flex flex-col items-start gap-4"
          onSubmit={(event) => {
            event.preventDefault();
            attempt(async () => {
              setFound(await askOnce<ComeInReply>('POST', '/api/go/class', { code } satisfies FindPracticeRequest));
              keep(CODE, code);
            });
          }}
        >
          <h1 className="text-3xl font-bold">What does the board say?</h1>
          <CodePlaces value={places} onChange={setPlaces} />
          <button type="submit" className={strong} aria-disabled={busy || code === ''}>
            Go
          </button>
        </form>
      ) : !complete ? (
        <>
          <div className="flex flex-wrap items-baseline justify-between gap-4">
            <h1 className="text-3xl font-bold">
              {two ? (child === undefined ? 'Tap the first of you.' : 'And the second of you.') : 'Who are you?'}
            </h1>
            <p className="text-xl text-soft">{found.name}</p>
          </div>
          <ul className="grid grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-2.5">
            {found.children.map((one) => (
              <li key={one.id}>
                <button
                  type="button"
                  className={`${big} w-full aria-disabled:opacity-40`}
                  aria-disabled={names.includes(one.id)}
                  onClick={() => {
                    if (names.includes(one.id)) {
                      return;
                    }
                    const now = [...names, one.id];
                    setNames(now);
                    if (!found.signs && now.length === (two ? 2 : 1)) {
                      sitDown(now[0] ?? '', now[1] ?? null, []);
                    }
                  }}
                >
                  {one.name}
                </button>
              </li>
            ))}
          </ul>
          <div className="flex flex-wrap gap-4">
            <label className="inline-flex min-h-12 items-center gap-3 text-xl">
              <input
                type="checkbox"
                className="size-6 accent-ink"
                checked={two}
                onChange={(event) => {
                  setTwo(event.target.checked);
                  setNames([]);
                }}
              />
              Working in a pair
            </label>
            <button type="button" className="min-h-12 px-2 text-xl underline underline-offset-4" onClick={back}>
              Another code
            </button>
          </div>
        </>
      ) : (
        <>
          <h1 className="text-3xl font-bold">
            {found.children.find((one) => one.id === (sign.length < 3 ? child : partner))?.name}, tap your three
            pictures.
          </h1>
          <ul className="grid max-w-2xl grid-cols-4 gap-2.5">
            {pictures.slice(0, found.pictures).map(({ name, icon: Icon }, i) => (
              <li key={name}>
                <button
                  type="button"
                  className={`${big} grid w-full place-items-center py-4`}
                  aria-label={name}
                  onClick={() => {
                    const now = [...sign, i];
                    setSign(now);
                    if (now.length === (partner === undefined ? 3 : 6)) {
                      sitDown(child, partner ?? null, now);
                    }
                  }}
                >
                  <Icon size={44} aria-hidden="true" />
                </button>
              </li>
            ))}
          </ul>
          <p className="text-2xl" aria-live="polite">
            {'● '.repeat(tapped)}
            {'○ '.repeat(3 - tapped)}
            <span className="sr-only">{tapped} of 3</span>
          </p>
          <button
            type="button"
            className="min-h-12 self-start px-2 text-xl underline underline-offset-4"
            onClick={back}
          >
            Not me
          </button>
        </>
      )}
      <p className="min-h-8 text-2xl" role="alert">
        {says}
      </p>
    </main>
  );
}
