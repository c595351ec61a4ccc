import { ToggleGroup } from 'radix-ui';

interface Props<Value extends string> {
  label: string;
  value: Value;
  options: readonly { value: Value; text: string }[];
  onChange: (value: Value) => void;
  /** For a child's finger. */
  large?: boolean;
}

/** One of a few, side by side. */
export function Choice<Value extends string>({ label, value, options, onChange, large = false }: Props<Value>) {
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
      className="inline-flex flex-wrap rounded-md border-2 border-ink"
    >
      {options.map((option) => (
        <ToggleGroup.Item
          key={option.value}
          value={option.value}
          className={`-mt-0.5 -ml-0.5 grow border-t-2 border-l-2 border-ink hover:bg-wash data-[state=on]:bg-ink data-[state=on]:font-bold data-[state=on]:text-paper ${large ? 'min-h-14 px-4 py-2 text-xl' : 'min-h-9 px-3 py-1'}`}
        >
          {option.text}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
