import { useEffect, useRef, useState } from 'react';
import type { OfferReply } from '../api/types';
import { GearedClock, handsAt, plainFace } from '../models/GearedClock';
import { Marked } from '../models/Marked';
import { readOnFrom } from '../ui/focus';
import { useAnswering } from './Answering';
import { askedId, taskId } from './asked';
import { Bar, Steps, Table } from './Help';
import type { SeatKeeper, Shown, Tried } from './keeper';
import { Watch } from './Watch';
import { ReadAloud } from './readAloud';
import { clockThatShows } from '../models/whereHands';

/** A child at its tablet: one question, the keys for it, and help where it is wanted. */
export function Tablet({ keeper, shown }: { keeper: SeatKeeper; shown: Shown }) {
  const { seat, current } = shown;
  const [stays, setStays] = useState(false);
  if (seat === null) {
    return null;
  }
  if (!seat.open) {
    return <Last words={seat.lastWord === '' ? 'This practice is over. Thank you.' : seat.lastWord} keeper={keeper} />;
  }
  return (
    <div className="flex min-h-dvh flex-col">
      <header className="flex flex-wrap items-center gap-x-6 gap-y-1 bg-paper px-5 py-3 md:px-8 roomy:sticky roomy:top-0 roomy:z-10">
        <p className="text-xl font-bold">{seat.name}</p>
        {shown.done === 0 && (current === null || keeper.tried(current.id).n === 0) && (
          <button
            type="button"
            className="min-h-11 text-lg underline underline-offset-4"
            onClick={() => void keeper.leave()}
          >
            Not me
          </button>
        )}
        {typeof seat.target !== 'number' && <Beads done={shown.done} of={seat.of} />}
        {shown.offline && (
          <p className="text-lg text-soft" role="status">
            No connection. You can go on; nothing is lost.
          </p>
        )}
        <button
          type="button"
          className="ml-auto min-h-11 px-2 text-lg underline underline-offset-4"
          onClick={() => {
            setStays(false);
            void keeper.leave().then((gone) => {
              setStays(!gone);
            });
          }}
        >
          {typeof seat.target === 'number' ? 'Finish' : 'Stop'}
        </button>
        {stays && (
          <p className="basis-full text-lg" role="alert">
            Some answers are still to be sent. Stop when there is a connection again.
          </p>
        )}
      </header>
      {typeof seat.target === 'number' ? (
        <Watch key={seat.id} seat={seat.id} target={seat.target} />
      ) : current === null ? (
        shown.done >= seat.of ? (
          <Done name={seat.name} />
        ) : (
          <main className="grid flex-1 place-items-center px-6">
            <p className="late text-2xl" role="status">
              {shown.offline ? 'The next questions come when there is a connection.' : 'One moment.'}
            </p>
          </main>
        )
      ) : (
        <Question
          key={current.id}
          offer={current}
          tried={keeper.tried(current.id)}
          two={seat.two}
          offline={shown.offline}
          keeper={keeper}
        />
      )}
    </div>
  );
}

/** How far one has come: a bead for each question, never a score. */
function Beads({ done, of }: { done: number; of: number }) {
  return (
    <p
      className="flex flex-wrap gap-1.5 max-sm:order-last max-sm:basis-full"
      role="img"
      aria-label={`Question ${Math.min(done + 1, of)} of ${of}`}
    >
      {Array.from({ length: of }, (_, i) => (
        <span
          key={i}
          className={`size-4 rounded-full border-2 ${i < done ? 'border-ink bg-ink' : i === done ? 'border-ink bg-sheet' : 'border-hair'}`}
        />
      ))}
    </p>
  );
}

function Question({
  offer,
  tried,
  two,
  offline,
  keeper,
}: {
  offer: OfferReply;
  tried: Tried;
  two: readonly string[];
  offline: boolean;
  keeper: SeatKeeper;
}) {
  // with two, the other one looks at it first
  const [checking, setChecking] = useState<string | null>(null);
  const { work, keys } = useAnswering(offer, (given) => {
    if (two.length > 0) {
      setChecking(given);
    } else {
      keeper.answer(given);
    }
  });
  const right = tried.said?.signal === 'right';
  // where nothing is typed, the question itself is what one reads on from
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    if (document.activeElement?.matches('input, textarea') !== true && heading.current) {
      readOnFrom(heading.current);
    }
  }, []);
  const helping = tried.help >= 2 && (tried.said === null || tried.said.signal === 'look') && !tried.open;
  const shownAll = helping && tried.help >= 3;
  const other = two.find((name) => name !== offer.turn);
  return (
    <>
      <main
        className={`grid flex-1 gap-x-10 gap-y-6 px-5 pt-2 pb-6 max-lg:grid-rows-[auto_1fr] md:px-8 ${shownAll || offer.table ? 'content-start' : 'lg:grid-cols-[minmax(0,1fr)_minmax(0,30rem)]'}`}
      >
        <div className="flex min-w-0 flex-col gap-5">
          {offer.turn !== '' && <p className="text-xl text-soft">{offer.turn}, this one is yours.</p>}
          <h1
            ref={heading}
            id={askedId}
            className="max-w-3xl text-[clamp(1.8rem,2.2vw+2.2dvh,3.4rem)] leading-snug"
            data-testid="asked"
            data-question={offer.id}
          >
            <Marked text={offer.asked} />
          </h1>
          {offer.task !== '' && (
            <p id={taskId} className="-mt-2 text-[clamp(1.5rem,1.2vw+1.4dvh,2.1rem)]">
              {offer.task}
            </p>
          )}
          <ReadAloud text={offer.aloud} />
          {offer.clocks.length > 0 && (
            <div className="flex flex-wrap gap-8">
              {offer.clocks.map((clock, i) => (
                <figure key={i} className="w-[min(20rem,40dvh)] text-center text-2xl">
                  <GearedClock
                    hands={handsAt(clock.minutes)}
                    face={{
                      ...plainFace,
                      fives: false,
                      second: clock.seconds,
                      numerals: offer.roman ? 'roman' : 'arabic',
                    }}
                    reads={clockThatShows('?')}
                  />
                  {clock.half !== '' && <figcaption>{clock.half}</figcaption>}
                </figure>
              ))}
            </div>
          )}
          {helping && !right ? (
            <Steps key={String(shownAll)} offer={offer} all={shownAll} />
          ) : offer.table ? (
            <Table table={offer.table} />
          ) : (
            work
          )}
        </div>
        <div className={`flex justify-center max-lg:items-end ${offer.table ? 'lg:justify-start' : 'lg:justify-end'}`}>
          {right && (
            <p className="flex items-center gap-3 self-start text-3xl font-bold text-good" role="status">
              <span aria-hidden="true" className="text-4xl">
                ✓
              </span>
              <span data-testid="right">
                Right: <Marked text={offer.answer} />
              </span>
            </p>
          )}
          {checking !== null && (
            <div className="flex w-full max-w-xl flex-col gap-3 text-2xl" role="group" aria-label="Check">
              <p>
                {other}, look at it: do you agree with <b>{said(offer, checking)}</b>?
              </p>
              <button
                type="button"
                className="min-h-16 rounded-lg border-2 border-ink bg-ink px-6 font-bold text-paper"
                autoFocus
                onClick={() => {
                  setChecking(null);
                  keeper.answer(checking);
                }}
              >
                Yes
              </button>
              <button
                type="button"
                className="min-h-16 rounded-lg border-2 border-ink bg-sheet px-6 font-bold"
                onClick={() => {
                  setChecking(null);
                }}
              >
                Let us look again
              </button>
            </div>
          )}
          {/* what was typed stays, whatever is said about it */}
          <div className={right || shownAll || tried.open || checking !== null ? 'hidden' : 'contents'}>{keys}</div>
        </div>
      </main>
      <Bar
        offer={offer}
        tried={tried}
        offline={offline}
        onHelp={(level) => {
          keeper.help(level);
        }}
        onNext={() => {
          keeper.next();
        }}
      />
    </>
  );
}

/** An answer as the other child sees it. */
function said(offer: OfferReply, given: string): string {
  if (given.startsWith('hands ')) {
    return 'the hands';
  }
  const letter = offer.form.type === 'choice' ? offer.pad.choose[given.charCodeAt(0) - 97] : undefined;
  return (
    letter ??
    (offer.pad.order.length > 0
      ? given
          .split(', ')
          .map((one) => offer.pad.order[one.charCodeAt(0) - 97] ?? '')
          .join(', ')
      : given)
  );
}

function Done({ name }: { name: string }) {
  return (
    <main className="grid flex-1 place-items-center px-6 text-center">
      <div>
        <h1 className="text-4xl font-bold">All done, {name}.</h1>
        <p className="mt-3 text-2xl">Good thinking. You can look up now.</p>
      </div>
    </main>
  );
}

function Last({ words, keeper }: { words: string; keeper: SeatKeeper }) {
  return (
    <main className="grid min-h-dvh place-items-center px-6 text-center">
      <div>
        <h1 className="text-4xl leading-snug font-bold">{words}</h1>
        <button
          type="button"
          className="mt-8 min-h-12 px-3 text-xl underline underline-offset-4"
          onClick={() => void keeper.leave()}
        >
          Another code
        </button>
      </div>
    </main>
  );
}
