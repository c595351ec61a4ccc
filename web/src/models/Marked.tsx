import type { ReactNode } from 'react';
import { Coverable, heard, useCovers } from './cover';
import { atDates, runs, stretches, whole, type Run as MarkedRun } from './marks';

export { plain, runs, type Run } from './marks';

/** Marked text in a paragraph: hours and minutes in their colours; on the board what gives the answer away can be covered. */
export function Marked({ text }: { text: string }): ReactNode {
  return stretches(text).map((stretch, i) =>
    stretch.answer ? (
      <Coverable key={i} id="answer" parts={['answer']} name="the answer">
        <Runs text={stretch.text} />
      </Coverable>
    ) : (
      <Runs key={i} text={stretch.text} />
    ),
  );
}

function Runs({ text }: { text: string }): ReactNode {
  return whole(runs(text)).map(({ together, of }, i) =>
    together ? (
      <span key={i} className="whitespace-nowrap">
        {of.map((run, j) => (
          <Run key={j} run={run} />
        ))}
      </span>
    ) : (
      of.map((run, j) => <Run key={`${i}.${j}`} run={run} />)
    ),
  );
}

function Run({ run }: { run: MarkedRun }): ReactNode {
  return run.mark === '' ? (
    // a date stands on one line, where a line is long enough for it
    atDates(run.text).map((text, i) =>
      i % 2 === 0 ? (
        text
      ) : (
        <span key={i} className="inline-block">
          {text}
        </span>
      ),
    )
  ) : run.mark === 'x' ? (
    run.text
  ) : (
    <span className={`mark-${run.mark}`}>{run.text}</span>
  );
}

/** Marked text inside an SVG text element. */
export function MarkedSpans({ text }: { text: string }): ReactNode {
  return runs(text).map((run, i) => (
    <tspan key={i} className={run.mark === '' || run.mark === 'x' ? undefined : `mark-${run.mark}`}>
      {run.text}
    </tspan>
  ));
}

/** The same where what is covered is a question mark. */
export function CoveredSpans({ text }: { text: string }): ReactNode {
  const covers = useCovers();
  const shown = heard(covers, text);
  return shown.includes('?') ? shown : <MarkedSpans text={text} />;
}

/** The shape that goes with a unit wherever its colour goes: square for hours, disc for minutes, triangle for seconds. */
export function Shape({ mark, size = 12 }: { mark: string; size?: number }): ReactNode {
  return (
    <svg width={size} height={size} viewBox="0 0 12 12" aria-hidden="true" className="inline-block shrink-0">
      {mark === 'm' ? (
        <circle cx="6" cy="6" r="6" className="mark-m" />
      ) : mark === 's' ? (
        <path d="M6 0 12 12H0Z" className="mark-s" />
      ) : (
        <rect width="12" height="12" className="mark-h" />
      )}
    </svg>
  );
}
