import { useQueryClient } from '@tanstack/react-query';
import { signedInAgain } from '../api/client';
import { meQuery } from '../api/queries';
import type { MeReply } from '../api/types';
import { Window } from '../ui/Window';
import { SignInForm } from './SignInForm';

/** The session has ended while one was at work: the password is asked for where one is, and nothing is taken away. */
export function SignInAgain({ last }: { last: MeReply }) {
  const client = useQueryClient();
  return (
    <Window open onOpenChange={() => undefined} title="Please sign in again" closable={false}>
      <p className="mt-2 text-lg">
        You have been signed out. What you typed is still here, and is saved as soon as you are back.
      </p>
      <SignInForm
        onSignedIn={(me) => {
          if (me.id === last.id) {
            client.setQueryData(meQuery.queryKey, me);
            signedInAgain();
          } else {
            // somebody else: what is on the screen is not theirs
            window.location.assign('/');
          }
        }}
      />
    </Window>
  );
}
