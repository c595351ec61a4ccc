import { useMutation, useQueryClient } from '@tanstack/react-query';
import { CircleUser } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { askOnce, Refused } from '../api/client';
import type { MeReply } from '../api/types';

/** Who is signed in, the list of keys, and the way out. */
export function AccountMenu({ me, onKeys, opened = false }: { me: MeReply; onKeys: () => void; opened?: boolean }) {
  const client = useQueryClient();
  const signOut = useMutation({
    mutationFn: () =>
      askOnce<null>('POST', '/api/sign-out').catch((failure: unknown) => {
        // who is out already need not sign in to go
        if (!(failure instanceof Refused && failure.signedOut)) {
          throw failure;
        }
        return null;
      }),
    onSuccess: () => {
      client.clear();
      window.location.assign('/');
    },
  });
  return (
    <DropdownMenu.Root modal={false} defaultOpen={opened}>
      <DropdownMenu.Trigger
        className="grid size-10 shrink-0 place-items-center rounded-md hover:bg-wash"
        aria-label={me.name}
      >
        <CircleUser aria-hidden="true" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" sideOffset={6} className="z-30 min-w-56 border-2 border-ink bg-sheet py-2">
          <DropdownMenu.Label className="px-4 pb-2">
            <span className="block font-bold">{me.name}</span>
            <span className="block text-soft">{me.school}</span>
          </DropdownMenu.Label>
          <DropdownMenu.Item
            className="cursor-pointer px-4 py-2 outline-none data-[highlighted]:bg-wash"
            onSelect={() => {
              onKeys();
            }}
          >
            Keys <kbd className="key ml-2 font-sans">?</kbd>
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className="cursor-pointer px-4 py-2 outline-none data-[highlighted]:bg-wash"
            onSelect={() => {
              signOut.mutate();
            }}
          >
            Sign out
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
