import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { ArrowDown, ArrowUp, GripVertical } from 'lucide-react';
import { useState } from 'react';
import type { OfferReply } from '../../api/types';
import { typedRuns } from '../words';
import { Ready } from './Ready';

/** Things are put in order: dragged, moved by arrows, or by keys. */
export function OrderAnswer({ offer, onAnswer }: { offer: OfferReply; onAnswer: (given: string) => void }) {
  const things = offer.pad.order;
  const [order, setOrder] = useState<readonly number[]>(() => things.map((_, i) => i));
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const move = (from: number, to: number) => {
    if (to >= 0 && to < order.length) {
      setOrder(arrayMove([...order], from, to));
    }
  };
  return (
    <div className="flex w-full max-w-xl flex-col gap-3">
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
          <ol className="space-y-2" aria-label="In order, the first at the top">
            {order.map((thing, i) => (
              <Thing
                key={thing}
                id={thing + 1}
                name={things[thing] ?? ''}
                first={i === 0}
                last={i === order.length - 1}
                onMove={(by) => {
                  move(i, i + by);
                }}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <Ready
        onClick={() => {
          onAnswer(order.map((thing) => String.fromCharCode(97 + thing)).join(', '));
        }}
        off={false}
      />
    </div>
  );
}

function Thing({
  id,
  name,
  first,
  last,
  onMove,
}: {
  id: number;
  name: string;
  first: boolean;
  last: boolean;
  onMove: (by: number) => void;
}) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id });
  const arrow = 'grid size-13 place-items-center rounded-md hover:bg-wash aria-disabled:opacity-30';
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className="flex min-h-16 items-center gap-2 rounded-lg border-2 border-ink bg-sheet px-2 text-3xl font-bold"
    >
      <button
        type="button"
        className="grid min-h-14 min-w-11 cursor-grab touch-none place-items-center"
        aria-label={`Move ${name}`}
        data-own-keys
        {...attributes}
        {...listeners}
      >
        <GripVertical size={26} aria-hidden="true" />
      </button>
      <span className="min-w-0 flex-1">
        {typedRuns(name).map((run, i) => (
          <span key={i} className={run.mark === '' ? undefined : `mark-${run.mark}`}>
            {run.text}
          </span>
        ))}
      </span>
      <button
        type="button"
        className={arrow}
        aria-label={`${name} up`}
        aria-disabled={first}
        onClick={() => {
          onMove(-1);
        }}
      >
        <ArrowUp size={26} aria-hidden="true" />
      </button>
      <button
        type="button"
        className={arrow}
        aria-label={`${name} down`}
        aria-disabled={last}
        onClick={() => {
          onMove(1);
        }}
      >
        <ArrowDown size={26} aria-hidden="true" />
      </button>
    </li>
  );
}
