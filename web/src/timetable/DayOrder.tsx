import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { useQuery } from '@tanstack/react-query';
import { ArrowDown, ArrowUp, GripVertical } from 'lucide-react';
import { useState } from 'react';
import type { DayTaleReply } from '../api/types';
import { Marked } from '../models/Marked';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';
import { taleQuery, type WantedDay } from './queries';

/** What happens on a day, told in sentences and put in order by hand. */
export function DayOrder({ wanted, onOther }: { wanted: WantedDay; onOther: () => void }) {
  const tale = useQuery(taleQuery(wanted));
  if (!tale.data) {
    return tale.isError ? <p className="mt-4 text-lg">{tale.error.message}</p> : null;
  }
  // another day begins as it is given
  return <Order key={JSON.stringify(wanted)} tale={tale.data} onOther={onOther} />;
}

function Order({ tale, onOther }: { tale: DayTaleReply; onOther: () => void }) {
  const [order, setOrder] = useState<readonly number[]>(() => tale.things.map((_, i) => i));
  const [checked, setChecked] = useState(false);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const move = (from: number, to: number) => {
    if (to >= 0 && to < order.length) {
      setOrder(arrayMove([...order], from, to));
      setChecked(false);
    }
  };
  const inPlace = order.filter((thing, i) => tale.order[i] === thing).length;
  const solve = () => {
    setOrder(tale.order);
    setChecked(true);
  };
  useKeys({ a: solve, o: onOther });
  return (
    <div className="mt-4 grid gap-x-10 gap-y-5 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <ul className="space-y-2 text-[clamp(1.2rem,1.9vw,1.7rem)] leading-snug" aria-label="What is told">
        {tale.sentences.map((sentence) => (
          <li key={sentence}>
            <Marked text={sentence} />
          </li>
        ))}
      </ul>
      <div>
        <DndContext
          sensors={sensors}
          collisionDetection={closestCenter}
          onDragEnd={({ active, over }) => {
            if (over && active.id !== over.id) {
              move(order.indexOf(Number(active.id) - 1), order.indexOf(Number(over.id) - 1));
            }
          }}
        >
          <SortableContext items={order.map((thing) => thing + 1)} strategy={verticalListSortingStrategy}>
            <ol className="space-y-1.5" aria-label="In order">
              {order.map((thing, i) => (
                <Thing
                  key={thing}
                  id={thing + 1}
                  place={i}
                  name={tale.things[thing] ?? ''}
                  last={i === order.length - 1}
                  right={checked ? tale.order[i] === thing : null}
                  onMove={(by) => {
                    move(i, i + by);
                  }}
                />
              ))}
            </ol>
          </SortableContext>
        </DndContext>
        <p className="mt-2 min-h-8 text-xl" role="status" data-testid="in-place">
          {checked &&
            (inPlace === order.length
              ? 'That is the order of the day.'
              : `${inPlace === 0 ? 'None' : inPlace} of ${order.length} ${inPlace === 1 ? 'is' : 'are'} in place. Read the sentences again, one by one.`)}
        </p>
        <div className="flex flex-wrap gap-2.5">
          <Button
            look="strong"
            onClick={() => {
              setChecked(true);
            }}
          >
            Is that right?
          </Button>
          <Button onClick={solve} shortcut="A">
            Answer
          </Button>
          <Button onClick={onOther} shortcut="O">
            Another one
          </Button>
        </div>
      </div>
    </div>
  );
}

function Thing({
  id,
  place,
  name,
  last,
  right,
  onMove,
}: {
  id: number;
  place: number;
  name: string;
  last: boolean;
  /** Whether it is in its place; null where that is not said. */
  right: boolean | null;
  onMove: (by: number) => void;
}) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id });
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className="flex items-center gap-2 rounded-md border-2 border-ink bg-sheet px-2 text-xl"
    >
      <button
        type="button"
        className="grid min-h-11 min-w-9 cursor-grab touch-none place-items-center"
        aria-label={`Move ${name}`}
        data-own-keys
        {...attributes}
        {...listeners}
      >
        <GripVertical size={20} aria-hidden="true" />
      </button>
      <span className="w-7 text-soft tabular-nums">{place + 1}.</span>
      <span className="min-w-0 flex-1 font-bold">{name}</span>
      {right !== null && (
        <span className={`font-bold ${right ? '' : 'text-wrong'}`}>
          <span aria-hidden="true">{right ? '✓' : '✗'}</span>
          <span className="sr-only">{right ? 'in place' : 'not in place'}</span>
        </span>
      )}
      <button
        type="button"
        className="grid size-10 place-items-center rounded hover:bg-wash aria-disabled:opacity-30"
        aria-label={`${name} earlier`}
        aria-disabled={place === 0}
        onClick={() => {
          onMove(-1);
        }}
      >
        <ArrowUp size={20} aria-hidden="true" />
      </button>
      <button
        type="button"
        className="grid size-10 place-items-center rounded hover:bg-wash aria-disabled:opacity-30"
        aria-label={`${name} later`}
        aria-disabled={last}
        onClick={() => {
          onMove(1);
        }}
      >
        <ArrowDown size={20} aria-hidden="true" />
      </button>
    </li>
  );
}
