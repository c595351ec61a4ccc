import { useId, useState } from 'react';
import { scaledTo, totalOf, type Shares } from './shares';

const most = 60;

interface Props {
  wanted: Shares;
  /** The form that it belongs to. */
  form: string;
  onChange: (wanted: Shares) => void;
}

/** How many questions in all; the shares stay what they were when one began to type, whatever is on the way to the number. */
export function Total({ wanted, form, onChange }: Props) {
  const id = useId();
  const [typed, setTyped] = useState<{ text: string; from: Shares } | null>(null);
  return (
    <span className="flex items-center gap-2 text-lg">
      <label htmlFor={id}>Questions in all</label>
      <input
        id={id}
        form={form}
        type="number"
        min={Object.keys(wanted).length}
        max={most}
        value={typed?.text ?? totalOf(wanted)}
        onChange={(event) => {
          const from = typed?.from ?? wanted;
          const text = event.target.value;
          setTyped({ text, from });
          if (Number(text) >= 1) {
            onChange(scaledTo(from, Math.min(most, Math.floor(Number(text)))));
          }
        }}
        onBlur={() => {
          setTyped(null);
        }}
        className="min-h-10 w-18 rounded-md border-2 border-ink bg-sheet px-2 font-bold"
      />
    </span>
  );
}
