import { useState } from 'react';
import type { Asked, Operation } from '../api/types';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';

const choices: readonly [Operation, string, string][] = [
  ['add', 'Adding', '+'],
  ['subtract', 'Subtracting', '-'],
  ['how-long', 'How long is it?', '?'],
];

/** A question in words: before anything is worked, the class says what is to be done. */
export function AskedFirst({ asked, onSettled }: { asked: Asked; onSettled: () => void }) {
  const [said, setSaid] = useState<Operation | null>(null);
  const right = said === asked.operation;
  useKeys({
    '+': () => {
      setSaid('add');
    },
    '-': () => {
      setSaid('subtract');
    },
    l: () => {
      setSaid('how-long');
    },
    Enter: onSettled,
    ArrowRight: onSettled,
  });
  return (
    <div className="flex min-h-0 flex-1 flex-col items-start justify-center gap-8 py-6">
      <p className="text-4xl">Are we adding or subtracting?</p>
      <div className="flex flex-wrap gap-5">
        {choices.map(([operation, title, key]) => (
          <Button
            key={operation}
            className={`min-h-20 px-8! text-3xl ${said === operation ? 'bg-ink! text-paper' : ''}`}
            aria-pressed={said === operation}
            shortcut={key === '?' ? 'L' : key}
            onClick={() => {
              setSaid(operation);
            }}
          >
            {title}
          </Button>
        ))}
      </div>
      <div className="min-h-28 text-3xl" aria-live="polite">
        {said !== null && (
          <p className={right ? 'font-bold text-good' : ''}>
            {right ? `Yes. ${asked.because}` : 'Read it once more: which words tell us?'}
          </p>
        )}
        <Button look="strong" className="mt-4 min-h-14 text-2xl" shortcut="→" onClick={onSettled}>
          {right ? 'Go on' : 'Go on all the same'}
        </Button>
      </div>
    </div>
  );
}
