import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../api/client';
import type { MeReply } from '../api/types';
import { Button } from '../ui/Button';

/** Address and password; calls back with who has signed in. */
export function SignInForm({ onSignedIn }: { onSignedIn: (me: MeReply) => void }) {
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  const signIn = useMutation({
    mutationFn: () => ask<MeReply>('POST', '/api/sign-in', { email: email.trim().toLowerCase(), password }),
    onSuccess: onSignedIn,
  });
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        signIn.mutate();
      }}
    >
      <Field label="E-mail address" type="email" autoComplete="username" value={email} onChange={setEmail} />
      <Field label="Password" type="password" autoComplete="current-password" value={password} onChange={setPassword} />
      <p role="alert" className="mt-3 min-h-7 font-bold text-wrong">
        {signIn.error?.message}
      </p>
      <Button look="strong" type="submit" className="mt-2 px-6 text-lg" disabled={signIn.isPending}>
        Sign in
      </Button>
    </form>
  );
}

function Field({
  label,
  onChange,
  ...input
}: {
  label: string;
  type: 'email' | 'password';
  autoComplete: string;
  value: string;
  onChange: (value: string) => void;
}) {
  return (
    <label className="mt-5 block text-lg">
      {label}
      <input
        {...input}
        required
        onChange={(event) => {
          onChange(event.target.value);
        }}
        className="mt-1 block w-full rounded-md border-2 border-ink bg-sheet px-3.5 py-2 text-xl"
      />
    </label>
  );
}
