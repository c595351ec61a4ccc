import { Check } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import type { Face } from '../models/GearedClock';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';

const options: readonly [string, string][] = [
  ['fives', 'Ring of fives'],
  ['minutes', 'A mark for each minute'],
  ['arabic', 'Numbers 1 to 12'],
  ['roman', 'Roman numerals'],
  ['sector', 'The hour that has begun'],
  ['second', 'Second hand'],
  ['digital', 'Time in digits'],
  ['words', 'Time in words'],
  ['half', 'Half of the day'],
  ['snap', 'Move by fives'],
];

export const faceOf = (names: readonly string[]): Face => ({
  fives: names.includes('fives'),
  minutes: names.includes('minutes'),
  numerals: names.includes('roman') ? 'roman' : names.includes('arabic') ? 'arabic' : 'none',
  sector: names.includes('sector'),
  second: names.includes('second'),
});

/** What is shown on the clock and beside it, each to be had or left away. */
export function FaceMenu({ face, onChange }: { face: readonly string[]; onChange: (face: string[]) => void }) {
  const [open, setOpen] = useState(false);
  useKeys({
    o: () => {
      setOpen(true);
    },
  });
  const toggle = (name: string) => {
    const next = face.includes(name) ? face.filter((one) => one !== name) : [...face, name];
    // numbers are of one kind
    onChange(next.filter((one) => !(name === 'roman' && one === 'arabic') && !(name === 'arabic' && one === 'roman')));
  };
  return (
    <DropdownMenu.Root open={open} onOpenChange={setOpen} modal={false}>
      <DropdownMenu.Trigger asChild>
        <Button className="min-h-12" shortcut="O">
          Clock face
        </Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          side="top"
          sideOffset={8}
          className="z-30 border-2 border-ink bg-sheet py-2 text-xl"
          data-own-keys
        >
          {options.map(([name, title]) => (
            <DropdownMenu.CheckboxItem
              key={name}
              checked={face.includes(name)}
              onCheckedChange={() => {
                toggle(name);
              }}
              onSelect={(event) => {
                // the menu stays open: one changes several things at once
                event.preventDefault();
              }}
              className="grid cursor-pointer grid-cols-[1.6rem_1fr] items-center px-4 py-2 outline-none data-[highlighted]:bg-wash"
            >
              <DropdownMenu.ItemIndicator>
                <Check size={20} aria-hidden="true" />
              </DropdownMenu.ItemIndicator>
              <span className="col-start-2">{title}</span>
            </DropdownMenu.CheckboxItem>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
