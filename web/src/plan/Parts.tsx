import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { GripVertical } from 'lucide-react';
import { useState } from 'react';
import type { LessonReply, PartReply, PartText } from '../api/types';
import { Marked } from '../models/Marked';
import { AddPart } from './AddPart';
import { PartDetails } from './PartDetails';

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
}

export function Parts({ lesson, onChange, onOther }: Props) {
  const [open, setOpen] = useState<string | null>(null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const texts = lesson.parts.map((one) => one.text);
  const [first] = lesson.parts;
  const end = (first?.starts ?? 0) + lesson.minutes;
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={({ active, over }) => {
        const from = texts.findIndex((one) => one.id === active.id);
        const to = texts.findIndex((one) => one.id === over?.id);
        if (from >= 0 && to >= 0 && from !== to) {
          onChange(arrayMove(texts, from, to));
        }
      }}
    >
      <SortableContext items={texts.map((one) => one.id)} strategy={verticalListSortingStrategy}>
        <ol aria-label="Parts of the lesson" className="mt-4 space-y-1">
          {lesson.parts.map((part) => (
            <PartRow
              key={part.text.id}
              part={part}
              lesson={lesson.id}
              over={part.starts + part.minutes > end}
              open={open === part.text.id}
              onOpen={() => {
                setOpen((now) => (now === part.text.id ? null : part.text.id));
              }}
              onChange={(next) => {
                onChange(texts.flatMap((one) => (one.id === part.text.id ? (next === null ? [] : [next]) : [one])));
              }}
              onOther={() => {
                onOther(part.text.id);
              }}
            />
          ))}
        </ol>
      </SortableContext>
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
    </DndContext>
  );
}

function PartRow({
  part,
  lesson,
  over,
  open,
  onOpen,
  onChange,
  onOther,
}: {
  part: PartReply;
  lesson: string;
  /** Whether it goes on after the lesson is over. */
  over: boolean;
  open: boolean;
  onOpen: () => void;
  onChange: (next: PartText | null) => void;
  onOther: () => void;
}) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: part.text.id });
  const paper = part.text.activity === null && (part.text.kind === 'on-your-own' || part.text.kind === 'ticket');
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`relative grid grid-cols-[3.5rem_minmax(0,1fr)] items-start gap-x-2 ${isDragging ? 'z-10' : ''}`}
    >
      <span className="pt-1 text-right text-xl">
        <Marked text={part.from.replace(/ ?\{x:[^}]*\}/g, '')} />
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
            <span className="font-bold">{part.title}</span> <span className="text-soft">{part.minutes} min</span>
            {over && <span className="ml-2 font-bold text-wrong">over</span>}
            <span className="ml-3">
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
          <button
            type="button"
            className="grid size-9 shrink-0 cursor-grab touch-none place-items-center text-soft hover:text-ink"
            aria-label={`Move ${part.title}`}
            data-own-keys
            {...attributes}
            {...listeners}
          >
            <GripVertical size={20} aria-hidden="true" />
          </button>
        </div>
        {open && <PartDetails part={part} lesson={lesson} onChange={onChange} onOther={onOther} />}
      </div>
    </li>
  );
}
