import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { GripVertical } from 'lucide-react';
import { useState } from 'react';
import type { QuestionReply, QuestionText } from '../api/types';
import { Marked, plain } from '../models/Marked';
import { More } from '../ui/More';
import { Nudge } from '../ui/Nudge';
import { EditQuestion } from './EditQuestion';
import { isOfTable } from './draft';
import { ownForm } from './forms';

interface RowProps {
  question: QuestionReply;
  number: number;
  isCurrent: boolean;
  onOpen: () => void;
  onRemove: () => void;
  onChange: (text: QuestionText) => void;
  onLock: () => void;
  /** Another question like it. */
  onRenew: () => void;
  /** One place up or down; null where it stands there already. */
  onUp: (() => void) | null;
  onDown: (() => void) | null;
}

/** A question on the sheet: to be opened, kept, replaced, changed, moved, taken off. */
export function QuestionRow({
  question,
  number,
  isCurrent,
  onOpen,
  onRemove,
  onChange,
  onLock,
  onRenew,
  onUp,
  onDown,
}: RowProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id: question.id,
  });
  const [editing, setEditing] = useState(false);
  const [nudging, setNudging] = useState(false);
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition: transition ?? '' }}
      className={`group flex items-start gap-1 border-b border-hair py-1 ${isDragging ? 'relative z-10 bg-wash' : ''}`}
    >
      <span className="relative -ml-3 shrink-0">
        <button
          type="button"
          ref={setActivatorNodeRef}
          {...attributes}
          {...listeners}
          aria-label={`Move question ${number}`}
          aria-expanded={nudging}
          className="grid min-h-10 w-7 cursor-grab touch-none place-items-center text-soft"
          onClick={() => {
            setNudging(!nudging);
          }}
        >
          <GripVertical size={18} aria-hidden="true" />
        </button>
        {nudging && <Nudge name={`question ${number}`} up={onUp} down={onDown} side="right" />}
      </span>
      <span className="w-6 shrink-0 pt-1.5 font-bold tabular-nums">{number}</span>
      <div className="min-w-0 flex-1">
        {editing ? (
          <EditQuestion
            number={number}
            before={question.text}
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
            {question.text.challenge && <span className="block text-base font-bold">Challenge</span>}
            <span className="block">
              <Marked text={question.shown} />
            </span>
            <span className={`block text-base ${question.problem === null ? 'text-soft' : 'font-bold text-wrong'}`}>
              {question.problem ?? (question.answer === null ? '…' : <>= {plain(question.answer)}</>)}
            </span>
            {question.text.wording !== '' && <span className="block text-base italic">{question.text.wording}</span>}
            {ownForm(question.text).map((form) => (
              <span key={form} className="block text-base text-soft">
                {form}
              </span>
            ))}
            {question.locked && <span className="block text-base text-soft">these numbers stay</span>}
            {question.warnings.map((warning) => (
              <span key={warning.code} className="block text-base text-minute" data-testid="warning">
                {warning.text}
              </span>
            ))}
          </button>
        )}
      </div>
      {!editing && (
        <More
          name={`question ${number}`}
          items={[
            { text: 'Keep these numbers', onSelect: onLock, on: question.locked },
            { text: 'New numbers', onSelect: onRenew },
            ...(isOfTable(question.text)
              ? []
              : [
                  {
                    text: 'Change',
                    onSelect: () => {
                      setEditing(true);
                    },
                  },
                ]),
            { text: 'Remove', onSelect: onRemove },
          ]}
        />
      )}
    </li>
  );
}
