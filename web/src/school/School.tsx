import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../api/client';
import { meQuery } from '../api/queries';
import type {
  ColleagueReply,
  ColleagueRequest,
  InviteRequest,
  LinkMadeReply,
  SchoolReply,
  SchoolRequest,
} from '../api/types';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { useNotice } from '../ui/notices';
import { Section } from '../ui/Section';
import { useTitle } from '../ui/useTitle';
import { Window } from '../ui/Window';
import { EraseColleague } from './EraseColleague';
import { Hands } from './Hands';
import { KeepingForm } from './KeepingForm';
import { TheMachine } from './TheMachine';
import { NewLink } from './NewLink';
import { schoolQuery } from './queries';
import { dateWriter } from '../ui/dates';

/** What an administrator looks after: colleagues, classes without a teacher, how long things are kept. */
export function School() {
  useTitle('The school');
  const client = useQueryClient();
  const notice = useNotice();
  const school = useQuery(schoolQuery);
  const [made, setMade] = useState<LinkMadeReply & { who: string }>();
  const [ending, setEnding] = useState<ColleagueReply | null>(null);
  const [erasing, setErasing] = useState<ColleagueReply | null>(null);
  const show = (now: SchoolReply) => {
    client.setQueryData(schoolQuery.queryKey, now);
  };
  const change = useMutation({
    mutationFn: ({ method, path, body }: { method: string; path: string; body?: unknown; said: string }) =>
      ask<SchoolReply>(method, `/api/school${path}`, body),
    onSuccess: (now, { said }) => {
      show(now);
      void client.invalidateQueries(meQuery);
      notice(said);
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const link = useMutation({
    mutationFn: ({ id }: ColleagueReply) => ask<LinkMadeReply>('POST', `/api/school/colleagues/${id}/reset`),
    onSuccess: (reply, { name }) => {
      show(reply.school);
      setMade({ ...reply, who: name });
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const put = (one: ColleagueReply, wanted: ColleagueRequest, said: string) => {
    change.mutate({ method: 'PUT', path: `/colleagues/${one.id}`, body: wanted, said });
  };
  if (school.isError) {
    return <p className="p-8 text-xl">{school.error.message}</p>;
  }
  if (!school.data) {
    return <p className="late p-8 text-xl">One moment.</p>;
  }
  const { colleagues, invitations, classes, outbox, mail } = school.data;
  return (
    <div className="mx-auto w-full max-w-4xl px-6 py-8">
      <h1 className="border-b-2 border-ink pb-3 text-3xl font-bold">{school.data.name}</h1>
      <Section title="Colleagues">
        <ul className="mt-2">
          {colleagues.map((one) => (
            <li key={one.id} className="flex flex-wrap items-center gap-x-4 border-b border-hair py-1.5 text-lg">
              <span className={`min-w-0 flex-1 basis-64 ${one.ended ? 'text-soft' : ''}`}>
                {one.name}
                <span className="block text-base text-soft [overflow-wrap:anywhere]">
                  {one.email}
                  {one.administrator && ' · administrator'}
                  {one.secondStep && ' · two-step sign-in'}
                  {one.ended && ' · ended'}
                </span>
              </span>
              {one.me ? (
                <span className="text-base text-soft">you</span>
              ) : one.ended ? (
                <>
                  <Button
                    look="quiet"
                    aria-label={`Let ${one.name} sign in again`}
                    onClick={() => {
                      put(one, { administrator: one.administrator, ended: false }, `${one.name} can sign in again.`);
                    }}
                  >
                    Let in again
                  </Button>
                  <Button
                    look="quiet"
                    aria-label={`Delete the account of ${one.name}`}
                    onClick={() => {
                      setErasing(one);
                    }}
                  >
                    Delete…
                  </Button>
                </>
              ) : (
                <>
                  <Button
                    look="quiet"
                    aria-label={`New password for ${one.name}`}
                    onClick={() => {
                      link.mutate(one);
                    }}
                  >
                    New password
                  </Button>
                  {one.secondStep && (
                    <Button
                      look="quiet"
                      aria-label={`Turn off two-step sign-in for ${one.name}`}
                      onClick={() => {
                        change.mutate({
                          method: 'DELETE',
                          path: `/colleagues/${one.id}/second-step`,
                          said: `${one.name} signs in with the password alone.`,
                        });
                      }}
                    >
                      Two-step sign-in off
                    </Button>
                  )}
                  <Button
                    look="quiet"
                    aria-label={
                      one.administrator ? `${one.name} is no longer administrator` : `Make ${one.name} administrator`
                    }
                    onClick={() => {
                      put(
                        one,
                        { administrator: !one.administrator, ended: false },
                        one.administrator
                          ? `${one.name} is no longer administrator.`
                          : `${one.name} is administrator now, too.`,
                      );
                    }}
                  >
                    {one.administrator ? 'No administrator' : 'Administrator'}
                  </Button>
                  <Button
                    look="quiet"
                    aria-label={`End the account of ${one.name}`}
                    onClick={() => {
                      setEnding(one);
                    }}
                  >
                    End
                  </Button>
                </>
              )}
            </li>
          ))}
          {invitations.map((one) => (
            <li key={one.id} className="flex flex-wrap items-center gap-x-4 border-b border-hair py-1.5 text-lg">
              <span className="min-w-0 flex-1 basis-64 text-soft">
                {one.name}
                <span className="block text-base [overflow-wrap:anywhere]">
                  {one.email} · invited, until {day.format(new Date(one.until))}
                </span>
              </span>
              <Button
                look="quiet"
                aria-label={`Withdraw the invitation of ${one.name}`}
                onClick={() => {
                  change.mutate({
                    method: 'DELETE',
                    path: `/invitations/${one.id}`,
                    said: `The link for ${one.name} no longer works.`,
                  });
                }}
              >
                Withdraw
              </Button>
            </li>
          ))}
        </ul>
        <Invite
          onMade={(reply, who) => {
            show(reply.school);
            setMade({ ...reply, who });
          }}
        />
      </Section>
      {outbox.length > 0 && (
        <Section title="Letters to pass on">
          <p className="mt-2 text-soft">
            {mail
              ? 'The mail server did not take these.'
              : 'No mail server is set, so these wait here for you. They go after two weeks.'}
          </p>
          <ul className="mt-2">
            {outbox.map((one) => (
              <li key={one.id} className="border-b border-hair py-2">
                <details>
                  <summary className="cursor-pointer text-lg">
                    {one.subject}, for {one.to}
                  </summary>
                  <p className="mt-2 text-base whitespace-pre-wrap [overflow-wrap:anywhere]">{one.text}</p>
                  <Button
                    look="quiet"
                    onClick={() => {
                      change.mutate({ method: 'DELETE', path: `/outbox/${one.id}`, said: 'It is gone from here.' });
                    }}
                  >
                    Passed on
                  </Button>
                </details>
              </li>
            ))}
          </ul>
        </Section>
      )}
      <Hands
        classes={classes}
        colleagues={colleagues}
        onGive={(one, teachers) => {
          change.mutate({
            method: 'PUT',
            path: `/classes/${one.id}/teachers`,
            body: { teachers },
            said: `Who teaches ${one.name} is saved.`,
          });
        }}
      />
      <TheMachine />
      <KeepingForm
        key={JSON.stringify([school.data.name, school.data.keeping])}
        name={school.data.name}
        keeping={school.data.keeping}
        busy={change.isPending}
        onSave={(wanted: SchoolRequest) => {
          change.mutate({ method: 'PUT', path: '', body: wanted, said: 'Saved.' });
        }}
      />
      <Window
        open={made !== undefined}
        onOpenChange={() => {
          setMade(undefined);
        }}
        title={made ? `A link for ${made.who}` : ''}
        width="w-[36rem]"
      >
        {made && <NewLink made={made} />}
      </Window>
      <Window
        open={erasing !== null}
        onOpenChange={() => {
          setErasing(null);
        }}
        title={erasing ? `Erase everything of ${erasing.name}?` : ''}
      >
        {erasing && (
          <EraseColleague
            of={erasing}
            onErased={() => {
              setErasing(null);
              notice(`Everything of ${erasing.name} is deleted.`);
              void client.invalidateQueries(schoolQuery);
            }}
          />
        )}
      </Window>
      <Window
        open={ending !== null}
        onOpenChange={() => {
          setEnding(null);
        }}
        title={ending ? `End the account of ${ending.name}?` : ''}
      >
        <p className="mt-2 text-lg">
          {ending?.name} can no longer sign in, from this moment. Sheets and classes stay: hand the classes over below.
          You can let {ending?.name} in again.
        </p>
        <Button
          look="strong"
          className="mt-5"
          onClick={() => {
            if (ending) {
              put(
                ending,
                { administrator: ending.administrator, ended: true },
                `${ending.name} can no longer sign in.`,
              );
            }
            setEnding(null);
          }}
        >
          End it
        </Button>
      </Window>
    </div>
  );
}

const day = dateWriter({ day: 'numeric', month: 'long' });

function Invite({ onMade }: { onMade: (reply: LinkMadeReply, who: string) => void }) {
  const [name, setName] = useState('');
  const [email, setEmail] = useState('');
  const invite = useMutation({
    mutationFn: (who: InviteRequest) => ask<LinkMadeReply>('POST', '/api/school/invitations', who),
    onSuccess: (reply, who) => {
      // who is typed meanwhile stays
      setName((now) => (now === who.name ? '' : now));
      setEmail((now) => (now === who.email ? '' : now));
      onMade(reply, who.name);
    },
  });
  return (
    <form
      aria-label="Invite a colleague"
      className="flex flex-wrap items-end gap-x-4"
      onSubmit={(event) => {
        event.preventDefault();
        invite.mutate({ name, email });
      }}
    >
      <Field label="Name of a colleague" className="min-w-56 flex-1" maxLength={120} value={name} onChange={setName} />
      <Field label="E-mail address" type="email" className="min-w-56 flex-1" value={email} onChange={setEmail} />
      <Button type="submit" look="strong" className="mt-5 min-h-12" disabled={invite.isPending}>
        Invite
      </Button>
      <p role="alert" className="basis-full pt-1 font-bold text-wrong empty:hidden">
        {invite.error?.message}
      </p>
    </form>
  );
}
