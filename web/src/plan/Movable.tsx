import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import {
  rectSortingStrategy,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { ReactNode } from 'react';
import { lifted } from '../ui/lifted';
import { Row, type RowProps } from './Row';

/** Rows that are dragged to one another's places, by the pointer or by keys. */
export function Movable({
  ids,
  across,
  onMove,
  children,
}: {
  ids: readonly string[];
  /** Whether they stand beside one another. */
  across: boolean;
  onMove: (id: string, to: string) => void;
  children: ReactNode;
}) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      accessibility={lifted(across ? 'lesson' : 'part', (id) => ids.indexOf(String(id)) + 1)}
      onDragEnd={({ active, over }) => {
        if (over && active.id !== over.id) {
          onMove(String(active.id), String(over.id));
        }
      }}
    >
      <SortableContext items={[...ids]} strategy={across ? rectSortingStrategy : verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}

/** One of them. */
export function MovableRow(props: RowProps & { id: string }) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: props.id });
  return (
    <Row
      {...props}
      place={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      dragged={isDragging}
      grip={{ ...attributes, ...listeners }}
    />
  );
}
