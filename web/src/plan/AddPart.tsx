import type { PartKind, PartText } from '../api/types';

const kinds: readonly { value: PartKind; text: string }[] = [
  { value: 'warm-up', text: 'Warm-up' },
  { value: 'look-back', text: 'Look back' },
  { value: 'explain', text: 'Explain' },
  { value: 'together', text: 'Together' },
  { value: 'on-your-own', text: 'On your own' },
  { value: 'activity', text: 'Activity' },
  { value: 'ticket', text: 'Exit ticket' },
  { value: 'tidy-up', text: 'Tidy up' },
];

/** One more part for a lesson; what it needs is put in. */
export function AddPart({
  taken,
  rung,
  onAdd,
}: {
  /** Ids of the parts that are there. */
  taken: readonly string[];
  rung: string;
  onAdd: (part: PartText) => void;
}) {
  return (
    <label className="mt-1 ml-16 inline-flex items-center gap-2 max-sm:ml-0">
      <span className="sr-only">Add a part</span>
      <select
        className="min-h-9 rounded-md border-2 border-hair bg-paper px-2 text-soft hover:border-ink"
        value=""
        onChange={(event) => {
          const kind = kinds.find((one) => one.value === event.target.value)?.value;
          if (kind) {
            let n = 1;
            while (taken.includes(`${kind}-${n}`)) {
              n += 1;
            }
            onAdd({
              id: `${kind}-${n}`,
              kind,
              rung,
              minutes: null,
              activity: null,
              group: null,
              options: {},
              level: 'core',
              seed: n,
              // two places for sums, which are drawn for it
              sums:
                kind === 'explain' || kind === 'together'
                  ? ['1 h + 1 h', '2 h + 1 h']
                  : kind === 'look-back'
                    ? ['1 h + 1 h']
                    : [],
              questions: kind === 'on-your-own' ? 8 : kind === 'ticket' ? 3 : 0,
              why: '',
              note: '',
              done: '',
              says: {},
            });
          }
        }}
      >
        <option value="">Add a part…</option>
        {kinds.map((one) => (
          <option key={one.value} value={one.value}>
            {one.text}
          </option>
        ))}
      </select>
    </label>
  );
}
