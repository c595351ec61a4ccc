import type { DayHours } from '../api/types';
import { Choice } from '../ui/Choice';
import { Line } from '../ui/Pick';

export type Either = 'any' | 'yes' | 'no';
export type Unknown = 'any' | 'end' | 'start' | 'length';

/** What is wanted of the numbers. */
export interface NumbersWanted {
  fives: Either;
  regroups: Either;
  hour: Either;
  noon: Either;
  midnight: Either;
  unknown: Unknown;
  /** Between which hours the times of day lie; what was kept before there was a choice has none. */
  day?: DayHours;
}

export const anyNumbers: NumbersWanted = {
  fives: 'any',
  regroups: 'any',
  hour: 'any',
  noon: 'any',
  midnight: 'any',
  unknown: 'any',
};

const must: readonly { value: Either; text: string }[] = [
  { value: 'any', text: 'either' },
  { value: 'yes', text: 'must' },
  { value: 'no', text: 'must not' },
];
const minutes: readonly { value: Either; text: string }[] = [
  { value: 'any', text: 'as the level' },
  { value: 'yes', text: 'fives' },
  { value: 'no', text: 'single' },
];
const unknowns: readonly { value: Unknown; text: string }[] = [
  { value: 'any', text: 'any' },
  { value: 'end', text: 'end' },
  { value: 'start', text: 'start' },
  { value: 'length', text: 'length' },
];
const days: readonly { value: DayHours; text: string }[] = [
  { value: 'school', text: 'school day' },
  { value: 'waking', text: 'waking day' },
  { value: 'whole', text: 'whole day' },
];
const rows = [
  ['fives', 'Minutes', minutes],
  ['regroups', 'Regroup', must],
  ['hour', 'Cross the hour', must],
  ['noon', 'Cross noon', must],
  ['midnight', 'Cross midnight', must],
] as const;

export const said = (choice: Either): boolean | null => (choice === 'any' ? null : choice === 'yes');

/** In a few words, for when the rows are folded away. */
export function inShort(wanted: NumbersWanted): string {
  const parts = rows.flatMap(([name, label, options]) =>
    wanted[name] === 'any'
      ? []
      : [`${label.toLowerCase()}: ${options.find((one) => one.value === wanted[name])?.text ?? ''}`],
  );
  const all = [
    ...parts,
    ...(wanted.unknown === 'any' ? [] : [`unknown: ${wanted.unknown}`]),
    ...((wanted.day ?? 'waking') === 'waking' ? [] : [`times: ${wanted.day ?? ''} day`]),
  ];
  return all.length === 0 ? 'as the level has them' : all.join(', ');
}

/** What the numbers should do, a line each. */
export function Numbers({ wanted, onChange }: { wanted: NumbersWanted; onChange: (wanted: NumbersWanted) => void }) {
  return (
    <>
      {rows.map(([name, label, options]) => (
        <Line key={name} label={label}>
          <Choice
            label={label}
            value={wanted[name]}
            options={options}
            onChange={(value) => {
              onChange({ ...wanted, [name]: value });
            }}
          />
        </Line>
      ))}
      <Line label="Unknown">
        <Choice
          label="Unknown"
          value={wanted.unknown}
          options={unknowns}
          onChange={(unknown) => {
            onChange({ ...wanted, unknown });
          }}
        />
      </Line>
      <Line label="Times of day">
        <Choice
          label="Times of day"
          value={wanted.day ?? 'waking'}
          options={days}
          onChange={(day) => {
            onChange({ ...wanted, day });
          }}
        />
      </Line>
    </>
  );
}
