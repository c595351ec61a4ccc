import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Check, ChevronDown } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { Link, useNavigate } from 'react-router';
import { takeInHand } from '../api/classInHand';
import { ask } from '../api/client';
import { classesQuery } from '../api/queries';
import type { ClassReply } from '../api/types';
import { useNotice } from '../ui/notices';
import { useClasses } from './useClasses';
import { menusPlace } from '../ui/menusPlace';

/** The class in hand, and the way to take up another. */
export function ClassPicker({ opened = false }: { opened?: boolean }) {
  const { classes, inHand } = useClasses();
  const client = useQueryClient();
  const navigate = useNavigate();
  const notice = useNotice();
  const show = (id: string) => {
    takeInHand(id);
    client.setQueryData(classesQuery.queryKey, (now) => now?.map((one) => ({ ...one, inHand: one.id === id })));
  };
  const take = useMutation({
    mutationFn: (id: string) => ask<ClassReply>('PUT', `/api/classes/${id}/in-hand`),
    onMutate: show,
    onError: (failure) => {
      notice(failure.message);
      void client.invalidateQueries(classesQuery);
    },
  });
  if (inHand === null) {
    return (
      <Link to="/classes?new" className="ml-3 text-lg underline underline-offset-4">
        Write down a class
      </Link>
    );
  }
  const item =
    'grid cursor-pointer grid-cols-[1.6rem_1fr] items-center px-4 py-2 text-lg outline-none data-[highlighted]:bg-wash';
  return (
    <DropdownMenu.Root modal={false} defaultOpen={opened}>
      <DropdownMenu.Trigger
        className="inline-flex min-h-10 max-w-52 items-center gap-1 rounded-md px-2 text-lg hover:bg-wash"
        aria-label={`Class in hand: ${inHand.name}`}
      >
        <span className="truncate">{inHand.name}</span>
        <ChevronDown size={18} aria-hidden="true" className="shrink-0" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal container={menusPlace()}>
        <DropdownMenu.Content align="start" sideOffset={6} className="z-30 border-2 border-ink bg-sheet py-2">
          <DropdownMenu.RadioGroup
            value={inHand.id}
            onValueChange={(id) => {
              take.mutate(id);
            }}
          >
            {classes.map((one) => (
              <DropdownMenu.RadioItem key={one.id} value={one.id} className={item}>
                <DropdownMenu.ItemIndicator>
                  <Check size={18} aria-hidden="true" />
                </DropdownMenu.ItemIndicator>
                <span className="col-start-2">{one.name}</span>
              </DropdownMenu.RadioItem>
            ))}
          </DropdownMenu.RadioGroup>
          <DropdownMenu.Separator className="my-2 border-t border-hair" />
          <DropdownMenu.Item
            className={item}
            onSelect={() => {
              void navigate(`/classes?open=${inHand.id}`);
            }}
          >
            <span className="col-start-2">Class settings</span>
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
