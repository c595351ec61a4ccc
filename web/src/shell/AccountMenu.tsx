import { useMutation, useQueryClient } from '@tanstack/react-query';
import { CircleUser } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { askOnce, Refused } from '../api/client';
import type { MeReply } from '../api/types';
import { Button } from '../ui/Button';
import { forgetAll, hasUnsent } from '../ui/browserStore';
import { Window } from '../ui/Window';
import { menusPlace } from '../ui/menusPlace';

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
      forgetAll();
      client.clear();
      window.location.assign('/');
    },
  });
  const navigate = useNavigate();
  const [unsent, setUnsent] = useState(false);
  const item = 'cursor-pointer px-4 py-2 outline-none data-[highlighted]:bg-wash';
  return (
    <>
      <DropdownMenu.Root modal={false} defaultOpen={opened}>
        <DropdownMenu.Trigger
          className="grid size-10 shrink-0 place-items-center rounded-md hover:bg-wash"
          aria-label={me.name}
        >
          <CircleUser aria-hidden="true" />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal container={menusPlace()}>
          <DropdownMenu.Content align="end" sideOffset={6} className="z-30 min-w-56 border-2 border-ink bg-sheet py-2">
            <DropdownMenu.Label className="px-4 pb-2">
              <span className="block font-bold">{me.name}</span>
              <span className="block text-soft">{me.school}</span>
            </DropdownMenu.Label>
            <DropdownMenu.Item className={item} onSelect={() => void navigate('/account')}>
              Your account
            </DropdownMenu.Item>
            <DropdownMenu.Item className={item} onSelect={() => void navigate('/deleted')}>
              Deleted
            </DropdownMenu.Item>
            {me.administrator && (
              <DropdownMenu.Item className={item} onSelect={() => void navigate('/school')}>
                The school
              </DropdownMenu.Item>
            )}
            <DropdownMenu.Item
              className={item}
              onSelect={() => {
                onKeys();
              }}
            >
              Keys <kbd className="key ml-2 font-sans">?</kbd>
            </DropdownMenu.Item>
            <DropdownMenu.Item
              className={item}
              onSelect={() => {
                if (hasUnsent()) {
                  setUnsent(true);
                } else {
                  signOut.mutate();
                }
              }}
            >
              Sign out
            </DropdownMenu.Item>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <Window open={unsent} onOpenChange={setUnsent} title="Not everything is saved yet">
        <p className="mt-2 text-lg">
          Some changes are only in this browser: there was no connection. Signing out takes them away from here.
        </p>
        <div className="mt-5 flex flex-wrap gap-3">
          <Button
            look="strong"
            onClick={() => {
              setUnsent(false);
            }}
          >
            Stay
          </Button>
          <Button
            onClick={() => {
              signOut.mutate();
            }}
          >
            Sign out and lose them
          </Button>
        </div>
      </Window>
    </>
  );
}
