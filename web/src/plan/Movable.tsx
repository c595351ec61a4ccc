import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import {
  rectSortingStrategy,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { createContext, useContext, useState, type ReactNode } from 'react';
import { lifted } from '../ui/lifted';
import { Nudge } from '../ui/Nudge';
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
        {/* lessons beside one another are moved from their own menu, too */}
        <Moves value={across ? null : { ids, onMove }}>{children}</Moves>
      </SortableContext>
    </DndContext>
  );
}

const Moves = createContext<{ ids: readonly string[]; onMove: (id: string, to: string) => void } | null>(null);

/** One of them. */
export function MovableRow(props: RowProps & { id: string }) {
  const moves = useContext(Moves);
  const [nudging, setNudging] = useState(false);
  const at = moves?.ids.indexOf(props.id) ?? -1;
  const to = (place: number) => {
    const other = moves?.ids[place];
    return other === undefined
      ? null
      : () => {
          moves?.onMove(props.id, other);
        };
  };
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: props.id });
  return (
    <Row
      {...props}
      place={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      dragged={isDragging}
      grip={{
        ...attributes,
        ...listeners,
        ...(moves && {
          'aria-expanded': nudging,
          onClick: () => {
            setNudging(!nudging);
          },
        }),
      }}
      nudge={moves ? nudging && <Nudge name={props.name} up={to(at - 1)} down={to(at + 1)} side="left" /> : undefined}
    />
  );
}
