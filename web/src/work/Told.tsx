import type { ToldProblem } from '../api/types';
import { Marked } from '../models/Marked';
import { pieces, withSum } from '../models/told';

/** The text of a problem, with its times and lengths marked and what they stand for. */
export function ToldText({ told, names = false }: { told: ToldProblem; names?: boolean }) {
  return pieces(told).map((piece, i) =>
    piece.is === null ? (
      piece.text
    ) : (
      <mark
        key={i}
        className="bg-transparent font-bold text-ink underline decoration-found decoration-[0.5em] underline-offset-[-0.22em] [text-decoration-skip-ink:none]"
        title={piece.is}
      >
        {piece.text}
        {names && piece.is !== '' && (
          <small className="ml-1 inline-block text-[0.72em] font-normal text-soft">{piece.is}</small>
        )}
      </mark>
    ),
  );
}

/** What its writer may want to know about a problem. */
function Remarks({ told }: { told: ToldProblem }) {
  return told.remarks.map((remark, i) => (
    <p key={`${remark.code}${i}`} className="mt-0.5 text-lg text-soft low:text-base" data-testid="note">
      {remark.text}
    </p>
  ));
}

/** What else there is to say of a problem that was understood. */
export function AboutTold(props: { told: ToldProblem; current: string; onOpen: (line: string) => void }) {
  return (
    <>
      <Remarks told={props.told} />
      <OtherQuestions {...props} />
    </>
  );
}

/** Where a problem asks several things: each with its answer, to be worked in turn. */
function OtherQuestions({
  told,
  current,
  onOpen,
}: {
  told: ToldProblem;
  /** The sum that is worked at the moment. */
  current: string;
  onOpen: (line: string) => void;
}) {
  if (told.questions.length < 2) {
    return null;
  }
  return (
    <ol aria-label="What is asked" className="mt-1 text-lg">
      {told.questions.map(({ ask, means }, i) => (
        <li key={i}>
          {means ? (
            <button
              type="button"
              aria-current={means.sum === current}
              className="min-h-9 rounded text-left underline underline-offset-4 hover:bg-wash aria-[current=true]:font-bold aria-[current=true]:no-underline"
              onClick={() => {
                onOpen(withSum(told.text, means.sum));
              }}
            >
              {ask} <Marked text={means.answer.shown} />
            </button>
          ) : (
            ask
          )}
        </li>
      ))}
    </ol>
  );
}

/** A problem of which it is not sure which sum it is: what was understood of it, and what to choose from. */
export function WhichSum({ told, onChoose }: { told: ToldProblem; onChoose: (sum: string) => void }) {
  const several = told.questions.length > 1;
  return (
    <div data-testid="which-sum">
      <h1 className="max-w-3xl text-2xl leading-snug">
        <ToldText told={told} names />
      </h1>
      <div className="mt-2">
        <Remarks told={told} />
      </div>
      {told.questions.map((question, i) => {
        const choices = question.means ? [question.means] : question.instead;
        return (
          <section key={i} className="mt-4" aria-label={question.ask}>
            <h2 className="text-xl font-bold">{question.means || several ? question.ask : 'Which sum is it?'}</h2>
            {choices.length === 0 ? (
              <p className="mt-1 text-lg">
                I cannot read this one. Write the sum after it in square brackets, such as{' '}
                <span className="whitespace-nowrap">[8:40 a.m. + 35 min]</span>.
              </p>
            ) : (
              <ul className="mt-2 space-y-2">
                {choices.map((choice) => (
                  <li key={choice.sum}>
                    <button
                      type="button"
                      className="w-full max-w-2xl rounded-md border-2 border-ink bg-sheet px-4 py-2 text-left text-xl hover:bg-wash"
                      onClick={() => {
                        onChoose(choice.sum);
                      }}
                    >
                      <span className="font-bold">
                        <Marked text={choice.shown} />
                      </span>{' '}
                      = <Marked text={choice.answer.shown} />
                    </button>
                  </li>
                ))}
              </ul>
            )}
          </section>
        );
      })}
      {told.questions.some((question) => question.instead.length > 0) && (
        <p className="mt-3 max-w-2xl text-lg text-soft">
          If it is none of them, write the sum after the words in square brackets.
        </p>
      )}
    </div>
  );
}
