import { Suspense, useState, type ReactNode } from 'react';
import { part } from '../ui/part';
import { useStill } from '../ui/useStill';
import { Row, type RowProps } from './Row';

// dragging comes when the hands are still: what is seen first is seen sooner
const Movable = part(() => import('./Movable').then((it) => it.Movable));
const MovableRow = part(() => import('./Movable').then((it) => it.MovableRow));

type Each = (id: string, props: RowProps) => ReactNode;

/** Rows that can be put in another order: shown at once, and moved as soon as that can be. */
export function Rows({
  ids,
  across = false,
  hold = false,
  onMove,
  children,
}: {
  ids: readonly string[];
  /** Whether they stand beside one another. */
  across?: boolean;
  /** Whether something is typed in a row, which is not to be put in another place now. */
  hold?: boolean;
  onMove: (id: string, to: string) => void;
  children: (row: Each) => ReactNode;
}) {
  const still = useStill();
  const [movable, setMovable] = useState(false);
  if (still && !hold && !movable) {
    setMovable(true);
  }
  const plain = children((id, props) => <Row key={id} {...props} />);
  return movable ? (
    <Suspense fallback={plain}>
      <Movable ids={ids} across={across} onMove={onMove}>
        {children((id, props) => (
          <MovableRow key={id} id={id} {...props} />
        ))}
      </Movable>
    </Suspense>
  ) : (
    plain
  );
}
