import { ToggleGroup } from 'radix-ui';

interface Props<Value extends string> {
  label: string;
  value: Value;
  options: readonly { value: Value; text: string }[];
  onChange: (value: Value) => void;
}

/** One of a few, side by side. */
export function Choice<Value extends string>({ label, value, options, onChange }: Props<Value>) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value}
      onValueChange={(next) => {
        const chosen = options.find((option) => option.value === next);
        if (chosen) {
          onChange(chosen.value);
        }
      }}
      data-own-keys
      className="inline-flex rounded-md border-2 border-ink"
    >
      {options.map((option) => (
        <ToggleGroup.Item
          key={option.value}
          value={option.value}
          className="min-h-9 border-l-2 border-ink px-3 py-1 first:border-l-0 hover:bg-wash data-[state=on]:bg-ink data-[state=on]:font-bold data-[state=on]:text-paper"
        >
          {option.text}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
