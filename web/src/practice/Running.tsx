import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { ask } from '../api/client';
import { shelfQuery } from '../api/queries';
import type { ClosePracticeRequest, OnPaperReply, OnPaperRequest, PracticeReply, SeatSeenReply } from '../api/types';
import { Button } from '../ui/Button';
import { useNotice } from '../ui/notices';
import { useAddress } from '../ui/useAddress';
import { Quay } from './Quay';
import { practiceQuery, practicesQuery, questionsQuery } from './queries';

/** A practice that runs, or has run: the code large on the board, and below it where each child is. */
export function Running({ id, classId, onBack }: { id: string; classId: string; onBack?: (() => void) | undefined }) {
  const client = useQueryClient();
  const notice = useNotice();
  const navigate = useNavigate();
  const practice = useQuery(practiceQuery(id));
  const { params, put } = useAddress();
  const [closing, setClosing] = useState(false);
  const [word, setWord] = useState('');
  const show = (reply: PracticeReply) => {
    client.setQueryData(practiceQuery(id).queryKey, reply);
  };
  const close = useMutation({
    mutationFn: () =>
      ask<PracticeReply>('POST', `/api/practices/${id}/close`, { lastWord: word } satisfies ClosePracticeRequest),
    onSuccess: async (reply) => {
      show(reply);
      put({ practice: id });
      await client.invalidateQueries(practicesQuery(classId));
      await client.invalidateQueries({ queryKey: ['follow-up'] });
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const send = useMutation({
    mutationFn: (seat: string) => ask<PracticeReply>('DELETE', `/api/practices/${id}/seats/${seat}`),
    onSuccess: show,
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const paper = useMutation({
    mutationFn: (children: string[]) =>
      ask<OnPaperReply>('POST', `/api/practices/${id}/paper`, { for: children } satisfies OnPaperRequest),
    onSuccess: ({ sheet, set }) => {
      void client.invalidateQueries(shelfQuery);
      void navigate(`/sheets/${sheet}/print?set=${set}`);
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const reply = practice.data;
  if (!reply) {
    return practice.isError ? <p className="px-6 py-5 text-lg">{practice.error.message}</p> : null;
  }
  const seat = reply.seats.find((one) => one.id === params.get('seat'));
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-5 overflow-auto px-6 py-5">
      <div className="flex flex-wrap items-start justify-between gap-x-10 gap-y-4">
        {reply.open ? (
          <div>
            <h1 className="sr-only">Practice: {reply.title}</h1>
            <p className="text-2xl text-soft">
              On the tablet: <b className="text-ink">{window.location.host}/go</b>
            </p>
            <p
              className="mt-1 text-[clamp(3rem,7.6vw,7rem)] leading-none font-bold tracking-wide"
              data-testid="code"
              aria-label={`The code is ${reply.code}`}
            >
              {reply.code}
            </p>
          </div>
        ) : (
          <h1 className="text-3xl font-bold">
            {reply.title} <span className="font-normal text-soft">{reply.opened.slice(0, 10)}</span>
          </h1>
        )}
        <div className="flex flex-col items-start gap-2">
          {reply.open ? (
            closing ? (
              <form
                className="flex flex-col items-start gap-2"
                onSubmit={(event) => {
                  event.preventDefault();
                  close.mutate();
                }}
              >
                <label className="text-lg">
                  A last word for all
                  <input
                    className="mt-1 block w-80 rounded-md border-2 border-ink bg-sheet px-3 py-2 text-xl"
                    value={word}
                    maxLength={120}
                    placeholder="Well done, and thank you."
                    autoFocus
                    onChange={(event) => {
                      setWord(event.target.value);
                    }}
                  />
                </label>
                <span className="flex gap-2">
                  <Button look="strong" type="submit" disabled={close.isPending}>
                    End practice
                  </Button>
                  <Button
                    onClick={() => {
                      setClosing(false);
                    }}
                  >
                    Not yet
                  </Button>
                </span>
              </form>
            ) : (
              <Button
                look="strong"
                className="min-h-12 text-xl"
                onClick={() => {
                  setClosing(true);
                }}
              >
                End practice…
              </Button>
            )
          ) : (
            onBack && <Button onClick={onBack}>All practices</Button>
          )}
          {reply.hardest && (
            <Link
              to={`/teach?${new URLSearchParams({ sum: reply.hardest.line }).toString()}`}
              className="inline-flex min-h-10 items-center text-lg font-bold underline underline-offset-4"
            >
              What was hardest, on the board
            </Link>
          )}
          {reply.open && <p className="text-lg text-soft">Open until {reply.until}, or until you end it.</p>}
        </div>
      </div>
      {reply.seats.length === 0 ? (
        <p className="text-2xl">{reply.open ? 'Nobody is there yet.' : 'Nobody came in.'}</p>
      ) : (
        <Quay
          seats={reply.seats}
          of={reply.questions}
          chosen={seat?.id}
          onLook={(one) => {
            put({ seat: seat?.id === one ? null : one });
          }}
        />
      )}
      {reply.seats.some((one) => one.double) && (
        <ul className="text-lg">
          {reply.seats
            .filter((one) => one.double)
            .map((one) => (
              <li key={one.id} className="flex flex-wrap items-center gap-x-2">
                <span>
                  <b>{one.name}</b> is there twice; on this tablet since {one.since}.
                </span>
                <Button
                  look="quiet"
                  aria-label={`Send it away: ${one.name}, since ${one.since}`}
                  onClick={() => {
                    send.mutate(one.id);
                  }}
                >
                  Send it away
                </Button>
              </li>
            ))}
        </ul>
      )}
      {reply.open && reply.of !== 'watch' && reply.missing.length > 0 && (
        <div className="flex max-w-5xl flex-wrap items-center gap-x-4 gap-y-1 text-lg">
          <p className="text-soft">Not joined: {reply.missing.map((one) => one.name).join(', ')}</p>
          <Button
            look="quiet"
            disabled={paper.isPending}
            onClick={() => {
              paper.mutate(reply.missing.map((one) => one.id));
            }}
          >
            Print it for them on paper
          </Button>
        </div>
      )}
      {seat && <Questions id={id} seat={seat} />}
    </div>
  );
}

/** For the teacher: the questions that came to a tablet, why, and what was answered. */
function Questions({ id, seat }: { id: string; seat: SeatSeenReply }) {
  const questions = useQuery(questionsQuery(id, seat.id));
  const help = ['', 'looked again', 'with the first step', 'with the whole working'];
  return (
    <section aria-label={`Questions of ${seat.name}`} className="max-w-5xl">
      <h2 className="text-2xl font-bold">{seat.name}</h2>
      <table className="mt-2 w-full border-collapse text-lg">
        <thead>
          <tr className="text-left text-soft">
            <th scope="col" className="py-1 pr-4 font-normal">
              Question
            </th>
            <th scope="col" className="py-1 pr-4 font-normal">
              Answered
            </th>
            <th scope="col" className="py-1 font-normal">
              Why this one
            </th>
          </tr>
        </thead>
        <tbody>
          {(questions.data ?? []).map((one, i) => (
            <tr key={i} className="border-t border-hair align-top">
              <td className="py-1.5 pr-4">
                {one.child !== '' && <span className="text-soft">{one.child}: </span>}
                {one.asked}
              </td>
              <td className="py-1.5 pr-4">
                {one.answers.length === 0 ? (
                  <span className="text-soft">{one.right === null ? 'waits' : 'nothing'}</span>
                ) : (
                  one.answers.join(', then ')
                )}
                {one.right === true && <span className="font-bold text-good"> ✓</span>}
                {one.help > 0 && <span className="block text-base text-soft">{help[one.help]}</span>}
                {one.may !== '' && <span className="block text-base text-soft">{one.may}</span>}
              </td>
              <td className="py-1.5 text-soft">
                {one.because}
                {one.can !== '' && <span className="block text-base">{one.can}</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
