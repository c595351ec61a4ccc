import { useState } from 'react';
import type { OfferReply } from '../api/types';
import { Marked } from '../models/Marked';
import { Model } from '../models/Model';
import type { Tried } from './keeper';

const button = 'min-h-14 rounded-lg border-2 border-ink bg-sheet px-5 text-xl font-bold hover:bg-wash';

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
      ? 'This one has to be looked at when the connection is back. Go on.'
      : ''
    : said === null
      ? ''
      : said.signal === 'look' && help < 3
        ? `Look again. ${said.say}`
        : said.signal === 'look'
          ? 'Here is how it goes. One like it comes later.'
          : said.say;
  return (
    <div
      className={`flex min-h-24 flex-wrap items-center justify-between gap-x-6 gap-y-3 border-t-2 px-5 py-3 md:px-8 ${words === '' ? 'border-transparent' : 'border-ink bg-wash'}`}
    >
      <p className="max-w-3xl flex-1 text-2xl leading-snug" role="status" data-testid="said">
        {words}
      </p>
      {(tried.open && offline) || (!tried.open && help >= 3 && looks) ? (
        <button type="button" className={button} onClick={onNext}>
          Go on
        </button>
      ) : looks && !tried.open && help >= 1 && offer.steps.length > 0 ? (
        <button
          type="button"
          className={button}
          onClick={() => {
            onHelp(help >= 2 || offer.steps.length < 3 ? 3 : 2);
          }}
        >
          {help >= 2 || offer.steps.length < 3 ? 'Show me how it goes' : 'Show me a step'}
        </button>
      ) : null}
    </div>
  );
}

/** The first step of the working, or all of it, stepped by the child. */
export function Steps({ offer, all }: { offer: OfferReply; all: boolean }) {
  const [step, setStep] = useState(0);
  const last = offer.steps.at(-1);
  const at = all ? Math.min(step, offer.steps.length - 1) : Math.min(1, offer.steps.length - 1);
  const shown = offer.steps[at];
  if (!shown || !last) {
    return null;
  }
  return (
    <div className="flex w-full flex-col gap-3" role="group" aria-label={all ? 'How it goes' : 'The first step'}>
      <div className="max-h-[44dvh] overflow-hidden">
        <Model picture={shown.picture} last={last.picture} large />
      </div>
      <p className="min-h-16 text-2xl leading-snug" aria-live="polite">
        <Marked text={shown.say} />
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
            aria-disabled={at === offer.steps.length - 1}
            onClick={() => {
              setStep(at + 1);
            }}
          >
            Next step →
          </button>
          <span className="text-lg text-soft">
            {at + 1} of {offer.steps.length}
          </span>
        </div>
      )}
    </div>
  );
}
