import type { ReactNode } from 'react';
import type { CellReply, ToMarkReply } from '../api/types';
import { useSettled } from '../ui/useSettled';
import { tallyOf } from './cells';
import type { PileState } from './pileKeeper';

/** What is typed is spoken of when the typing rests, in milliseconds, and not at every letter. */
const PAUSE = 900;

interface Props {
  state: PileState;
  question: ToMarkReply | undefined;
  /** Place of the question, from 0. */
  number: number;
  /** Of this question, on all papers that ask it. */
  cells: readonly CellReply[];
  /** What is spoken of: the answer that is being typed, or the one marked last, and whose it is. */
  about: { name: string; cell: CellReply } | null;
  /** Takes one of the usual answers, as if it were typed. */
  onTake: (given: string) => void;
  /** What can be done with the whole question. */
  children?: ReactNode;
}

/** The question in hand, what is to be said of an answer, and what was written how often. */
export function Side({ state, question, number, cells, about, onTake, children }: Props) {
  const tally = tallyOf(cells);
  const cause = (id: string) => state.pile.causes.find((one) => one.id === id);
  const causes = about?.cell.counts === 'wrong' ? about.cell.fits.flatMap((id) => cause(id) ?? []) : [];
  const told =
    about === null
      ? ''
      : [`${about.name}: ${about.cell.given}`, saidOf(about.cell), ...causes.slice(0, 3).map((one) => one.may)].join(
          ', ',
        );
  const most = Math.max(1, tally.counts.right, ...tally.wrong.map((one) => one.times));
  return (
    <>
      <section aria-label="Question in hand">
        <p className="text-soft">question {number + 1}</p>
        <p className="text-xl leading-snug font-bold [overflow-wrap:anywhere]">{question?.asked}</p>
        {question && question.answer !== '' && (
          <p className="text-lg" data-testid="key">
            = {question.answer}
          </p>
        )}
        {question && question.choices.length > 0 && (
          <p className="text-base text-soft">
            {question.choices.map((choice, i) => `${String.fromCharCode(97 + i)} ${choice}`).join('   ')}
          </p>
        )}
        {question?.drawn && question.usual.length > 0 && (
          <p className="mt-1 flex flex-wrap items-center gap-2 text-base">
            <span className="text-soft">Drawn: Enter where it is right, or</span>
            {question.usual.slice(0, 6).map((one) => (
              <button
                key={one.text}
                type="button"
                className="min-h-8 rounded border-2 border-ink bg-sheet px-2 hover:bg-wash"
                onClick={() => {
                  onTake(one.text);
                }}
              >
                {one.text}
              </button>
            ))}
          </p>
        )}
        {children}
      </section>
      <p aria-live="polite" className="sr-only">
        {useSettled(told, PAUSE)}
      </p>
      <div data-testid="said" className="mt-3 min-h-28">
        {about && (
          <div
            className={`border-l-6 bg-sheet px-3.5 py-2.5 ${about.cell.counts === 'wrong' ? 'border-wrong' : 'border-hair'}`}
          >
            <p className="text-lg font-bold">
              {about.name}: {about.cell.given === '' ? '' : `${about.cell.given}, `}
              {saidOf(about.cell)}
            </p>
            {causes.slice(0, 3).map((one) => (
              <p key={one.id} className="mt-0.5">
                {one.may}.<span className="block text-base text-soft">Look at: {one.look}</span>
              </p>
            ))}
            {about.cell.counts === 'wrong' && causes.length === 0 && about.cell.verdict !== null && (
              <p className="text-soft">{about.cell.slip ? 'Only a little off.' : 'No usual mistake leads to this.'}</p>
            )}
          </div>
        )}
      </div>
      {tally.papers > 0 && (
        <section aria-label="So far" className="mt-3">
          <h2 className="text-lg font-bold">
            So far, {tally.papers} {tally.papers === 1 ? 'paper' : 'papers'}
          </h2>
          <ul>
            <Line text="✓ right" times={tally.counts.right} most={most} look="bg-good" />
            {tally.counts.nearly > 0 && (
              <Line text="(✓) nearly" times={tally.counts.nearly} most={most} look="bg-good" />
            )}
            {tally.wrong.slice(0, 6).map((one) => (
              <Line
                key={one.text}
                text={`✕ ${one.text}`}
                times={one.times}
                most={most}
                look="bg-wrong"
                after={one.fits.map((id) => cause(id)?.may.replace(/^may (?:be |have )?/, '')).at(0)}
              />
            ))}
            {tally.counts.blank > 0 && <Line text="– blank" times={tally.counts.blank} most={most} look="bg-soft" />}
            {tally.counts.unreadable > 0 && (
              <Line text="? unreadable" times={tally.counts.unreadable} most={most} look="bg-soft" />
            )}
          </ul>
        </section>
      )}
    </>
  );
}

function saidOf(cell: CellReply): string {
  if (cell.over !== null) {
    return cell.over ? 'counted as right by you' : 'counted as wrong by you';
  }
  switch (cell.counts) {
    case 'right':
      return cell.verdict === 'incomplete' ? 'right as far as it goes' : 'right';
    case 'nearly':
      return cell.followed ? 'right from their own first answer' : 'right as far as it goes';
    case 'wrong':
      return 'not right';
    case 'blank':
      return 'blank';
    case 'unreadable':
      return cell.sign === null && cell.verdict === null ? '…' : 'cannot be read';
    default:
      return '…';
  }
}

function Line({
  text,
  times,
  most,
  look,
  after,
}: {
  text: string;
  times: number;
  most: number;
  look: string;
  after?: string | undefined;
}) {
  return (
    <li className="py-0.5">
      <span className="grid grid-cols-[8.5rem_1fr] items-center gap-2">
        <span className="truncate">{text}</span>
        <span className="flex items-center gap-2">
          <span className={`h-4 ${look}`} style={{ width: `${Math.round((70 * times) / most)}%` }} aria-hidden="true" />
          <span className="tabular-nums">{times}</span>
        </span>
      </span>
      {after && <span className="block text-base leading-tight text-soft">{after}</span>}
    </li>
  );
}
