import { useState } from 'react';
import type { Asked, Operation } from '../api/types';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';

interface Choice {
  operation: Operation;
  title: string;
  /** The key that says it, and how that is written where it is written otherwise. */
  key: string;
  sign?: string;
}

const choices: readonly Choice[] = [
  { operation: 'add', title: 'Adding', key: '+' },
  { operation: 'subtract', title: 'Subtracting', key: '-' },
  { operation: 'how-long', title: 'How long is it?', key: 'l', sign: 'L' },
];

const allChoices: readonly Choice[] = [
  ...choices,
  { operation: 'multiply', title: 'Multiplying', key: '*', sign: '×' },
  { operation: 'share', title: 'Sharing', key: '/', sign: '÷' },
];

/** How long something is, is found by subtracting, too: that is taken, and the other name is said. */
const yes = (asked: Asked, said: Operation): string =>
  `Yes. ${said === asked.operation ? asked.because : asked.alsoBecause}`;

/** What the class has said, by its key or by a tap. */
function useSaid(among: readonly Choice[], more: Record<string, () => void> = {}) {
  const [said, setSaid] = useState<Operation | null>(null);
  useKeys({
    ...Object.fromEntries(
      among.map(({ operation, key }) => [
        key,
        () => {
          setSaid(operation);
        },
      ]),
    ),
    ...more,
  });
  return [said, setSaid] as const;
}

function Choices({
  among,
  said,
  onSay,
  className,
}: {
  among: readonly Choice[];
  said: Operation | null;
  onSay: (operation: Operation) => void;
  className: string;
}) {
  return among.map(({ operation, title, key, sign }) => (
    <Button
      key={operation}
      className={`${className} ${said === operation ? 'underline decoration-4 underline-offset-6' : ''}`}
      aria-pressed={said === operation}
      shortcut={sign ?? key}
      onClick={() => {
        onSay(operation);
      }}
    >
      {title}
    </Button>
  ));
}

/** What the class says of a problem that is set out, before its operation is shown: it is read off the drawing. */
export function AskedHere({ asked }: { asked: Asked }) {
  const [said, setSaid] = useSaid(allChoices);
  const right = said === asked.operation || (said !== null && said === asked.also);
  return (
    <div className="wall-small min-h-[calc(var(--u)*9)] border-t-2 border-ink pt-1.5" data-testid="operation">
      <div className="flex flex-wrap items-center gap-3">
        <p className="mr-2 font-bold">Which is it?</p>
        <Choices among={allChoices} said={said} onSay={setSaid} className="min-h-12 text-[1em]" />
      </div>
      <div className="pt-1.5" aria-live="polite">
        {said !== null && (
          <p className={right ? 'font-bold text-good' : ''}>
            {right ? yes(asked, said) : 'Look at the drawing: what is known, and what is dashed?'}
          </p>
        )}
      </div>
    </div>
  );
}

/** A question in words: before anything is worked, the class says what is to be done. */
export function AskedFirst({ asked, onSettled }: { asked: Asked; onSettled: () => void }) {
  const [said, setSaid] = useSaid(choices, { Enter: onSettled, ArrowRight: onSettled });
  const right = said === asked.operation || (said !== null && said === asked.also);
  return (
    <div className="flex min-h-0 flex-1 flex-col items-start justify-center gap-8 py-6">
      <p className="text-4xl">Are we adding or subtracting?</p>
      <div className="flex flex-wrap gap-5">
        <Choices among={choices} said={said} onSay={setSaid} className="min-h-20 px-8! text-3xl" />
      </div>
      <div className="min-h-28 text-3xl" aria-live="polite">
        {said !== null && (
          <p className={right ? 'font-bold text-good' : ''}>
            {right ? yes(asked, said) : 'Read it once more: which words tell us?'}
          </p>
        )}
        <Button className="mt-4 min-h-14 text-2xl" shortcut="→" onClick={onSettled}>
          {right ? 'Go on' : 'Go on all the same'}
        </Button>
      </div>
    </div>
  );
}
