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
import type { ReactNode } from 'react';

interface Props {
  label: string;
  /** Names of the things, as they are given. */
  things: readonly string[];
  /** Numbers of the things, in the order in which they stand. */
  order: readonly number[];
  onOrder: (order: number[]) => void;
  /** How a thing is written; its name alone where nothing is said. */
  show?: (name: string) => ReactNode;
  /** Whether a thing is in its place; null where that is not said. */
  right?: (thing: number, place: number) => boolean | null;
  /** For small hands: larger, without numbers. */
  large?: boolean;
}

/** Things that are put in order: dragged, moved by arrows, or by keys. */
export function InOrder({
  label,
  things,
  order,
  onOrder,
  show = (name) => name,
  right = () => null,
  large = false,
}: Props) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const move = (from: number, to: number) => {
    if (to >= 0 && to < order.length) {
      onOrder(arrayMove([...order], from, to));
    }
  };
  return (
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
        <ol className={large ? 'space-y-2' : 'space-y-1.5'} aria-label={label}>
          {order.map((thing, i) => (
            <Thing
              key={thing}
              id={thing + 1}
              place={i}
              name={things[thing] ?? ''}
              shown={show(things[thing] ?? '')}
              last={i === order.length - 1}
              right={right(thing, i)}
              large={large}
              onMove={(by) => {
                move(i, i + by);
              }}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

function Thing({
  id,
  place,
  name,
  shown,
  last,
  right,
  large,
  onMove,
}: {
  id: number;
  place: number;
  name: string;
  shown: ReactNode;
  last: boolean;
  right: boolean | null;
  large: boolean;
  onMove: (by: number) => void;
}) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id });
  const icon = large ? 26 : 20;
  const arrow = `grid place-items-center rounded hover:bg-wash aria-disabled:opacity-30 ${large ? 'size-13' : 'size-10'}`;
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className={`flex items-center gap-2 rounded-md border-2 border-ink bg-sheet px-2 ${large ? 'min-h-16 text-3xl' : 'text-xl [.wall_&]:text-[calc(var(--u)*1.875)]'}`}
    >
      <button
        type="button"
        className={`grid cursor-grab touch-none place-items-center ${large ? 'min-h-14 min-w-11' : 'min-h-11 min-w-9'}`}
        aria-label={`Move ${name}`}
        data-own-keys
        {...attributes}
        {...listeners}
      >
        <GripVertical size={icon} aria-hidden="true" />
      </button>
      {!large && <span className="w-7 text-soft tabular-nums">{place + 1}.</span>}
      <span className="min-w-0 flex-1 font-bold">{shown}</span>
      {right !== null && (
        <span className={`font-bold ${right ? '' : 'text-wrong'}`}>
          <span aria-hidden="true">{right ? '✓' : '✗'}</span>
          <span className="sr-only">{right ? 'in place' : 'not in place'}</span>
        </span>
      )}
      <button
        type="button"
        className={arrow}
        aria-label={`${name} earlier`}
        aria-disabled={place === 0}
        onClick={() => {
          onMove(-1);
        }}
      >
        <ArrowUp size={icon} aria-hidden="true" />
      </button>
      <button
        type="button"
        className={arrow}
        aria-label={`${name} later`}
        aria-disabled={last}
        onClick={() => {
          onMove(1);
        }}
      >
        <ArrowDown size={icon} aria-hidden="true" />
      </button>
    </li>
  );
}
