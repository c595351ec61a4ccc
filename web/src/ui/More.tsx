import { Ellipsis } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { menusPlace } from './menusPlace';

interface Item {
  text: string;
  onSelect: () => void;
  /** Whether it is on; left out for what is not switched. */
  on?: boolean;
}

const item =
  'flex min-h-11 cursor-pointer items-center gap-3 px-4 outline-none data-[disabled]:opacity-50 data-[highlighted]:bg-wash';

/** What else can be done with something, in words, behind three dots. */
export function More({ name, items }: { name: string; items: readonly Item[] }) {
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        className="grid size-11 shrink-0 place-items-center rounded-md hover:bg-wash"
        aria-label={`More: ${name}`}
      >
        <Ellipsis aria-hidden="true" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal container={menusPlace()}>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          className="z-30 min-w-48 border-2 border-ink bg-sheet py-2 text-lg"
        >
          {items.map(({ text, onSelect, on }) =>
            on === undefined ? (
              <DropdownMenu.Item key={text} className={item} onSelect={onSelect}>
                {text}
              </DropdownMenu.Item>
            ) : (
              <DropdownMenu.CheckboxItem key={text} className={item} checked={on} onCheckedChange={onSelect}>
                {text}
                <DropdownMenu.ItemIndicator aria-hidden="true">✓</DropdownMenu.ItemIndicator>
              </DropdownMenu.CheckboxItem>
            ),
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
