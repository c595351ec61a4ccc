import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { ask, askOnce } from '../api/client';
import type { FollowLinkRequest, LinkReply } from '../api/types';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { useTitle } from '../ui/useTitle';
import { Threshold } from './Threshold';

/** Follows a one-time link: joining a school, or choosing a new password. Its word is never sent as part of an address. */
export function WithLink() {
  useTitle('Your password');
  const word = window.location.hash.slice(1);
  const link = useQuery({
    queryKey: ['link', word],
    queryFn: ({ signal }) => askOnce<LinkReply>('POST', '/api/links/read', { word }, signal),
    retry: false,
    staleTime: Infinity,
  });
  return (
    <Threshold>
      {link.isPending && <p className="late text-lg">One moment.</p>}
      {link.isError && (
        <>
          <h1 className="text-2xl font-bold">This link cannot be used</h1>
          <p role="alert" className="mt-3 text-lg">
            {link.error.message}
          </p>
          <p className="mt-4">
            <a href="/" className="underline underline-offset-4">
              To signing in
            </a>
          </p>
        </>
      )}
      {link.data && <Choose word={word} link={link.data} />}
    </Threshold>
  );
}

function Choose({ word, link }: { word: string; link: LinkReply }) {
  const [name, setName] = useState(link.name);
  const [password, setPassword] = useState('');
  const joins = link.purpose === 'join';
  const follow = useMutation({
    mutationFn: () => ask<null>('POST', '/api/links/follow', { word, password, name } satisfies FollowLinkRequest),
  });
  if (follow.isSuccess) {
    return (
      <>
        <h1 className="text-2xl font-bold">{joins ? `Welcome, ${name}` : 'Your new password is set'}</h1>
        <p className="mt-3 text-lg">Sign in with {link.email} and your new password.</p>
        <p className="mt-4">
          <a
            href="/"
            className="inline-flex min-h-10 items-center rounded-md border-2 border-ink bg-ink px-6 py-2 text-lg font-bold text-paper"
          >
            Sign in
          </a>
        </p>
      </>
    );
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        follow.mutate();
      }}
    >
      <h1 className="text-2xl font-bold">{joins ? `Join ${link.school}` : 'Choose a new password'}</h1>
      <p className="mt-2 text-lg text-soft">
        {joins ? 'Colleagues see your name. You sign in with' : 'For'} {link.email}.
      </p>
      {/* for what keeps passwords */}
      <input type="email" autoComplete="username" value={link.email} readOnly hidden />
      {joins && <Field label="Your name" maxLength={120} autoComplete="name" value={name} onChange={setName} />}
      <Field
        label="A password"
        note="Ten letters or more: a few words that do not belong together."
        type="password"
        autoComplete="new-password"
        value={password}
        onChange={setPassword}
      />
      <p role="alert" className="mt-3 min-h-7 font-bold text-wrong">
        {follow.error?.message}
      </p>
      <Button look="strong" type="submit" className="mt-2 px-6 text-lg" disabled={follow.isPending}>
        {joins ? 'Join' : 'Set the password'}
      </Button>
    </form>
  );
}
