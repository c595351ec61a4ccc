import type { ReactNode } from 'react';

/** Takes something out as a file. */
export function TakeOut({
  address,
  look = 'plain',
  children,
  ...rest
}: {
  address: string;
  look?: 'plain' | 'quiet';
  children: ReactNode;
  'aria-label'?: string;
}) {
  return (
    <a
      {...rest}
      href={address}
      download
      className={
        look === 'quiet'
          ? 'inline-flex min-h-10 items-center px-2 py-1 underline underline-offset-4'
          : 'inline-flex min-h-10 items-center rounded-md border-2 border-ink bg-sheet px-3.5 py-2 font-bold whitespace-nowrap hover:bg-wash'
      }
    >
      {children}
    </a>
  );
}
