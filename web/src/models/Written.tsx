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
  const square = large ? 52 : 38;
  return (
    <ol
      className={`w-full self-stretch bg-sheet ${large ? 'text-[clamp(1.5rem,2.6vw,2.1rem)]' : 'text-[clamp(1.15rem,2vw,1.6rem)]'}`}
      data-squared
      style={{
        minHeight: `${(last.lines.length + 1) * square}px`,
        lineHeight: `${square}px`,
        padding: `${square / 2}px ${square}px`,
        backgroundSize: `${square}px ${square}px`,
      }}
    >
      {picture.lines.map((line, i) => (
        <li key={i} className={i === picture.lines.length - 1 ? 'font-bold' : ''}>
          <Marked text={line} />
        </li>
      ))}
    </ol>
  );
}
