import type { InputHTMLAttributes } from 'react';

interface Props extends Omit<InputHTMLAttributes<HTMLInputElement>, 'onChange'> {
  label: string;
  /** Something small below it. */
  note?: string;
  onChange: (value: string) => void;
}

/** A line to type in, with its name above it. */
export function Field({ label, note, onChange, className = '', ...input }: Props) {
  return (
    <label className={`mt-5 block text-lg ${className}`}>
      {label}
      <input
        required
        {...input}
        onChange={(event) => {
          onChange(event.target.value);
        }}
        className="mt-1 block w-full rounded-md border-2 border-ink bg-sheet px-3.5 py-2 text-xl"
      />
      {note && <span className="mt-1 block text-base text-soft">{note}</span>}
    </label>
  );
}
