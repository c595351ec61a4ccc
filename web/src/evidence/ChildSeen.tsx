import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../api/client';
import type { AnswerSeenReply, ChildSeenReply, GroupText, RungSeenReply, Standing } from '../api/types';
import { DeleteWindow } from '../deleted/DeleteWindow';
import { useNotice } from '../ui/notices';
import { TakeOut } from '../ui/TakeOut';
import { StandingSign } from './StandingSign';
import { said, standingOf } from './standings';
import { called } from '../ui/called';
import { dateWriter } from '../ui/dates';

const day = dateWriter({ day: 'numeric', month: 'short' });

/** So many of the answers that fit are seen at once, the last ones. */
const AT_FIRST = 4;

interface Props {
  child: ChildSeenReply;
  /** Where it can be moved; none where there are no groups. */
  groups: readonly GroupText[];
  onMove: (to: number) => void;
  onChanged: () => void;
}

/** What was seen of a child: what may be behind its answers, and the ladder, with the answers behind each. */
export function ChildSeen({ child, groups, onMove, onChanged }: Props) {
  const notice = useNotice();
  const [asking, setAsking] = useState(false);
  const say = useMutation({
    mutationFn: ({ rung, standing }: { rung: string; standing: Standing | null }) =>
      ask<ChildSeenReply>(
        standing === null ? 'DELETE' : 'PUT',
        `/api/children/${child.id}/rungs/${rung}`,
        standing === null ? undefined : { standing },
      ),
    onSuccess: onChanged,
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const erase = useMutation({
    mutationFn: () => ask<null>('DELETE', `/api/children/${child.id}/seen`),
    onSuccess: () => {
      onChanged();
      notice(`What was seen of ${child.name} is deleted. It can be brought back under Deleted.`);
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  // one answer proves nothing
  const seen = child.rungs.filter((rung) => standingOf(rung) !== 'not-seen');
  const at = groups.findIndex((group) => group.children.includes(child.id));
  return (
    <>
      <h2 className="pr-10 text-2xl font-bold">{child.name}</h2>
      {groups.length > 1 && (
        <label className="mt-1 flex items-center justify-between gap-2">
          in group
          <select
            className="min-h-9 rounded-md border-2 border-ink bg-sheet px-1.5 font-bold"
            value={at}
            onChange={(event) => {
              onMove(Number(event.target.value));
            }}
          >
            {groups.map((_, i) => (
              <option key={i} value={i}>
                {i + 1}
              </option>
            ))}
          </select>
        </label>
      )}
      {child.causes.map((cause) => (
        <section key={cause.id} aria-label="What may be behind it" className="mt-3">
          <p>
            {cause.lately ? '' : 'Earlier, not lately: '}
            {child.name} <strong>{cause.may}</strong>
            {cause.perhaps ? '; one answer speaks for it' : `; ${cause.times} answers fit`}
            {cause.against > 0 && `, ${cause.against} speak against it`}.
          </p>
          <ul className="mt-1 bg-sheet px-3 py-1.5">
            {cause.evidence.slice(-AT_FIRST).map((i) => (
              <Answer key={i} answer={child.answers[i]} />
            ))}
          </ul>
          {cause.evidence.length > AT_FIRST && (
            <details className="bg-sheet px-3 pb-1.5">
              <summary className="cursor-pointer">
                {cause.evidence.length - AT_FIRST === 1 ? 'one' : cause.evidence.length - AT_FIRST} before
                {cause.evidence.length < cause.times ? `, of ${cause.times - AT_FIRST}` : ''}
              </summary>
              <ul>
                {cause.evidence.slice(0, -AT_FIRST).map((i) => (
                  <Answer key={i} answer={child.answers[i]} />
                ))}
              </ul>
            </details>
          )}
          <p className="mt-1 text-base text-soft">Look at: {cause.look}</p>
        </section>
      ))}
      <h3 className="mt-4 text-xl font-bold">On the ladder</h3>
      {seen.length === 0 && <p className="text-soft">Nothing has been seen yet.</p>}
      <ul>
        {seen.map((rung) => (
          <Rung
            key={rung.rung}
            rung={rung}
            answers={child.answers}
            onSay={(standing) => {
              say.mutate({ rung: rung.rung, standing });
            }}
          />
        ))}
      </ul>
      {child.next !== null && (
        <p className="mt-3">
          To try next: <strong>{child.next}</strong>
        </p>
      )}
      <p className="mt-4 flex flex-wrap gap-x-4">
        <a
          href={`/print/children/${child.id}`}
          target="_blank"
          rel="noreferrer"
          className="underline underline-offset-4"
        >
          A page for the talk
        </a>
        {child.count > 0 && (
          <button
            type="button"
            className="underline underline-offset-4"
            onClick={() => {
              setAsking(true);
            }}
          >
            Delete what was seen…
          </button>
        )}
        <TakeOut address={`/api/children/${child.id}/data`} look="quiet">
          {called.export}
        </TakeOut>
      </p>
      {asking && (
        <DeleteWindow
          title={`Delete what was seen of ${child.name}?`}
          goes={[
            child.count === 1 ? 'one answer' : `${child.count} answers`,
            'the marks on their papers',
            'what they answered at tablets, and their three pictures',
            'what you said yourself of what they can do',
          ]}
          stays="They stay in the class."
          name={{ is: child.name, label: 'Type the name of the child' }}
          onDelete={() => {
            erase.mutate();
            setAsking(false);
          }}
          onClose={() => {
            setAsking(false);
          }}
        />
      )}
    </>
  );
}

function Answer({ answer }: { answer: AnswerSeenReply | undefined }) {
  return answer ? (
    <li className="flex items-baseline justify-between gap-3 py-0.5">
      <span className="min-w-0 [overflow-wrap:anywhere]">
        {answer.asked} <span className="text-base whitespace-nowrap text-soft">{day.format(new Date(answer.on))}</span>
      </span>
      <span className="shrink-0">
        <span className={`font-bold ${answer.right === true ? 'text-good' : 'text-wrong'}`} aria-hidden="true">
          {answer.right === true ? '✓' : answer.right === false ? '✕' : '?'}
        </span>{' '}
        {answer.given}
        <span className="sr-only">
          {answer.right === true ? 'right' : answer.right === false ? 'wrong' : 'nothing to go by'}
        </span>
      </span>
    </li>
  ) : null;
}

const words: readonly Standing[] = ['secure', 'on-the-way', 'not-yet'];

function Rung({
  rung,
  answers,
  onSay,
}: {
  rung: RungSeenReply;
  answers: readonly AnswerSeenReply[];
  onSay: (standing: Standing | null) => void;
}) {
  const standing = standingOf(rung);
  return (
    <li className="border-b border-hair py-1">
      <details>
        <summary className="cursor-pointer">
          <StandingSign of={standing} /> {rung.can.replace(/^I can /, '').replace(/\.$/, '')}{' '}
          <span className="text-soft">
            {said[standing]}
            {rung.word === null && rung.before !== null && rung.before !== rung.by && rung.before !== 'not-seen'
              ? ` (was ${said[rung.before]})`
              : ''}
            {rung.word === null
              ? rung.days > 1
                ? `, ${rung.days} days`
                : ''
              : `, as you said on ${day.format(new Date(rung.wordOn))}`}
          </span>
        </summary>
        <ul className="mt-1 bg-sheet px-3 py-1.5">
          {rung.answers.map((i) => (
            <Answer key={i} answer={answers[i]} />
          ))}
          {rung.answers.length === 0 && <li className="text-soft">No answers; only your word.</li>}
        </ul>
        <label className="flex min-h-10 items-center justify-between gap-2">
          I have seen otherwise
          <select
            className="min-h-9 rounded-md border-2 border-ink bg-sheet px-1.5"
            value={rung.word ?? ''}
            onChange={(event) => {
              onSay(words.find((one) => one === event.target.value) ?? null);
            }}
          >
            <option value="">as the answers say</option>
            {words.map((one) => (
              <option key={one} value={one}>
                {said[one]}
              </option>
            ))}
          </select>
        </label>
      </details>
    </li>
  );
}
