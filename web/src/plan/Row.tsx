import { GripVertical } from 'lucide-react';
import type { ButtonHTMLAttributes, CSSProperties, ReactNode, Ref } from 'react';

export interface RowProps {
  /** What it is, to be moved: “Explain”. */
  name: string;
  /** Whether it is an item of a list, or stands within one. */
  item?: boolean;
  className: string;
  gripClass: string;
  children: (grip: ReactNode) => ReactNode;
}

interface Moved {
  place?: Ref<HTMLElement>;
  style?: CSSProperties;
  dragged?: boolean;
  grip?: ButtonHTMLAttributes<HTMLButtonElement>;
  /** What comes beside the grip when it is pressed and let go. */
  nudge?: ReactNode;
}

/** A row with a grip. It moves within {@link Movable}, as soon as that has come. */
export function Row({
  name,
  item = false,
  className,
  gripClass,
  children,
  place,
  style,
  dragged = false,
  grip,
  nudge,
}: RowProps & Moved) {
  const button = (
    <button
      type="button"
      className={`grid shrink-0 cursor-grab touch-none place-items-center text-soft hover:text-ink ${gripClass}`}
      aria-label={`Move ${name}`}
      data-own-keys
      {...grip}
    >
      <GripVertical size={20} aria-hidden="true" />
    </button>
  );
  const handle =
    nudge === undefined ? (
      button
    ) : (
      <span className="relative grid shrink-0">
        {button}
        {nudge}
      </span>
    );
  const look = `${className} ${dragged ? 'z-10 bg-sheet outline-2 outline-ink' : ''}`;
  return item ? (
    <li ref={place as Ref<HTMLLIElement>} style={style} className={look}>
      {children(handle)}
    </li>
  ) : (
    <div ref={place as Ref<HTMLDivElement>} style={style} className={look}>
      {children(handle)}
    </div>
  );
}
