import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../api/client';
import type { AccountReply, RecoveryReply, SecondStepReply } from '../api/types';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { Section } from '../ui/Section';
import { Window } from '../ui/Window';
import { accountQuery } from './queries';

type Wanted = 'begin' | 'recovery' | 'end';

/** A second step of signing in: a code from an app. */
export function SecondStep({ account }: { account: AccountReply }) {
  const client = useQueryClient();
  const [wanted, setWanted] = useState<Wanted | null>(null);
  const [key, setKey] = useState<SecondStepReply | null>(null);
  const [codes, setCodes] = useState<readonly string[] | null>(null);
  const refresh = () => client.invalidateQueries(accountQuery);
  return (
    <Section title="Two-step sign-in">
      {account.secondStep ? (
        <>
          <p className="mt-2 text-lg">
            It is on. {account.recovery === 1 ? '1 recovery code is' : `${account.recovery} recovery codes are`} left.
          </p>
          <div className="mt-3 flex flex-wrap gap-3">
            <Button
              onClick={() => {
                setWanted('recovery');
              }}
            >
              New recovery codes
            </Button>
            <Button
              onClick={() => {
                setWanted('end');
              }}
            >
              Turn it off
            </Button>
          </div>
        </>
      ) : (
        <>
          <p className="mt-2 max-w-2xl text-lg">
            Beside your password Rostik then asks for six digits from an app on your telephone. Good for whoever sees
            marks of many children.
          </p>
          <Button
            className="mt-3"
            onClick={() => {
              setWanted('begin');
            }}
          >
            Set it up
          </Button>
        </>
      )}
      <Window
        open={wanted !== null}
        onOpenChange={() => {
          setWanted(null);
        }}
        title="Your password first"
      >
        {wanted && (
          <Certain
            wanted={wanted}
            onDone={(reply) => {
              setWanted(null);
              if (reply !== null && 'key' in reply) {
                setKey(reply);
              } else if (reply !== null && 'codes' in reply) {
                setCodes(reply.codes);
              }
              void refresh();
            }}
          />
        )}
      </Window>
      <Window
        open={key !== null}
        onOpenChange={() => {
          setKey(null);
        }}
        title="Take it into your app"
        width="w-[34rem]"
      >
        {key && (
          <Confirm
            begun={key}
            onDone={(reply) => {
              setKey(null);
              setCodes(reply.codes);
              void refresh();
            }}
          />
        )}
      </Window>
      <Window
        open={codes !== null}
        onOpenChange={() => {
          setCodes(null);
        }}
        title="Your recovery codes"
      >
        <p className="mt-2 text-lg">
          Each of them signs you in once when the app is not there. Print them or write them down now: they are not
          shown again.
        </p>
        <ul className="mt-4 grid grid-cols-2 gap-x-6 font-mono text-xl" aria-label="Recovery codes">
          {codes?.map((code) => (
            <li key={code} className="border-b border-hair py-1">
              {code}
            </li>
          ))}
        </ul>
        <Button
          look="strong"
          className="mt-5"
          onClick={() => {
            setCodes(null);
          }}
        >
          I have them
        </Button>
      </Window>
    </Section>
  );
}

const ways = {
  begin: ['POST', '/api/account/second-step'],
  recovery: ['POST', '/api/account/recovery'],
  end: ['DELETE', '/api/account/second-step'],
} as const;

function Certain({
  wanted,
  onDone,
}: {
  wanted: Wanted;
  onDone: (reply: SecondStepReply | RecoveryReply | AccountReply) => void;
}) {
  const [password, setPassword] = useState('');
  const send = useMutation({
    mutationFn: () => {
      const [method, path] = ways[wanted];
      return ask<SecondStepReply | RecoveryReply | AccountReply>(method, path, { password });
    },
    onSuccess: onDone,
  });
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        send.mutate();
      }}
    >
      <Field label="Password" type="password" autoComplete="current-password" value={password} onChange={setPassword} />
      <p role="alert" className="mt-2 min-h-7 font-bold text-wrong">
        {send.error?.message}
      </p>
      <Button look="strong" type="submit" disabled={send.isPending}>
        {wanted === 'end' ? 'Turn it off' : 'Go on'}
      </Button>
    </form>
  );
}

function Confirm({ begun, onDone }: { begun: SecondStepReply; onDone: (reply: RecoveryReply) => void }) {
  const [code, setCode] = useState('');
  const picture = useQuery({
    queryKey: ['qr', begun.uri],
    queryFn: () =>
      import('qrcode').then((qr) => qr.toDataURL(begun.uri, { errorCorrectionLevel: 'M', margin: 2, scale: 6 })),
    staleTime: Infinity,
    gcTime: 0,
  });
  const send = useMutation({
    mutationFn: () => ask<RecoveryReply>('PUT', '/api/account/second-step', { code }),
    onSuccess: onDone,
  });
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        send.mutate();
      }}
    >
      <p className="mt-2 text-lg">Open your authenticator app, add an account, and point it at this picture:</p>
      <div className="mt-3 flex flex-wrap items-center gap-5">
        {picture.data ? (
          <img src={picture.data} alt="The key as a picture for the app" className="size-52 border-2 border-ink" />
        ) : (
          <div className="size-52 border-2 border-hair" />
        )}
        <p className="max-w-48 text-soft">
          Or type this key there: <span className="block font-mono text-ink">{spaced(begun.key)}</span>
        </p>
      </div>
      <Field
        label="The six digits it shows now"
        autoComplete="one-time-code"
        inputMode="numeric"
        maxLength={12}
        value={code}
        onChange={setCode}
      />
      <p role="alert" className="mt-2 min-h-7 font-bold text-wrong">
        {send.error?.message}
      </p>
      <Button look="strong" type="submit" disabled={send.isPending}>
        Turn it on
      </Button>
    </form>
  );
}

/** In fours, as it is easier to copy. */
const spaced = (key: string): string => key.match(/.{1,4}/g)?.join(' ') ?? key;
