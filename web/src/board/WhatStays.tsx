import { useState } from 'react';
import type { Change, Changed } from '../api/types';
import { Coverable, heard, useCovers, type Part } from '../models/cover';
import { Shape } from '../models/Marked';
import { useHalves } from '../models/halves';

interface Aspect {
  id: string;
  /** What it is called: "hour", "a.m. or p.m.". */
  name: string;
  mark: 'h' | 'm' | '';
  part: Part[];
  change: Change;
}

/**
 * What stays and what changes: first a question, each part of it answered by the class in its words, then a statement with
 * its reason.
 */
export function WhatStays({
  changed,
  step,
  isAnswer,
}: {
  changed: Changed;
  step: number;
  /** Whether what it has become is the answer: then its values are covered with the answer. */
  isAnswer: boolean;
}) {
  const covers = useCovers();
  const { am, pm, by24 } = useHalves();
  const aspects: Aspect[] = [
    { id: 'hour', name: 'hour', mark: 'h' as const, part: ['hour' as const], change: changed.hour },
    { id: 'minutes', name: 'minutes', mark: 'm' as const, part: ['minutes' as const], change: changed.minute },
    {
      id: 'half',
      name: by24 ? 'half of the day' : `${am} or ${pm}`,
      mark: '' as const,
      part: ['half' as const],
      change: changed.half,
    },
    { id: 'date', name: 'date', mark: '' as const, part: [], change: changed.day },
  ].flatMap((one) => (one.change ? [{ ...one, change: one.change }] : []));
  const idOf = (one: Aspect) => `k${step}.${one.id}`;
  const open = aspects.filter((one) => !covers.covered(idOf(one), ['changed']));
  const asked = aspects.filter((one) => !open.includes(one));
  return (
    <div data-testid="changed" className="wall-note leading-tight">
      {asked.length > 0 && (
        <ul
          aria-label="What stays, what changes?"
          className="wall-small flex flex-wrap items-center justify-between gap-x-[0.6em] gap-y-1 pt-1"
        >
          {asked.map((one) => (
            <Question
              key={one.id}
              aspect={one}
              id={idOf(one)}
              onShow={() => {
                covers.toggle(idOf(one), true);
              }}
            />
          ))}
        </ul>
      )}
      {open.length > 0 && (
        <div className="grid gap-x-8 pt-1 md:grid-cols-2">
          {[true, false].map((changes) => (
            <dl key={String(changes)} className="flex flex-wrap items-baseline gap-x-4">
              {open.some((one) => one.change.changed === changes) && (
                <dt className="text-soft">{changes ? 'changed' : 'stayed'}</dt>
              )}
              {open
                .filter((one) => one.change.changed === changes)
                .map((one) => (
                  <dd key={one.id} className="inline-flex flex-wrap items-baseline gap-x-[0.3em]">
                    <Statement aspect={one} isAnswer={isAnswer} />
                  </dd>
                ))}
            </dl>
          ))}
        </div>
      )}
    </div>
  );
}

function Statement({ aspect, isAnswer }: { aspect: Aspect; isAnswer: boolean }) {
  const covers = useCovers();
  const { mark, name, change, part, id } = aspect;
  const shape = mark !== '' && <Shape mark={mark} size={16} />;
  const named = mark !== '' ? <span className={`mark-${mark}`}>{name}</span> : null;
  const look = mark === '' ? 'font-bold' : `mark-${mark}`;
  return (
    <>
      {shape}
      {named}
      <span className={look}>
        {change.from !== '' && change.changed && (
          <Coverable id={`from.${id}`} parts={part} name={name}>
            {change.from}
          </Coverable>
        )}
        {change.from !== '' && change.changed && ' → '}
        <Coverable id={isAnswer ? 'answer' : `to.${id}`} parts={isAnswer ? ['answer', ...part] : part} name={name}>
          {change.to}
        </Coverable>
      </span>
      <span className="text-soft">({heard(covers, change.why)})</span>
    </>
  );
}

/** One part of the question: it stays, or it changes, and to what. */
function Question({ aspect, id, onShow }: { aspect: Aspect; id: string; onShow: () => void }) {
  const [said, setSaid] = useState<boolean | null>(null);
  const { mark, name, change } = aspect;
  const right = said === change.changed;
  const say = (changes: boolean) => () => {
    if (changes === change.changed && !changes) {
      onShow();
    } else {
      setSaid(changes);
    }
  };
  return (
    <li className="flex items-center gap-[0.35em]">
      <button
        type="button"
        data-cover={id}
        aria-label={`Show what becomes of the ${name}`}
        className="inline-flex min-h-11 items-center gap-1.5 font-bold"
        onClick={onShow}
      >
        {mark !== '' && <Shape mark={mark} size={16} />}
        {name}
      </button>
      {said && right ? (
        <>
          <span>changes, to</span>
          <button
            type="button"
            className="cover min-h-11"
            aria-label={`Show what the ${name} changes to`}
            onClick={onShow}
          >
            ?
          </button>
        </>
      ) : (
        <span className="inline-flex rounded-md border-2 border-ink bg-sheet">
          {[false, true].map((changes) => (
            <button
              key={String(changes)}
              type="button"
              className={`min-h-11 border-l-2 border-ink px-[0.3em] font-bold first:border-l-0 hover:bg-wash ${said === changes ? 'text-soft line-through' : ''}`}
              onClick={say(changes)}
            >
              {changes ? 'changes' : 'stays'}
            </button>
          ))}
        </span>
      )}
      <span role="status" className="sr-only">
        {said !== null && !right ? `Look at the ${name} again.` : ''}
      </span>
    </li>
  );
}
