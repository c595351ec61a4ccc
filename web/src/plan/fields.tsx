/** How something is chosen or typed in the line of a sentence. */
export const field = 'min-h-10 rounded-md border-2 border-ink bg-sheet px-2 font-bold';

interface Props<Value> {
  /** For whoever does not see the sentence. */
  label: string;
  value: Value;
  onChange: (value: Value) => void;
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
