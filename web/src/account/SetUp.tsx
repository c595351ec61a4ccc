import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { ask } from '../api/client';
import { meQuery, setUpQuery } from '../api/queries';
import type { MeReply, SetUpRequest } from '../api/types';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';

/** The word that the link of the terminal brought; it does not stay in the address. */
function useBrought(): string {
  const [word] = useState(() => /^#word=([a-z0-9-]+)$/.exec(window.location.hash)?.[1] ?? '');
  useEffect(() => {
    if (word !== '') {
      window.history.replaceState(window.history.state, '', window.location.pathname + window.location.search);
    }
  }, [word]);
  return word;
}

/** The first school of a new installation, with its first account. */
export function SetUp() {
  const client = useQueryClient();
  const brought = useBrought();
  const [value, setValue] = useState<Required<SetUpRequest>>({
    school: '',
    name: '',
    email: '',
    password: '',
    word: brought,
  });
  const change = (name: keyof SetUpRequest) => (text: string) => {
    setValue((now) => ({ ...now, [name]: text }));
  };
  const begin = useMutation({
    mutationFn: async () => {
      await ask<null>('POST', '/api/set-up', value);
      return ask<MeReply>('POST', '/api/sign-in', { email: value.email, password: value.password });
    },
    onSuccess: (me) => {
      client.setQueryData(setUpQuery.queryKey, { wanted: false });
      client.setQueryData(meQuery.queryKey, me);
    },
  });
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        begin.mutate();
      }}
    >
      <h1 className="text-2xl font-bold">Set up your school</h1>
      <p className="mt-2 text-lg text-soft">You will be its administrator, and can invite your colleagues.</p>
      {/* a link of an earlier start brings a word that is none any more: it can be typed then */}
      {(brought === '' || begin.isError) && (
        <Field
          label="Word from the terminal"
          note="It stands where Rostik was started: whoever has it may set up the school."
          autoComplete="off"
          value={value.word}
          onChange={change('word')}
        />
      )}
      <Field
        label="Name of the school"
        maxLength={120}
        autoComplete="organization"
        value={value.school}
        onChange={change('school')}
      />
      <Field label="Your name" maxLength={120} autoComplete="name" value={value.name} onChange={change('name')} />
      <Field
        label="Your e-mail address"
        note="You sign in with it. Nothing is sent to it unless a mail server is set."
        type="email"
        autoComplete="username"
        value={value.email}
        onChange={change('email')}
      />
      <Field
        label="A password"
        note="Ten letters or more: a few words that do not belong together."
        type="password"
        autoComplete="new-password"
        value={value.password}
        onChange={change('password')}
      />
      <p role="alert" className="mt-3 min-h-7 font-bold text-wrong">
        {begin.error?.message}
      </p>
      <Button look="strong" type="submit" className="mt-2 px-6 text-lg" disabled={begin.isPending}>
        Set it up
      </Button>
    </form>
  );
}
