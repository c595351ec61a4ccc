import { useEffect, useRef, type CSSProperties, type ReactNode } from 'react';
import type { Picture, SetOutPicture } from '../api/types';
import { Coverable, type Part } from './cover';
import { Marked } from './Marked';
import { StoryLine } from './StoryLine';

/** What a picture is drawn by; given, so that a working within a problem is drawn like any other. */
export type Draw = (picture: Picture, last: Picture) => ReactNode;

/**
 * A problem set out in five lines, and beside them what the present line is read off: the story drawn, or the working.
 * `last` is the picture of the last step: what will stand there has its room from the beginning.
 */
export function SetOut({
  picture,
  last,
  large = false,
  draw,
}: {
  picture: SetOutPicture;
  last: SetOutPicture;
  large?: boolean;
  draw: Draw;
}) {
  const several = last.sums.length > 1;
  const now = picture.sums.at(-1);
  const working = picture.answer === null ? (now?.working ?? null) : null;
  const rows: ReactNode[] = [
    <Row key="given" name="Given" id="given">
      {picture.given.map((one) => (
        <span key={one.name} className={large ? 'mr-6 inline-block' : 'block'}>
          <span className="text-soft">{one.name}</span>{' '}
          <strong className="whitespace-nowrap">
            <Marked text={one.value} />
          </strong>
          {one.told !== '' && <span className="text-soft"> ({one.told})</span>}
        </span>
      ))}
    </Row>,
  ];
  last.sums.forEach((end, i) => {
    const one = picture.sums[i];
    const n = several ? ` ${i + 1}` : '';
    const final = i === last.sums.length - 1;
    rows.push(
      <Row key={`find${i}`} name={`Find${n}`} id={`find${i}`}>
        {one && <Marked text={one.find} />}
      </Row>,
      <Row key={`operation${i}`} name={`Operation${n}`} id={`operation${i}`}>
        {one && one.operation !== null && (
          <>
            {one.operation}{' '}
            <strong className="ml-2 inline-block">
              <Marked text={one.sum ?? ''} />
            </strong>
          </>
        )}
      </Row>,
      <Row key={`working${i}`} name={`Working${n}`} id={`working${i}`} parts={final ? ['answer'] : []}>
        {one && one.result !== null ? (
          <strong>
            <Marked text={one.sum ?? ''} /> = <Marked text={one.result} />
          </strong>
        ) : one?.working ? (
          <span className="text-soft">as drawn</span>
        ) : null}
      </Row>,
    );
    return end;
  });
  rows.push(
    <Row key="answer" name="Answer" id="answer-line" parts={['answer']}>
      {picture.answer !== null && (
        <strong>
          <Marked text={picture.answer} />
        </strong>
      )}
    </Row>,
  );
  const lastWorking = last.sums[picture.sums.length - 1]?.working ?? working;
  // the line that was written last is in sight
  const lines = useRef<HTMLDListElement>(null);
  useEffect(() => {
    const written = lines.current?.querySelectorAll('[data-written]') ?? [];
    written[written.length - 1]?.scrollIntoView({ block: 'nearest' });
  }, [picture]);
  return (
    <div
      className={`grid w-full content-start gap-x-8 gap-y-3 self-stretch overflow-y-auto lg:grid-cols-[minmax(0,6fr)_minmax(0,7fr)] ${large ? 'wall-small' : 'text-lg'}`}
      data-testid="set-out"
      role="group"
      aria-label="What is known and what is asked"
      tabIndex={0}
    >
      <dl
        ref={lines}
        style={{ '--names': several ? '6.8em' : '5.6em' } as CSSProperties}
        className="grid content-start gap-y-1 leading-snug"
      >
        {rows}
      </dl>
      <div className={`flex min-w-0 flex-col ${large ? 'min-h-64' : 'min-h-48'}`}>
        {picture.story && (large || !working) && <StoryLine story={picture.story} wide={large} />}
        {working && lastWorking && draw(working, lastWorking)}
      </div>
    </div>
  );
}

function Row({
  name,
  id,
  parts = [],
  children,
}: {
  name: string;
  id: string;
  parts?: readonly Part[];
  children: ReactNode;
}) {
  const empty = children === null || children === undefined || children === false;
  return (
    <div
      className="grid grid-cols-[var(--names)_minmax(0,1fr)] items-baseline gap-x-3 border-b border-hair pb-1"
      {...(empty ? {} : { 'data-written': true })}
    >
      <dt className="font-bold">{name}</dt>
      <dd className="min-h-[1.4em]">
        {empty ? null : (
          <Coverable id={id} parts={parts} name={`the line ${name}`}>
            <span>{children}</span>
          </Coverable>
        )}
      </dd>
    </div>
  );
}
