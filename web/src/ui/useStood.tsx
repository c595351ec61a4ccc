import { useEffect, useId, useRef, useState, type ReactNode } from 'react';
import { Button } from './Button';
import { called } from './called';

interface Line {
  /** Of what is gone. */
  id: string;
  /** Of what stood after it; null where it was the last. */
  before: string | null;
  text: string;
  undo: () => void;
  /** The list that it stands in. */
  of: string;
}

/** So many lines say at once what is gone; the oldest goes first. */
const MOST = 3;

/**
 * Where something of a list is taken away, a line stands in its place, which says so and brings it back. It stands until the
 * list is left.
 *
 * @param ids of what the list has, in its order
 * @param of  which list it is, where several take turns in one place
 */
export function useStood(ids: readonly string[], of = '') {
  const [lines, setLines] = useState<readonly Line[]>([]);
  // what is still there, or there again, has no line in its place
  const gone = lines.filter((one) => one.of === of && !ids.includes(one.id));
  const shown = (some: readonly Line[]): ReactNode =>
    some.map((one) => (
      <GoneLine
        key={one.id}
        text={one.text}
        onUndo={() => {
          setLines((all) => all.filter((other) => other.id !== one.id));
          one.undo();
        }}
      />
    ));
  return {
    put: (id: string, text: string, undo: () => void) => {
      const before = ids[ids.indexOf(id) + 1] ?? null;
      setLines((all) => [
        ...all
          .filter((one) => one.id !== id)
          .map((one) => (one.before === id ? { ...one, before } : one))
          .slice(1 - MOST),
        { id, before, text, undo, of },
      ]);
    },
    /** To be shown before each of the list. */
    before: (id: string): ReactNode => shown(gone.filter((one) => one.before === id)),
    /** To be shown at the end of the list. */
    last: (): ReactNode => shown(gone.filter((one) => one.before === null || !ids.includes(one.before))),
    none: gone.length === 0,
  };
}

function GoneLine({ text, onUndo }: { text: string; onUndo: () => void }) {
  const said = useId();
  const undo = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    // what was pressed is gone with its line: one goes on from here
    if (document.activeElement === null || document.activeElement === document.body) {
      undo.current?.focus({ preventScroll: true });
    }
  }, []);
  return (
    <li className="flex flex-wrap items-center gap-x-4 border-b border-hair py-1 text-lg">
      <span id={said} className="text-soft [overflow-wrap:anywhere]" role="status">
        {text}
      </span>
      <Button ref={undo} look="quiet" aria-describedby={said} onClick={onUndo}>
        {called.undo}
      </Button>
    </li>
  );
}
