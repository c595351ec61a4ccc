import { useQueryClient } from '@tanstack/react-query';
import { DropdownMenu } from 'radix-ui';
import { useNavigate } from 'react-router';
import { anotherQuery } from '../api/queries';
import { useHalves } from '../models/halves';
import { Button } from '../ui/Button';
import { newSeed } from '../ui/newId';
import { useNotice } from '../ui/notices';
import { afresh, type ChangeBoard } from './address';
import { menusPlace } from '../ui/menusPlace';

/** What the whole class does with a clock. */
export function ClassMenu({ change }: { change: ChangeBoard }) {
  const { am, pm, by24 } = useHalves();
  const client = useQueryClient();
  const navigate = useNavigate();
  const notice = useNotice();
  const putInOrder = () => {
    // four times, drawn anew each time
    client.fetchQuery(anotherQuery('order 8:25 am, 8 pm, 8:50 am, 12:40 pm', newSeed())).then(
      (other) => {
        const sum = other.alike[0];
        if (sum) {
          change(afresh(sum.sum), 'push');
        }
      },
      (failure: unknown) => {
        notice(failure instanceof Error ? failure.message : 'No connection at the moment.');
      },
    );
  };
  const places: readonly [string, string][] = [
    ['Set the hands', '/teach/clock?task=set'],
    ['Say the time', '/teach/clock?task=say'],
    ['Count in fives', '/teach/clock?task=fives'],
    [by24 ? 'The day' : `The day: ${am} or ${pm}?`, '/teach/day'],
    ['A warm-up or a game', '/activities'],
  ];
  const item = 'cursor-pointer px-4 py-2 outline-none data-[highlighted]:bg-wash';
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger asChild>
        <Button className="min-h-12">For the class…</Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal container={menusPlace()}>
        <DropdownMenu.Content
          side="top"
          sideOffset={8}
          className="z-30 border-2 border-ink bg-sheet py-2 text-xl"
          data-own-keys
        >
          {places.map(([title, to]) => (
            <DropdownMenu.Item
              key={to}
              className={item}
              onSelect={() => {
                void navigate(to);
              }}
            >
              {title}
            </DropdownMenu.Item>
          ))}
          <DropdownMenu.Item className={item} onSelect={putInOrder}>
            Put four times in order
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
