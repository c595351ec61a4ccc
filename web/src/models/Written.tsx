import type { CSSProperties } from 'react';
import type { WrittenPicture } from '../api/types';
import { Marked } from './Marked';

/** Written working, line under line on squared paper; the newest line stands out. */
export function Written({
  picture,
  last,
  large = false,
}: {
  picture: WrittenPicture;
  last: WrittenPicture;
  large?: boolean;
}) {
  return (
    <ol
      className={`w-full self-stretch bg-sheet ${large ? 'wall-say' : 'text-[clamp(1.15rem,2vw,1.6rem)]'}`}
      data-squared
      style={
        {
          // on the wall squares grow with the screen
          '--s': large ? 'calc(var(--u) * 4.1)' : '38px',
          minHeight: `calc(${last.lines.length + 1} * var(--s))`,
          lineHeight: 'var(--s)',
          padding: 'calc(var(--s) / 2) var(--s)',
          backgroundSize: 'var(--s) var(--s)',
        } as CSSProperties
      }
    >
      {picture.lines.map((line, i) => (
        <li key={i} className={i === picture.lines.length - 1 ? 'font-bold' : ''}>
          <Marked text={line} />
        </li>
      ))}
    </ol>
  );
}
