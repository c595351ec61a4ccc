import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../api/client';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';

/** Asks for a link to a new password. The same is said whether or not there is such an account. */
export function Forgotten({ onBack }: { onBack: () => void }) {
  const [email, setEmail] = useState('');
  const send = useMutation({ mutationFn: () => ask<null>('POST', '/api/links/forgotten', { email }) });
  return (
    <>
      <h1 className="text-2xl font-bold">A new password</h1>
      {send.isSuccess ? (
        <p role="status" className="mt-4 text-lg leading-relaxed">
          If there is an account with that address, a link is on its way: by mail, or through the administrator of your
          school, who can also give you one.
        </p>
      ) : (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            send.mutate();
          }}
        >
          <Field label="E-mail address" type="email" autoComplete="username" value={email} onChange={setEmail} />
          <p role="alert" className="mt-3 min-h-7 font-bold text-wrong">
            {send.error?.message}
          </p>
          <Button look="strong" type="submit" className="mt-2 px-6 text-lg" disabled={send.isPending}>
            Ask for a link
          </Button>
        </form>
      )}
      <Button look="quiet" className="mt-4 -ml-2 font-normal" onClick={onBack}>
        Back to signing in
      </Button>
    </>
  );
}
