import type { ButtonHTMLAttributes, ReactNode, Ref } from 'react';
import { Key } from './Key';

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  /** The one thing to do next is strong; quiet is for what stands in lists. */
  look?: 'plain' | 'strong' | 'quiet';
  shortcut?: string;
  children: ReactNode;
  ref?: Ref<HTMLButtonElement>;
}

const looks = {
  plain: 'border-2 border-ink bg-sheet px-3.5 py-2 hover:bg-wash',
  strong: 'border-2 border-ink bg-ink text-paper px-4 py-2 hover:opacity-85',
  quiet: 'px-2 py-1 underline decoration-1 underline-offset-4 hover:decoration-2',
};

export function Button({ look = 'plain', shortcut, className = '', children, ...rest }: Props) {
  return (
    <button
      type="button"
      className={`inline-flex min-h-10 items-center gap-2 rounded-md font-bold sm:whitespace-nowrap aria-disabled:opacity-45 disabled:opacity-45 ${looks[look]} ${className}`}
      {...rest}
    >
      {children}
      {shortcut && <Key of={shortcut} className="max-xl:hidden" />}
    </button>
  );
}
