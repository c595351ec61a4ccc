import { Delete } from 'lucide-react';
import { useState } from 'react';
import type { Pad } from '../../api/types';
import { withKey, withoutLast } from '../words';
import { describedBy } from '../asked';
import { Typed } from '../Typed';
import { Ready } from './Ready';

interface Props {
  pad: Pad;
  /** What stands there at first: filled in elsewhere, in columns. */
  filled?: string | undefined;
  onAnswer: (given: string) => void;
}

const key =
  'grid min-h-14 place-items-center rounded-lg border-2 border-ink bg-sheet px-2 text-2xl font-bold hover:bg-wash active:bg-wash sm:min-h-[clamp(3.5rem,6dvh,5rem)] lg:min-h-[clamp(3.5rem,10dvh,6.5rem)] sm:text-[clamp(1.5rem,3.6dvh,2.2rem)]';

/** How what is typed is written, in the field and over it. */
const line = 'px-4 py-3 text-4xl leading-tight font-bold whitespace-pre-wrap [overflow-wrap:anywhere]';

/** An answer is typed: on the pad that has the signs of time on it, or on a keyboard. */
export function PadAnswer({ pad, filled, onAnswer }: Props) {
  const [own, setText] = useState<string | null>(null);
  const text = own ?? filled ?? '';
  const ready = () => {
    if (text.trim() !== '') {
      onAnswer(text.trim());
    }
  };
  const many = pad.keys.length > 6;
  return (
    <form
      className="flex w-full max-w-xl flex-col gap-2.5"
      onSubmit={(event) => {
        event.preventDefault();
        ready();
      }}
    >
      <label className="relative block rounded-lg border-3 border-ink bg-sheet focus-within:outline-3 focus-within:outline-offset-2">
        <span className="sr-only">Your answer</span>
        {/* what is seen; it is as high as what was typed needs, so that a long answer is never cut */}
        <span className={`block min-h-16 [&_*]:whitespace-pre-wrap ${line}`} aria-hidden="true">
          <Typed text={text} />
          {'\u200b'}
        </span>
        <textarea
          rows={1}
          className={`absolute inset-0 size-full resize-none overflow-hidden bg-transparent text-transparent caret-ink outline-none ${line}`}
          value={text}
          // the pad is below: the tablet's own keys would cover the question
          inputMode="none"
          autoComplete="off"
          autoCapitalize="off"
          spellCheck={false}
          maxLength={120}
          autoFocus
          aria-describedby={describedBy}
          onKeyDown={(event) => {
            if (event.key === 'Enter') {
              event.preventDefault();
              ready();
            }
          }}
          onChange={(event) => {
            setText(event.target.value.replace(/\s*\n\s*/g, ' '));
          }}
        />
      </label>
      <div
        className={many && !pad.digits ? 'grid grid-cols-4 gap-2 max-[24rem]:grid-cols-3' : 'grid grid-cols-4 gap-2.5'}
        role="group"
        aria-label="Keys"
      >
        {pad.digits &&
          ['7', '8', '9', '⌫', '4', '5', '6', '', '1', '2', '3', '', '0'].map((digit, i) =>
            digit === '' ? null : digit === '⌫' ? (
              <Back
                key={i}
                tall
                onClick={() => {
                  setText(withoutLast(text));
                }}
              />
            ) : (
              <button
                key={i}
                type="button"
                className={key}
                onClick={() => {
                  setText(withKey(text, digit));
                }}
              >
                {digit}
              </button>
            ),
          )}
        {pad.keys.map((sign) => (
          <button
            key={sign}
            type="button"
            className={`${key} ${sign === 'h' ? 'text-hour' : sign === 'min' ? 'text-minute' : ''} ${many ? 'min-h-12 px-0.5 text-[clamp(0.85rem,3.4vw,1.125rem)]' : ''}`}
            onClick={() => {
              setText(withKey(text, sign));
            }}
          >
            {sign === ',' ? 'then' : sign}
          </button>
        ))}
        {!pad.digits && (
          <Back
            onClick={() => {
              setText(withoutLast(text));
            }}
          />
        )}
      </div>
      <Ready onClick={ready} off={text.trim() === ''} />
    </form>
  );
}

function Back({ onClick, tall = false }: { onClick: () => void; tall?: boolean }) {
  return (
    <button type="button" className={`${key} ${tall ? 'row-span-3' : ''}`} aria-label="Rub out" onClick={onClick}>
      <Delete size={30} aria-hidden="true" />
    </button>
  );
}
