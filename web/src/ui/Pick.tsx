import { useId, type ReactNode } from 'react';

/** A line of settings: what it is, and the control for it. */
export function Line({ label, htmlFor, children }: { label: string; htmlFor?: string; children: ReactNode }) {
  return (
    <div className="flex min-h-11 flex-wrap items-center justify-between gap-x-3 border-b border-hair py-1">
      {htmlFor === undefined ? (
        <span className="flex-1 basis-24">{label}</span>
      ) : (
        <label htmlFor={htmlFor} className="flex-1 basis-24">
          {label}
        </label>
      )}
      {children}
    </div>
  );
}

interface PickProps<Value extends string> {
  label: string;
  value: Value;
  options: readonly { value: Value; text: string }[];
  onChange: (value: Value) => void;
}

/** One of several, in a line of settings. */
export function Pick<Value extends string>({ label, value, options, onChange }: PickProps<Value>) {
  const id = useId();
  return (
    <Line label={label} htmlFor={id}>
      <select
        id={id}
        className="min-h-9 min-w-44 max-w-full sm:max-w-[60%] rounded-md border-2 border-ink bg-sheet px-1.5 font-bold"
        value={value}
        onChange={(event) => {
          const chosen = options.find((option) => option.value === event.target.value);
          if (chosen) {
            onChange(chosen.value);
          }
        }}
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.text}
          </option>
        ))}
      </select>
    </Line>
  );
}

/** Yes or no, in a line of settings. */
export function Tick({
  label,
  value,
  onChange,
}: {
  label: string;
  value: boolean;
  onChange: (value: boolean) => void;
}) {
  const id = useId();
  return (
    <Line label={label} htmlFor={id}>
      <input
        id={id}
        type="checkbox"
        className="size-5 accent-ink"
        checked={value}
        onChange={(event) => {
          onChange(event.target.checked);
        }}
      />
    </Line>
  );
}
