import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { PartReply, PartText } from '../api/types';
import { Button } from '../ui/Button';
import { called } from '../ui/called';
import { PartSums } from './PartSums';

/** One part, opened: its minutes, what is in it, and why. */
export function PartDetails({
  part,
  lesson,
  onChange,
  onOther,
  onSum,
}: {
  part: PartReply;
  /** Its id. */
  lesson: string;
  onChange: (next: PartText | null) => void;
  onOther: () => void;
  onSum: (place: number, sum: string) => Promise<boolean>;
}) {
  const { text } = part;
  const [note, setNote] = useState(text.note);
  const [done, setDone] = useState(text.done);
  return (
    <div className="space-y-2 border-t border-hair bg-sheet px-3 pt-2 pb-3">
      {text.why !== '' && <p className="text-soft">{text.why}</p>}
      {text.sums.length > 0 && <PartSums part={part} onChange={onChange} onSum={onSum} />}
      <p>
        It takes {part.takes} {part.takes === 1 ? 'minute' : 'minutes'}: {part.said}.
      </p>
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <Counter
          label={`Minutes of ${part.title}`}
          value={part.minutes}
          least={1}
          onChange={(minutes) => {
            onChange({ ...text, minutes });
          }}
        >
          minutes
        </Counter>
        {text.minutes !== null && (
          <Button
            look="quiet"
            onClick={() => {
              onChange({ ...text, minutes: null });
            }}
          >
            As long as it takes
          </Button>
        )}
        {text.questions > 0 && (
          <Counter
            label={`Questions of ${part.title}`}
            value={text.questions}
            least={1}
            onChange={(questions) => {
              onChange({ ...text, questions });
            }}
          >
            {text.questions === 1 ? 'question' : 'questions'}
          </Counter>
        )}
      </div>
      <label className="block">
        <span className="sr-only">Note for {part.title}</span>
        <input
          value={note}
          maxLength={500}
          placeholder="a note for this part"
          className="w-full rounded-md border-2 border-hair bg-sheet px-2.5 py-1 placeholder:text-soft focus:border-ink"
          onChange={(event) => {
            setNote(event.target.value);
          }}
          onBlur={() => {
            if (note !== text.note) {
              onChange({ ...text, note });
            }
          }}
        />
      </label>
      {text.kind === 'on-your-own' && (
        <label className="block">
          For who is done before the others
          <input
            value={done}
            maxLength={300}
            placeholder="two more sums, on the board"
            className="mt-0.5 w-full rounded-md border-2 border-hair bg-sheet px-2.5 py-1 placeholder:text-soft focus:border-ink"
            onChange={(event) => {
              setDone(event.target.value);
            }}
            onBlur={() => {
              if (done !== text.done) {
                onChange({ ...text, done });
              }
            }}
          />
        </label>
      )}
      <div className="flex flex-wrap items-center gap-2">
        {(text.activity !== null || text.sums.length > 0 || text.kind === 'warm-up' || text.kind === 'activity') && (
          <Button onClick={onOther}>{text.sums.length > 0 ? called.newNumbers : called.otherQuestions}</Button>
        )}
        {text.questions > 0 && <Button onClick={onOther}>{called.newNumbers}</Button>}
        {text.activity !== null && (
          <Link
            to={`/activities/${text.activity}?seed=${text.seed}&level=${text.level}${text.group === null ? '' : `&group=${text.group}`}`}
            className="px-2 underline underline-offset-4"
          >
            Look at it
          </Link>
        )}
        {(text.kind === 'warm-up' || text.kind === 'activity') && (
          <Link
            to={`/activities?${new URLSearchParams({ lesson, part: text.id, minutes: String(part.minutes), ...(text.rung === null ? {} : { rung: text.rung }) }).toString()}`}
            className="px-2 underline underline-offset-4"
          >
            All that would fit
          </Link>
        )}
        <Button
          look="quiet"
          onClick={() => {
            onChange(null);
          }}
        >
          Delete this part
        </Button>
      </div>
    </div>
  );
}

function Counter({
  label,
  value,
  least,
  onChange,
  children,
}: {
  label: string;
  value: number;
  least: number;
  onChange: (value: number) => void;
  children: string;
}) {
  const step = 'grid size-10 place-items-center rounded-md hover:bg-wash aria-disabled:opacity-40';
  return (
    <span role="group" aria-label={label} className="inline-flex items-center">
      <button
        type="button"
        className={step}
        aria-label={`${label}: one fewer`}
        aria-disabled={value <= least}
        onClick={() => {
          if (value > least) {
            onChange(value - 1);
          }
        }}
      >
        <Minus size={18} aria-hidden="true" />
      </button>
      <span className="min-w-8 text-center text-xl font-bold tabular-nums">{value}</span>
      <button
        type="button"
        className={step}
        aria-label={`${label}: one more`}
        onClick={() => {
          onChange(value + 1);
        }}
      >
        <Plus size={18} aria-hidden="true" />
      </button>
      <span className="ml-1">{children}</span>
    </span>
  );
}
