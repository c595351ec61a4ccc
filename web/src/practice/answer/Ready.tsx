import type { ReactNode } from 'react';

/** The big key that says: this is my answer. */
export function Ready({
  onClick,
  off,
  children = 'Check',
}: {
  onClick: () => void;
  off: boolean;
  children?: ReactNode;
}) {
  return (
    <button
      type="button"
      className="min-h-16 rounded-lg border-2 border-ink bg-ink px-6 text-2xl font-bold text-paper aria-disabled:opacity-45"
      aria-disabled={off}
      onClick={() => {
        if (!off) {
          onClick();
        }
      }}
    >
      {children}
    </button>
  );
}
