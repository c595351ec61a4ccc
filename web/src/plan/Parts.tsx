import { Suspense, useState, type ReactNode } from 'react';
import type { LessonReply, PartReply, PartText } from '../api/types';
import { Marked } from '../models/Marked';
import { AddPart } from './AddPart';
import { part as later } from '../ui/part';
import { Rows } from './Rows';

// fetched with the first part that is opened
const PartDetails = later(() => import('./PartDetails').then((it) => it.PartDetails));

/** How high a minute is, in rem: an hour fills the screen of a desk. */
const MINUTE = 0.42;
/** No lower than a line of text, in rem. */
const LEAST = 2.25;

/** At the board, on squared paper, or played: what a part is done with is seen from its ground, and not from a colour alone. */
export function groundOf({ text }: PartReply): string {
  if (text.activity !== null) {
    return 'rounded-2xl bg-wash outline-1 -outline-offset-1 outline-hair';
  }
  return text.kind === 'on-your-own' || text.kind === 'ticket'
    ? 'bg-sheet bg-[size:1.1rem_1.1rem] outline-1 -outline-offset-1 outline-hair'
    : 'border-l-6 border-ink bg-sheet';
}

interface Props {
  lesson: LessonReply;
  onChange: (parts: PartText[]) => void;
  /** Something else into that part. */
  onOther: (part: string) => void;
  /** Another sum in that place, or one of the teacher's own; whether it was understood. */
  onSum: (part: string, place: number, sum: string) => Promise<boolean>;
}

export function Parts({ lesson, onChange, onOther, onSum }: Props) {
  const [open, setOpen] = useState<string | null>(null);
  const texts = lesson.parts.map((one) => one.text);
  const [first] = lesson.parts;
  const end = (first?.starts ?? 0) + lesson.minutes;
  return (
    <>
      <Rows
        ids={texts.map((one) => one.id)}
        hold={open !== null}
        onMove={(id, other) => {
          const from = texts.findIndex((one) => one.id === id);
          const to = texts.findIndex((one) => one.id === other);
          const without = texts.filter((_, i) => i !== from);
          const moved = texts[from];
          if (moved && to >= 0) {
            onChange([...without.slice(0, to), moved, ...without.slice(to)]);
          }
        }}
      >
        {(row) => (
          <ol aria-label="Parts of the lesson" className="mt-4 space-y-1">
            {lesson.parts.map((part) =>
              row(part.text.id, {
                name: part.title,
                item: true,
                className: 'relative grid grid-cols-[3.5rem_minmax(0,1fr)] items-start gap-x-2',
                gripClass: 'size-9',
                children: (grip) => (
                  <PartRow
                    part={part}
                    lesson={lesson.id}
                    grip={grip}
                    over={part.starts + part.minutes > end}
                    open={open === part.text.id}
                    onOpen={() => {
                      setOpen((now) => (now === part.text.id ? null : part.text.id));
                    }}
                    onChange={(next) => {
                      onChange(
                        texts.flatMap((one) => (one.id === part.text.id ? (next === null ? [] : [next]) : [one])),
                      );
                    }}
                    onOther={() => {
                      onOther(part.text.id);
                    }}
                    onSum={(place, sum) => onSum(part.text.id, place, sum)}
                  />
                ),
              }),
            )}
          </ol>
        )}
      </Rows>
      <AddPart
        taken={texts.map((one) => one.id)}
        rung={lesson.rung}
        onAdd={(part) => {
          const before = texts.findIndex((one) => one.kind === 'ticket' || one.kind === 'tidy-up');
          const at = before < 0 || part.kind === 'tidy-up' ? texts.length : before;
          onChange([...texts.slice(0, at), part, ...texts.slice(at)]);
          setOpen(part.id);
          if (part.kind === 'warm-up' || part.kind === 'activity' || part.sums.length > 0) {
            onOther(part.id);
          }
        }}
      />
    </>
  );
}

function PartRow({
  part,
  lesson,
  grip,
  over,
  open,
  onOpen,
  onChange,
  onOther,
  onSum,
}: {
  part: PartReply;
  lesson: string;
  /** By which it is moved. */
  grip: ReactNode;
  /** Whether it goes on after the lesson is over. */
  over: boolean;
  open: boolean;
  onOpen: () => void;
  onChange: (next: PartText | null) => void;
  onOther: () => void;
  onSum: (place: number, sum: string) => Promise<boolean>;
}) {
  const paper = part.text.activity === null && (part.text.kind === 'on-your-own' || part.text.kind === 'ticket');
  return (
    <>
      <span className="pt-1 text-right text-xl">
        <Marked
          text={part.from
            .replace(/ ?\{x:[^}]*\}/g, '')
            .replace(/^.*noon$/, 'noon')
            .replace(/^.*midnight$/, '12:00')}
        />
      </span>
      <div
        data-squared={paper ? '' : undefined}
        className={`relative ${groundOf(part)} ${over ? 'outline-3! -outline-offset-1! outline-wrong!' : ''}`}
        style={{ minHeight: `${Math.max(LEAST, part.minutes * MINUTE)}rem` }}
      >
        <div className="flex items-start">
          <button
            type="button"
            aria-expanded={open}
            className="min-h-9 min-w-0 flex-1 px-3 py-1 text-left text-lg hover:underline"
            onClick={onOpen}
          >
            <span className="font-bold">{part.title}</span>{' '}
            <span className="whitespace-nowrap text-soft">{part.minutes} min</span>{' '}
            {over && <span className="ml-2 font-bold text-wrong">over </span>}
            <span className="ml-2">
              {part.sums.length > 0
                ? part.sums.map((sum, i) => (
                    <span key={sum}>
                      {i > 0 && '; '}
                      <Marked text={sum} />
                    </span>
                  ))
                : part.content}
            </span>
          </button>
          {grip}
        </div>
        {open && (
          <Suspense fallback={null}>
            <PartDetails part={part} lesson={lesson} onChange={onChange} onOther={onOther} onSum={onSum} />
          </Suspense>
        )}
      </div>
    </>
  );
}
