import { useState } from 'react';
import type { Cell, OfferReply, TableReply } from '../api/types';
import { Marked } from '../models/Marked';
import { Model } from '../models/Model';
import { Timetable } from '../models/Timetable';
import type { Tried } from './keeper';
import { ReadAloud } from './readAloud';

const button = 'min-h-14 rounded-lg border-2 border-ink bg-sheet px-5 text-xl font-bold hover:bg-wash';

/** So many steps its working has, drawn or read from a table. */
const stepsOf = (offer: OfferReply): number => Math.max(offer.steps.length, offer.reading.length);

/** The timetable, with what is looked at. */
export function Table({
  table,
  lit = [],
  used = [],
}: {
  table: TableReply;
  lit?: readonly Cell[];
  used?: readonly Cell[];
}) {
  return (
    <Timetable
      table={table}
      lit={lit}
      used={used}
      covered={new Set()}
      covering={false}
      onCover={() => {
        // nothing is covered here
      }}
    />
  );
}

/** What is said about the last answer, and what more there is to help. */
export function Bar({
  offer,
  tried,
  offline,
  onHelp,
  onNext,
}: {
  offer: OfferReply;
  tried: Tried;
  offline: boolean;
  onHelp: (level: number) => void;
  onNext: () => void;
}) {
  const { said, help } = tried;
  const looks = said?.signal === 'look';
  const words = tried.open
    ? offline
      ? 'This one has to be looked at when the connection is back. Go on with the next.'
      : ''
    : said === null
      ? help >= 3
        ? stepsOf(offer) > 0
          ? 'Here is how it goes. One like it comes later.'
          : 'Go on with the next. One like it comes later.'
        : help >= 2
          ? 'Here is the first step. How does it go on?'
          : ''
      : said.signal === 'look' && help < 3
        ? `Look again. ${said.say}`
        : said.signal === 'look'
          ? 'Here is how it goes. One like it comes later.'
          : said.say;
  const more = stepsOf(offer) < 3 || help >= 2;
  return (
    <div
      className={`flex min-h-24 flex-wrap items-center justify-between gap-x-6 gap-y-3 border-t-2 px-5 py-3 md:px-8 ${words === '' ? 'border-transparent' : 'border-ink bg-wash'}`}
    >
      <div className="max-w-3xl flex-1">
        <p className="text-2xl leading-snug" role="status" data-testid="said">
          {words}
        </p>
        <ReadAloud text={words === '' || said === null || help >= 3 ? words : said.aloud} what="this" />
      </div>
      {said?.signal === 'right' ? (
        // the sign stands for as long as the child wants
        <button key="right" type="button" className={button} autoFocus onClick={onNext}>
          Next question
        </button>
      ) : (tried.open && offline) || (!tried.open && help >= 3 && (looks || said === null)) ? (
        <button type="button" className={button} onClick={onNext}>
          Next question
        </button>
      ) : !tried.open && ((looks && help >= 1 && stepsOf(offer) > 0) || (said === null && help >= 2)) ? (
        <button
          type="button"
          className={button}
          onClick={() => {
            onHelp(more ? 3 : 2);
          }}
        >
          {more ? 'Show me how it goes' : 'Show me a step'}
        </button>
      ) : !tried.open && said === null ? (
        // from the start: who does not know is helped, and has not guessed
        <button
          type="button"
          className="min-h-14 px-2 text-xl underline underline-offset-4 hover:decoration-2"
          onClick={() => {
            onHelp(more ? 3 : 2);
          }}
        >
          I do not know yet
        </button>
      ) : null}
    </div>
  );
}

/** The first step of the working, or all of it, stepped by the child. */
export function Steps({ offer, all }: { offer: OfferReply; all: boolean }) {
  const [step, setStep] = useState(0);
  const count = stepsOf(offer);
  const at = all ? Math.min(step, count - 1) : Math.min(offer.table ? 0 : 1, count - 1);
  const last = offer.steps.at(-1);
  const drawn = offer.steps[at];
  const read = offer.reading[at];
  const say = drawn?.say ?? read?.say;
  if (say === undefined) {
    return null;
  }
  return (
    <div className="flex w-full flex-col gap-3" role="group" aria-label={all ? 'How it goes' : 'The first step'}>
      {drawn && last && (
        <div className="max-h-[40dvh] overflow-hidden">
          <Model picture={drawn.picture} last={last.picture} large />
        </div>
      )}
      {read && offer.table && <Table table={offer.table} lit={read.lit} used={read.used} />}
      <ReadAloud text={offer.stepsAloud[at] ?? ''} what="this step" />
      <p className="min-h-16 text-2xl leading-snug" aria-live="polite">
        <Marked text={say} />
      </p>
      {all && (
        <div className="flex items-center gap-3">
          <button
            type="button"
            className={`${button} aria-disabled:opacity-40`}
            aria-disabled={at === 0}
            onClick={() => {
              setStep(Math.max(0, at - 1));
            }}
          >
            ← Step back
          </button>
          <button
            type="button"
            className={`${button} aria-disabled:opacity-40`}
            aria-disabled={at === count - 1}
            onClick={() => {
              setStep(at + 1);
            }}
          >
            Next step →
          </button>
          <span className="text-lg text-soft">
            <span className="sr-only">Step </span>
            {at + 1} of {count}
          </span>
        </div>
      )}
    </div>
  );
}
