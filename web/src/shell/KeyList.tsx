import { Window } from '../ui/Window';
import { places } from './goKeys';
import { LetterKeys } from '../account/LetterKeys';

/** Keys of one place under their name; '' for the screen itself. A key to a line. */
type Group = readonly [string, readonly (readonly [string, string])[]];

const keys: readonly Group[] = [
  [
    'Everywhere',
    [
      ['/', 'to the sum line'],
      ['>', 'in the sum line: find something of your own'],
      ['?', 'this list'],
      ['Ctrl P', 'print the sheet, the lesson, the activity'],
    ],
  ],
  [
    'From the sum line',
    [
      ['Enter', 'work the sum'],
      ['Shift Enter', 'add it to the sheet'],
      ['Ctrl Enter', 'on the board'],
    ],
  ],
  [
    'With a sum',
    [
      ['→', 'next step'],
      ['←', 'step back'],
      ['Home', 'first step'],
      ['End', 'all at once'],
      ['P', 'play through'],
      ['1 … 9', 'another method'],
      ['S', 'add it to the sheet'],
      ['W', 'common mistakes with it'],
      ['B', 'on the board'],
    ],
  ],
  [
    'On a handle',
    [
      ['Space', 'lift what it moves, and put it down'],
      ['↑', 'up'],
      ['↓', 'down'],
    ],
  ],
  [
    'On a lesson',
    [
      ['T', 'teach it'],
      ['Z', 'undo a change'],
    ],
  ],
  [
    'On a timetable',
    [
      ['A', 'the answer'],
      ['N', 'the next question'],
      ['O', 'other questions'],
      ['H', 'cover times'],
    ],
  ],
];

const boardKeys: readonly Group[] = [
  [
    'On the board',
    [
      ['→', 'next step'],
      ['←', 'step back'],
      ['Home', 'first step'],
      ['End', 'last step'],
      ['A', 'show or hide the answer'],
      ['R', 'show the next hidden thing'],
      ['H', 'hide things for the class to say'],
      ['N', 'another like this, or the next on the list'],
      ['E', 'an easier one'],
      ['U', 'a harder one (step up)'],
      ['Q', 'the list: what is next, what has been'],
      ['Page ↓', 'the next part of the lesson'],
      ['Page ↑', 'the part before'],
      ['D', 'dark or light'],
      ['F', 'full screen'],
      ['/', 'to the sum line; Shift Enter there puts a sum on the list'],
      ['?', 'this list'],
    ],
  ],
  [
    'There or not',
    [
      ['C', 'clock'],
      ['L', 'line'],
      ['K', 'columns'],
      ['S', 'five lines'],
      ['T', 'table'],
      ['P', 'month page'],
      ['W', 'written'],
      ['Y', 'day'],
    ],
  ],
  [
    'How it is worked',
    [
      ['M', 'the methods'],
      ['1 … 9', 'another method'],
      ['J', 'our own jumps on the line'],
      ['V', 'the line upright or across'],
      ['O', 'what the clock face shows'],
    ],
  ],
  [
    'When a problem asks which operation it is',
    [
      ['+', 'add'],
      ['−', 'take away'],
      ['L', 'how long'],
      ['*', 'times'],
      ['/', 'divide'],
    ],
  ],
  [
    'On the open clock',
    [
      ['→', '1 minute on; 5 with Shift, an hour with Ctrl'],
      ['←', '1 minute back; 5 with Shift, an hour with Ctrl'],
    ],
  ],
];

const activityKeys: readonly Group[] = [
  [
    'In an activity',
    [
      ['Space', 'what comes next: spin, roll, call, show'],
      ['→', 'the same'],
      ['Z', 'undo'],
      ['←', 'the same'],
      ['O', 'new numbers'],
      ['1 2 3', 'the card into that field'],
      ['0 … 9', 'the digit into the box'],
      ['Enter', 'the watch: go, stop'],
      ['/', 'to the sum line'],
      ['?', 'this list'],
    ],
  ],
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
      <div className="mt-3 gap-x-10 md:columns-2">
        {lists[at].map(([name, all]) => (
          <Keys key={name} name={name} of={all} />
        ))}
        <Keys name="From place to place" of={places.map((one) => [`G ${one.key.toUpperCase()}`, one.name] as const)} />
        <LetterKeys />
      </div>
    </Window>
  );
}

function Keys({ name, of }: { name: string; of: readonly (readonly [string, string])[] }) {
  return (
    <section className="mb-3 break-inside-avoid">
      <h3 className="font-bold">{name}</h3>
      <dl className="grid grid-cols-[6.5rem_1fr] content-start items-baseline gap-x-4 gap-y-0.5">
        {of.map(([key, does]) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="key font-sans whitespace-pre">{key}</kbd>
            </dt>
            <dd className="leading-snug">{does}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
