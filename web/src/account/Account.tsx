import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../api/client';
import { meQuery } from '../api/queries';
import type { AccountReply, PasswordRequest } from '../api/types';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { LetterKeys } from './LetterKeys';
import { useNotice } from '../ui/notices';
import { Section } from '../ui/Section';
import { useTitle } from '../ui/useTitle';
import { Data } from './Data';
import { SecondStep } from './SecondStep';
import { browserName, whenUsed } from './signedIn';
import { accountQuery } from './queries';
import { called } from '../ui/called';

/** A teacher's own account. */
export function Account() {
  useTitle('Your account');
  const account = useQuery(accountQuery);
  return (
    <div className="mx-auto w-full max-w-3xl px-6 py-8">
      <h1 className="border-b-2 border-ink pb-3 text-3xl font-bold">Your account</h1>
      {account.isError && <p className="mt-6 text-lg">{account.error.message}</p>}
      {account.data && (
        <>
          <Profile key={account.data.name} account={account.data} />
          <Password />
          <SecondStep account={account.data} />
          <SignedIn account={account.data} />
          <Section title="Keys">
            <LetterKeys />
          </Section>
          <Data />
        </>
      )}
    </div>
  );
}

function Profile({ account }: { account: AccountReply }) {
  const client = useQueryClient();
  const notice = useNotice();
  const [name, setName] = useState(account.name);
  const save = useMutation({
    mutationFn: () => ask<AccountReply>('PUT', '/api/account', { name }),
    onSuccess: (saved) => {
      client.setQueryData(accountQuery.queryKey, saved);
      void client.invalidateQueries(meQuery);
      notice('Your name is saved.');
    },
  });
  return (
    <Section title="Who you are">
      <p className="[overflow-wrap:anywhere] mt-2 text-lg">
        {account.email}, {account.school}
        {account.administrator && ', administrator'}
      </p>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate();
        }}
      >
        <Field
          label="Name"
          note={save.error?.message ?? 'Children never see it.'}
          className="max-w-md flex-1"
          maxLength={120}
          autoComplete="name"
          value={name}
          onChange={setName}
        />
        <Button type="submit" className="mb-8" aria-disabled={name === account.name || save.isPending}>
          {called.save}
        </Button>
      </form>
    </Section>
  );
}

function Password() {
  const notice = useNotice();
  const client = useQueryClient();
  const [now, setNow] = useState('');
  const [next, setNext] = useState('');
  const save = useMutation({
    mutationFn: () => ask<AccountReply>('PUT', '/api/account/password', { now, next } satisfies PasswordRequest),
    onSuccess: (saved) => {
      client.setQueryData(accountQuery.queryKey, saved);
      setNow('');
      setNext('');
      notice('The new password is set. Whoever was signed in elsewhere has to sign in again.');
    },
  });
  return (
    <Section title="Password">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate();
        }}
      >
        <div className="grid gap-x-6 sm:grid-cols-2">
          <Field
            label="Current password"
            type="password"
            autoComplete="current-password"
            value={now}
            onChange={setNow}
          />
          <Field
            label="New password"
            type="password"
            autoComplete="new-password"
            note="Ten letters or more: a few words that do not belong together."
            value={next}
            onChange={setNext}
          />
        </div>
        <p role="alert" className="mt-2 min-h-7 font-bold text-wrong">
          {save.error?.message}
        </p>
        <Button type="submit" disabled={save.isPending}>
          Change the password
        </Button>
      </form>
    </Section>
  );
}

function SignedIn({ account }: { account: AccountReply }) {
  const client = useQueryClient();
  const notice = useNotice();
  const out = useMutation({
    mutationFn: () => ask<AccountReply>('DELETE', '/api/account/sign-ins'),
    onSuccess: (saved) => {
      client.setQueryData(accountQuery.queryKey, saved);
      notice('You are signed out everywhere but here.');
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  return (
    <Section title="Where you are signed in">
      <ul className="mt-2">
        {account.signedIn.map((one) => (
          <li key={one.id} className="flex flex-wrap justify-between gap-x-4 border-b border-hair py-2 text-lg">
            <span>
              {browserName(one.browser)}
              {one.here && <strong> (here)</strong>}
            </span>
            <span className="text-soft">{whenUsed(one.used)}</span>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-soft">It ends by itself after twelve hours without use, and after a week in any case.</p>
      {account.signedIn.some((one) => !one.here) && (
        <Button
          className="mt-3"
          disabled={out.isPending}
          onClick={() => {
            out.mutate();
          }}
        >
          Sign out everywhere else
        </Button>
      )}
    </Section>
  );
}
