/** How something is chosen or typed in the line of a sentence. */
export const field = 'min-h-10 rounded-md border-2 border-ink bg-sheet px-2 font-bold';

interface Props<Value> {
  /** For whoever does not see the sentence. */
  label: string;
  value: Value;
  onChange: (value: Value) => void;
}

/** A day, 2026-11-26. */
export function DayField({ label, value, min, onChange }: Props<string> & { min?: string }) {
  return (
    <input
      type="date"
      required
      min={min}
      aria-label={label}
      className={field}
      value={value}
      onChange={(event) => {
        onChange(event.target.value);
      }}
    />
  );
}

/** A time, 09:40. */
export function TimeField({ label, value, onChange }: Props<string>) {
  return (
    <input
      type="time"
      required
      aria-label={label}
      className={field}
      value={value}
      onChange={(event) => {
        onChange(event.target.value);
      }}
    />
  );
}

/** A whole number between two others. */
export function NumberField({ label, value, least, most, onChange }: Props<number> & { least: number; most: number }) {
  return (
    <input
      type="number"
      required
      min={least}
      max={most}
      aria-label={label}
      className={`${field} w-20`}
      value={value}
      onChange={(event) => {
        onChange(Number(event.target.value));
      }}
    />
  );
}
