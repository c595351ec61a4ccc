import { Check, Ellipsis } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';
import { useDark, useFullScreen } from './room';
import { Key } from '../ui/Key';
import { menusPlace } from '../ui/menusPlace';

export interface MoreItem {
  title: string;
  /** The one key that does the same; lower case. */
  shortcut: string;
  act: () => void;
  /** For what is there or not; absent for what is simply done. */
  on?: boolean;
}

/** What is wanted less often: each with its key, so that nobody has to open the menu twice. */
export function MoreMenu({ items }: { items: readonly MoreItem[] }) {
  const [dark, setDark] = useDark();
  const [full, setFull] = useFullScreen();
  const all: MoreItem[] = [
    ...items,
    {
      title: 'Dark board',
      shortcut: 'd',
      on: dark,
      act: () => {
        setDark(!dark);
      },
    },
    {
      title: 'Full screen',
      shortcut: 'f',
      on: full,
      act: () => {
        setFull(!full);
      },
    },
  ];
  useKeys(Object.fromEntries(all.map((item) => [item.shortcut, item.act])));
  const look =
    'grid cursor-pointer grid-cols-[1.6rem_1fr_auto] items-center gap-x-3 px-4 py-2 outline-none data-[highlighted]:bg-wash';
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger asChild>
        <Button className="min-h-12" aria-label="More">
          <Ellipsis aria-hidden="true" />
        </Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal container={menusPlace()}>
        <DropdownMenu.Content
          side="top"
          align="end"
          sideOffset={8}
          className="z-30 max-h-[80dvh] overflow-y-auto border-2 border-ink bg-sheet py-2 text-xl"
        >
          {all.map((item) =>
            item.on === undefined ? (
              <DropdownMenu.Item key={item.title} className={look} onSelect={item.act}>
                <span className="col-start-2">{item.title}</span>
                <Key of={item.shortcut.toUpperCase()} className="col-start-3" />
              </DropdownMenu.Item>
            ) : (
              <DropdownMenu.CheckboxItem key={item.title} className={look} checked={item.on} onCheckedChange={item.act}>
                <DropdownMenu.ItemIndicator>
                  <Check size={20} aria-hidden="true" />
                </DropdownMenu.ItemIndicator>
                <span className="col-start-2">{item.title}</span>
                <Key of={item.shortcut.toUpperCase()} className="col-start-3" />
              </DropdownMenu.CheckboxItem>
            ),
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
