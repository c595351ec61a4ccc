import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { GripVertical, Lock, LockOpen, Pencil, RefreshCw, Trash2 } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import type { QuestionReply } from '../api/types';
import { Marked, plain } from '../models/Marked';

/** What can be typed of a question. */
interface Changed {
  sum: string;
  wording: string;
  challenge: boolean;
}

interface RowProps {
  question: QuestionReply;
  number: number;
  isCurrent: boolean;
  onOpen: () => void;
  onRemove: () => void;
  onChange: (changed: Changed) => void;
  onLock: () => void;
  /** Another question like it. */
  onRenew: () => void;
}

/** A question on the sheet: to be opened, kept, replaced, changed, moved, taken off. */
export function QuestionRow({ question, number, isCurrent, onOpen, onRemove, onChange, onLock, onRenew }: RowProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id: question.id,
  });
  const [editing, setEditing] = useState(false);
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition: transition ?? '' }}
      className={`group flex items-start gap-1 border-b border-hair py-1 ${isDragging ? 'relative z-10 bg-wash' : ''}`}
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        aria-label={`Move question ${number}`}
        className="-ml-3 grid min-h-10 w-7 shrink-0 cursor-grab touch-none place-items-center text-soft"
      >
        <GripVertical size={18} aria-hidden="true" />
      </button>
      <span className="w-6 shrink-0 pt-1.5 font-bold tabular-nums">{number}</span>
      <div className="min-w-0 flex-1">
        {editing ? (
          <EditField
            number={number}
            before={question}
            onDone={(done) => {
              setEditing(false);
              if (done !== null) {
                onChange(done);
              }
            }}
          />
        ) : (
          <button
            type="button"
            onClick={onOpen}
            aria-current={isCurrent}
            aria-label={`Question ${number}: ${plain(question.shown)}. Show it worked`}
            className={`w-full rounded px-1 py-1 text-left text-lg [overflow-wrap:anywhere] hover:bg-wash ${isCurrent ? 'bg-wash' : ''}`}
          >
            {question.challenge && <span className="block text-base font-bold">Challenge</span>}
            <span className="block">
              <Marked text={question.shown} />
            </span>
            <span className={`block text-base ${question.problem === null ? 'text-soft' : 'font-bold text-wrong'}`}>
              {question.problem ?? (question.answer === null ? '…' : <>= {plain(question.answer)}</>)}
            </span>
            {question.wording !== '' && <span className="block text-base italic">{question.wording}</span>}
            {question.warnings.map((warning) => (
              <span key={warning.code} className="block text-base text-minute" data-testid="warning">
                {warning.text}
              </span>
            ))}
          </button>
        )}
      </div>
      {!editing && (
        <span className="grid shrink-0 grid-cols-2">
          <button
            type="button"
            className={`grid min-h-9 w-8 place-items-center hover:text-ink ${question.locked ? 'text-ink' : 'text-soft'}`}
            aria-label={`Keep question ${number}`}
            aria-pressed={question.locked}
            onClick={onLock}
          >
            {question.locked ? <Lock size={17} aria-hidden="true" /> : <LockOpen size={17} aria-hidden="true" />}
          </button>
          <button
            type="button"
            className="grid min-h-9 w-8 place-items-center text-soft hover:text-ink"
            aria-label={`Another in place of question ${number}`}
            onClick={onRenew}
          >
            <RefreshCw size={17} aria-hidden="true" />
          </button>
          <button
            type="button"
            className="grid min-h-9 w-8 place-items-center text-soft hover:text-ink"
            aria-label={`Change question ${number}`}
            onClick={() => {
              setEditing(true);
            }}
          >
            <Pencil size={17} aria-hidden="true" />
          </button>
          <button
            type="button"
            className="grid min-h-9 w-8 place-items-center text-soft hover:text-ink"
            aria-label={`Take question ${number} off the sheet`}
            onClick={onRemove}
          >
            <Trash2 size={17} aria-hidden="true" />
          </button>
        </span>
      )}
    </li>
  );
}

function EditField({
  number,
  before,
  onDone,
}: {
  number: number;
  before: Changed;
  onDone: (done: Changed | null) => void;
}) {
  const [text, setText] = useState(before.sum);
  const [words, setWords] = useState(before.wording);
  const [challenge, setChallenge] = useState(before.challenge);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    field.current?.select();
  }, []);
  const done = () => {
    onDone(text.trim() === '' ? null : { sum: text, wording: words.trim(), challenge });
  };
  const look = 'my-0.5 w-full rounded-md border-2 border-ink bg-sheet px-2 py-1 text-lg';
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        done();
      }}
      onBlur={(event) => {
        if (!event.currentTarget.contains(event.relatedTarget)) {
          done();
        }
      }}
      onKeyDown={(event) => {
        if (event.key === 'Escape') {
          onDone(null);
        }
      }}
    >
      <input
        ref={field}
        aria-label={`Question ${number}`}
        value={text}
        maxLength={300}
        onChange={(event) => {
          setText(event.target.value);
        }}
        className={look}
      />
      <textarea
        aria-label={`Question ${number} in words`}
        placeholder="In words, for the paper (if you like)"
        value={words}
        maxLength={600}
        rows={2}
        onChange={(event) => {
          setWords(event.target.value);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && !event.shiftKey) {
            event.preventDefault();
            done();
          }
        }}
        className={`${look} text-base`}
      />
      <div className="flex items-center justify-between gap-3">
        <label className="flex min-h-9 items-center gap-2 text-base">
          <input
            type="checkbox"
            className="size-5 accent-ink"
            checked={challenge}
            onChange={(event) => {
              setChallenge(event.target.checked);
            }}
          />
          a challenge at the end
        </label>
        <button type="submit" className="min-h-9 px-2 text-base font-bold underline underline-offset-4">
          Done
        </button>
      </div>
    </form>
  );
}
