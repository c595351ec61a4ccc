import { Check } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import type { Face } from '../models/GearedClock';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';
import { Key } from '../ui/Key';
import { called } from '../ui/called';
import { menusPlace } from '../ui/menusPlace';

export const faceOptions: readonly [string, string][] = [
  ['fives', 'Ring of fives'],
  ['minutes', 'A mark for each minute'],
  ['arabic', 'Numbers 1 to 12'],
  ['roman', 'Roman numerals'],
  ['hour-only', 'Only the hour hand'],
  ['minute-only', 'Only the minute hand'],
  ['names', 'Names of the hands'],
  ['sector', 'Shade the current hour'],
  ['half-face', 'Shade o’clock to half past'],
  ['slice-hour', 'A slice of an hour'],
  ['slice-minute', 'A slice of a minute'],
  ['slice-second', 'A slice of a second'],
  ['second', 'Second hand'],
  ['digital', 'Time in digits'],
  ['words', 'Time in words'],
  ['half', called.amOrPm],
  ['snap', 'Move by fives'],
];

export const faceOf = (names: readonly string[]): Face => ({
  fives: names.includes('fives'),
  minutes: names.includes('minutes'),
  numerals: names.includes('roman') ? 'roman' : names.includes('arabic') ? 'arabic' : 'none',
  sector: names.includes('sector'),
  // a slice of a second is the second hand's
  second: names.includes('second') || names.includes('slice-second'),
  only: names.includes('hour-only') ? 'hour' : names.includes('minute-only') ? 'minute' : undefined,
  names: names.includes('names'),
  half: names.includes('half-face'),
  slices: (['hour', 'minute', 'second'] as const).filter((slice) => names.includes(`slice-${slice}`)),
});

/** What excludes each other on a face. */
const either: readonly (readonly [string, string])[] = [
  ['roman', 'arabic'],
  ['hour-only', 'minute-only'],
];

/** The names of what is on a face, one of them put on or taken off. */
export function withToggled(face: readonly string[], name: string): string[] {
  if (face.includes(name)) {
    return face.filter((one) => one !== name);
  }
  const others = either.flatMap((two) => (two.includes(name) ? two.filter((one) => one !== name) : []));
  return [...face.filter((one) => !others.includes(one)), name];
}

/** What is shown on the clock and beside it, each to be had or left away. */
export function FaceMenu({
  face,
  onChange,
  second,
}: {
  face: readonly string[];
  onChange: (face: string[]) => void;
  /** A second face, beside the first. */
  second: { on: boolean; toggle: () => void };
}) {
  const [open, setOpen] = useState(false);
  useKeys({
    o: () => {
      setOpen(true);
    },
  });
  const toggle = (name: string) => {
    onChange(withToggled(face, name));
  };
  return (
    <DropdownMenu.Root open={open} onOpenChange={setOpen} modal={false}>
      <DropdownMenu.Trigger asChild>
        <Button className="min-h-12" shortcut="O">
          Show…
        </Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal container={menusPlace()}>
        <DropdownMenu.Content
          side="top"
          sideOffset={8}
          className="z-30 max-h-[calc(100dvh-6rem)] overflow-y-auto border-2 border-ink bg-sheet py-2 text-xl"
          data-own-keys
        >
          <DropdownMenu.CheckboxItem
            checked={second.on}
            onCheckedChange={second.toggle}
            onSelect={(event) => {
              event.preventDefault();
            }}
            className="grid cursor-pointer grid-cols-[1.6rem_1fr_auto] items-center px-4 py-1.5 outline-none data-[highlighted]:bg-wash"
          >
            <DropdownMenu.ItemIndicator>
              <Check size={20} aria-hidden="true" />
            </DropdownMenu.ItemIndicator>
            <span className="col-start-2">A second face</span>
            <Key of="S" className="col-start-3" />
          </DropdownMenu.CheckboxItem>
          <DropdownMenu.Separator className="my-2 border-t border-hair" />
          {faceOptions.map(([name, title]) => (
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
              className="grid cursor-pointer grid-cols-[1.6rem_1fr] items-center px-4 py-1.5 outline-none data-[highlighted]:bg-wash"
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
