import type { ReactNode } from 'react';
import { Button } from './Button';

/** The one place for the controls: along the bottom, where a child can reach. */
export function Rail({ children }: { children: ReactNode }) {
  return (
    <div
      role="group"
      aria-label="Controls of the board"
      className="flex flex-wrap items-center gap-x-2.5 gap-y-2 border-t-2 border-ink bg-paper px-4 py-2.5 max-xl:gap-x-1.5 max-xl:px-2 low:py-1.5 [&_button]:max-xl:px-2.5"
    >
      {children}
    </div>
  );
}

export function RailSpace() {
  return <span className="min-w-2 flex-1" />;
}

/** A button of the rail that stays in or out. */
export function RailToggle({
  on,
  shortcut,
  onToggle,
  children,
  disabled = false,
}: {
  on: boolean;
  shortcut: string;
  onToggle: () => void;
  children: ReactNode;
  disabled?: boolean;
}) {
  return (
    <Button
      className={`min-h-12 ${on ? 'underline decoration-4 underline-offset-6' : ''}`}
      aria-pressed={on}
      aria-disabled={disabled}
      shortcut={shortcut}
      onClick={() => {
        if (!disabled) {
          onToggle();
        }
      }}
    >
      {children}
    </Button>
  );
}
