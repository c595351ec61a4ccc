import type { WrittenPicture } from '../api/types';
import { Marked } from './Marked';

/** Written working, line under line on squared paper; the newest line stands out. */
export function Written({ picture, last }: { picture: WrittenPicture; last: WrittenPicture }) {
  return (
    <ol
      className="w-full self-stretch bg-[size:38px_38px] bg-sheet px-[38px] py-[19px] text-[clamp(1.15rem,2vw,1.6rem)] leading-[38px]"
      data-squared
      style={{ minHeight: `${(last.lines.length + 1) * 38}px` }}
    >
      {picture.lines.map((line, i) => (
        <li key={i} className={i === picture.lines.length - 1 ? 'font-bold' : ''}>
          <Marked text={line} />
        </li>
      ))}
    </ol>
  );
}
