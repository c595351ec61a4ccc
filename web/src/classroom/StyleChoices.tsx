import { useQuery } from '@tanstack/react-query';
import { ask } from '../api/client';
import type { HalfSigns, PastWord, Separator, Style, WorkedSum } from '../api/types';
import { Marked } from '../models/Marked';
import { Pick } from '../ui/Pick';
import { called } from '../ui/called';

const clocks = [
  { value: 'no', text: '12-hour clock' },
  { value: 'yes', text: '24-hour clock' },
] as const;
const halves: readonly { value: HalfSigns; text: string }[] = [
  { value: 'a.m.', text: 'a.m. and p.m.' },
  { value: 'am', text: 'am and pm' },
  { value: 'AM', text: 'AM and PM' },
];
const separators: readonly { value: Separator; text: string }[] = [
  { value: ':', text: '1:50' },
  { value: '.', text: '1.50' },
];
const twelves = [
  { value: 'yes', text: '12 noon, 12 midnight' },
  { value: 'no', text: '12:00 with its half' },
] as const;
const noughts = [
  { value: 'yes', text: '09:20' },
  { value: 'no', text: '9:20' },
] as const;
const pasts: readonly { value: PastWord; text: string }[] = [
  { value: 'past', text: 'twenty past three' },
  { value: 'after', text: 'twenty after three' },
];
const dates = [
  { value: 'no', text: '12 March 2027' },
  { value: 'yes', text: 'March 12, 2027' },
] as const;
const firsts = [
  { value: 'no', text: 'hours first' },
  { value: 'yes', text: 'minutes first' },
] as const;
const regroupings = [
  { value: 'no', text: 'take 60 away, carry 1' },
  { value: 'yes', text: 'turn 105 min into 1 h 45' },
  { value: 'totals', text: 'total both, then take 60 off' },
] as const;
const minuteWays = [
  { value: 'no', text: 'count fives: 5, 10, 15' },
  { value: 'yes', text: 'five times it: 5 × 8 = 40' },
] as const;
const said = (yes: boolean) => (yes ? 'yes' : 'no');

/** What the example shows: an hour before ten, minutes that pass 60, and the other half of the day. */
const example = '9:20 am + 5 h 45 min';

/** How a class writes and says times, with an example that follows the choice. */
export function StyleChoices({ style, onChange }: { style: Style; onChange: (style: Style) => void }) {
  const worked = useQuery({
    queryKey: ['work', example, style],
    queryFn: ({ signal }) => ask<WorkedSum>('POST', '/api/work', { sum: example, style }, signal),
    staleTime: Infinity,
    placeholderData: (before) => before,
  }).data;
  const change = (part: Partial<Style>) => {
    onChange({ ...style, ...part });
  };
  return (
    <fieldset>
      <legend className="text-lg font-bold">How the class writes</legend>
      <p className="min-h-9 text-xl" aria-live="polite">
        {worked?.answer && (
          <>
            <Marked text={worked.shown} /> = <Marked text={worked.answer.shown} />
          </>
        )}
      </p>
      <Pick
        label="Clock"
        value={said(style.always24)}
        options={clocks}
        onChange={(value) => {
          change({ always24: value === 'yes' });
        }}
      />
      {style.always24 ? (
        <Pick
          label="Hours before ten"
          value={said(style.leadingNought)}
          options={noughts}
          onChange={(value) => {
            change({ leadingNought: value === 'yes' });
          }}
        />
      ) : (
        <>
          <Pick
            label={called.amOrPm}
            value={style.halves}
            options={halves}
            onChange={(value) => {
              change({ halves: value });
            }}
          />
          <Pick
            label="Hours and minutes"
            value={style.separator}
            options={separators}
            onChange={(value) => {
              change({ separator: value });
            }}
          />
          <Pick
            label="Noon and midnight"
            value={said(style.nameTwelve)}
            options={twelves}
            onChange={(value) => {
              change({ nameTwelve: value === 'yes' });
            }}
          />
        </>
      )}
      <Pick
        label="Spoken as"
        value={style.past}
        options={pasts}
        onChange={(value) => {
          change({ past: value });
        }}
      />
      <Pick
        label="Dates"
        value={said(style.monthFirst)}
        options={dates}
        onChange={(value) => {
          change({ monthFirst: value === 'yes' });
        }}
      />
      <Pick
        label="Adding in parts"
        value={said(style.minutesFirst)}
        options={firsts}
        onChange={(value) => {
          change({ minutesFirst: value === 'yes' });
        }}
      />
      <Pick
        label="Regrouping in columns"
        value={style.totalsFirst ? 'totals' : said(style.converts)}
        options={regroupings}
        onChange={(value) => {
          change({ converts: value === 'yes', totalsFirst: value === 'totals' });
        }}
      />
      <Pick
        label="Minutes from a numeral"
        value={said(style.timesFive)}
        options={minuteWays}
        onChange={(value) => {
          change({ timesFive: value === 'yes' });
        }}
      />
    </fieldset>
  );
}
