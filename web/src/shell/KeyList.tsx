import { Window } from '../ui/Window';
import { places } from './goKeys';
import { LetterKeys } from '../account/LetterKeys';

const keys: readonly [string, string][] = [
  ['>', 'find something of your own'],
  ['/', 'to the sum line'],
  ['Enter', 'work the sum'],
  ['Shift Enter', 'from the sum line: add the sum to the sheet'],
  ['Ctrl Enter', 'from the sum line: on the board'],
  ['S', 'add the sum to the sheet'],
  ['W', 'common mistakes with it'],
  ['B', 'on the board'],
  ['→  ←', 'next step, step back'],
  ['Home  End', 'first step, all at once'],
  ['P', 'play through'],
  ['1  2  3 …', 'another method'],
  ['Space  ↑ ↓', 'on a handle: lift it, and move the question, the part, the lesson'],
  ['T  Z', 'on a lesson: teach it, undo a change'],
  ['A  N  O  H', 'on a timetable: the answer, the next question, other questions, cover times'],
  ['?', 'this list'],
];

const boardKeys: readonly [string, string][] = [
  ['→  ←', 'next step, step back'],
  ['Home  End', 'first step, last step'],
  ['A', 'show or hide the answer'],
  ['R', 'show the next hidden thing'],
  ['H', 'hide things for the class to say'],
  ['C  L  K  S', 'clock, line, columns, five lines: there or not'],
  ['T  P  W  Y', 'table, month page, written, day'],
  ['+  −  L  *  /', 'which operation it is, when a problem asks'],
  ['J', 'our own jumps on the line'],
  ['V', 'the line upright or across'],
  ['M  1  2  3 …', 'another method'],
  ['O', 'what the clock face shows'],
  ['N', 'another like this, or the next on the list'],
  ['E  U', 'an easier one, a harder one (step up)'],
  ['Q', 'the list: what is next, what has been'],
  ['Page ↓  Page ↑', 'the next part of the lesson, the one before'],
  ['D  F', 'dark or light, full screen'],
  ['/', 'to the sum line; Shift Enter puts a sum on the list'],
  ['→  ←', 'on the clock: 1 minute; 5 with Shift, an hour with Ctrl'],
  ['?', 'this list'],
];

const activityKeys: readonly [string, string][] = [
  ['Space  →', 'what comes next: spin, roll, call, show'],
  ['Z  ←', 'undo'],
  ['O', 'new numbers'],
  ['1  2  3', 'the card into that field'],
  ['0 … 9', 'the digit into the box'],
  ['Enter', 'the watch: go, stop'],
  ['/', 'to the sum line'],
  ['?', 'this list'],
];

const lists = { '': keys, board: boardKeys, activity: activityKeys };

/** Every key that does something. */
export function KeyList({
  open,
  onOpenChange,
  at,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  /** The keys of which screen. */
  at: keyof typeof lists;
}) {
  return (
    <Window open={open} onOpenChange={onOpenChange} title="Keys" width="w-[62rem]">
      <div className="mt-3 grid gap-x-10 gap-y-4 md:grid-cols-2">
        <Keys of={lists[at]} />
        <div>
          <h3 className="font-bold">From place to place</h3>
          <Keys of={places.map((one) => [`G  ${one.key.toUpperCase()}`, one.name] as const)} />
          <div className="mt-4">
            <LetterKeys />
          </div>
        </div>
      </div>
    </Window>
  );
}

function Keys({ of }: { of: readonly (readonly [string, string])[] }) {
  return (
    <dl className="grid grid-cols-[6.5rem_1fr] content-start items-baseline gap-x-4 gap-y-1 text-lg">
      {of.map(([key, does]) => (
        <div key={key} className="contents">
          <dt>
            <kbd className="key font-sans whitespace-pre">{key}</kbd>
          </dt>
          <dd className="leading-snug">{does}</dd>
        </div>
      ))}
    </dl>
  );
}
