import { Check } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';
import type { BoardAddress, ChangeBoard } from './address';
import { hideable, hiding, showingAll } from './covering';
import { menusPlace } from '../ui/menusPlace';

/** What the class is to predict: kinds of thing to hide, or anything at all by tapping it. */
export function CoverMenu({
  board,
  change,
  covering,
  onCovering,
}: {
  board: BoardAddress;
  change: ChangeBoard;
  covering: boolean;
  onCovering: (covering: boolean) => void;
}) {
  const [open, setOpen] = useState(false);
  useKeys({
    h: () => {
      setOpen(true);
    },
  });
  const item =
    'grid cursor-pointer grid-cols-[1.6rem_1fr] items-center px-4 py-2 outline-none data-[highlighted]:bg-wash';
  return (
    <DropdownMenu.Root open={open} onOpenChange={setOpen} modal={false}>
      <DropdownMenu.Trigger asChild>
        <Button className="min-h-12" shortcut="H">
          Hide…
        </Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal container={menusPlace()}>
        <DropdownMenu.Content side="top" sideOffset={8} className="z-30 border-2 border-ink bg-sheet py-2 text-xl">
          {hideable.map(([part, title]) => (
            <DropdownMenu.CheckboxItem
              key={part}
              className={item}
              checked={board.hide.includes(part) && !board.shown.includes(part)}
              onSelect={(event) => {
                event.preventDefault();
              }}
              onCheckedChange={(hidden) => {
                change(
                  hidden
                    ? (now) => ({ ...hiding(part)(now), shown: [] })
                    : ({ hide, shown }) => ({ hide: hide.filter((one) => one !== part), shown }),
                );
              }}
            >
              <DropdownMenu.ItemIndicator>
                <Check size={20} aria-hidden="true" />
              </DropdownMenu.ItemIndicator>
              <span className="col-start-2">{title}</span>
            </DropdownMenu.CheckboxItem>
          ))}
          <DropdownMenu.Separator className="my-2 border-t border-hair" />
          <DropdownMenu.CheckboxItem className={item} checked={covering} onCheckedChange={onCovering}>
            <DropdownMenu.ItemIndicator>
              <Check size={20} aria-hidden="true" />
            </DropdownMenu.ItemIndicator>
            <span className="col-start-2">Tap a thing to hide it</span>
          </DropdownMenu.CheckboxItem>
          <DropdownMenu.Item
            className={item}
            onSelect={() => {
              change(showingAll);
            }}
          >
            <span className="col-start-2">Show everything</span>
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
