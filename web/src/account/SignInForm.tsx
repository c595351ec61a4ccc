import { useMutation } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { ask, Refused } from '../api/client';
import type { MeReply } from '../api/types';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';

/** Address and password, and a code where there is a second step; calls back with who has signed in. */
export function SignInForm({ onSignedIn }: { onSignedIn: (me: MeReply) => void }) {
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  const [code, setCode] = useState('');
  const [wantsCode, setWantsCode] = useState(false);
  const codeField = useRef<HTMLDivElement>(null);
  const signIn = useMutation({
    mutationFn: () => ask<MeReply>('POST', '/api/sign-in', { email, password, ...(wantsCode ? { code } : {}) }),
    onSuccess: onSignedIn,
    onError: (failure) => {
      if (failure instanceof Refused && failure.problem.code === 'second-step') {
        setWantsCode(true);
      }
    },
  });
  useEffect(() => {
    if (wantsCode) {
      codeField.current?.querySelector('input')?.focus();
    }
  }, [wantsCode]);
  const said = signIn.error instanceof Refused && signIn.error.problem.code === 'second-step' ? null : signIn.error;
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        signIn.mutate();
      }}
    >
      {wantsCode ? (
        <div ref={codeField}>
          <Field
            label="Code from your app"
            note="Or one of your recovery codes."
            autoComplete="one-time-code"
            inputMode="numeric"
            maxLength={40}
            value={code}
            onChange={setCode}
          />
        </div>
      ) : (
        <>
          <Field label="E-mail address" type="email" autoComplete="username" value={email} onChange={setEmail} />
          <Field
            label="Password"
            type="password"
            autoComplete="current-password"
            value={password}
            onChange={setPassword}
          />
        </>
      )}
      <p role="alert" className="mt-3 min-h-7 font-bold text-wrong">
        {said?.message}
      </p>
      <Button look="strong" type="submit" className="mt-2 px-6 text-lg" disabled={signIn.isPending}>
        Sign in
      </Button>
      {wantsCode && (
        <Button
          look="quiet"
          className="ml-3"
          onClick={() => {
            setWantsCode(false);
            setCode('');
            signIn.reset();
          }}
        >
          Back
        </Button>
      )}
    </form>
  );
}
