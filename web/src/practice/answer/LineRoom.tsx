import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import type { LineJump, LinePicture } from '../../api/types';
import { NumberLine } from '../../models/NumberLine';

/** Jumps there are to draw, in small ticks of the line, by what a big tick is. */
const sizes: Record<number, readonly { ticks: number; text: string; mark: string }[]> = {
  60: [
    { ticks: 60, text: '1 h', mark: 'h' },
    { ticks: 30, text: '30 min', mark: 'm' },
    { ticks: 10, text: '10 min', mark: 'm' },
    { ticks: 5, text: '5 min', mark: 'm' },
    { ticks: 1, text: '1 min', mark: 'm' },
  ],
};

/** Whether the jumps of such a line can be drawn by hand: on one of hours and minutes. */
export const canDraw = (picture: LinePicture | null): picture is LinePicture =>
  picture !== null && sizes[picture.per] !== undefined;

/** A number line on which the child draws its own jumps. Where they lead it says itself. */
export function LineRoom({ begins, ends }: { begins: LinePicture; ends: LinePicture }) {
  const [jumps, setJumps] = useState<readonly { ticks: number; text: string; mark: string }[]>([]);
  const first = ends.jumps[0];
  const way = first && first.to < first.from ? -1 : 1;
  const known = begins.points.filter((point) => !point.asked);
  const start = first?.from ?? known[0]?.at ?? begins.from;
  const arcs: LineJump[] = [];
  let at = start;
  for (const { ticks, text, mark } of jumps) {
    arcs.push({ from: at, to: at + way * ticks, label: `${way > 0 ? '+' : '−'} {${mark}:${text}}`, mark });
    at += way * ticks;
  }
  const low = Math.min(ends.from, ...arcs.map((arc) => arc.to));
  const high = Math.max(ends.to, ...arcs.map((arc) => arc.to));
  const points = [
    ...known,
    ...arcs
      .filter((arc) => !known.some((point) => point.at === arc.to))
      .map((arc) => ({ at: arc.to, label: '?', landmark: '', asked: false })),
  ].sort((a, b) => a.at - b.at);
  const picture: LinePicture = {
    ...ends,
    from: Math.floor(low / ends.per) * ends.per,
    to: Math.ceil(high / ends.per) * ends.per,
    points,
    jumps: arcs,
  };
  return (
    <div className="flex w-full flex-col gap-2" role="group" aria-label="Number line">
      <NumberLine picture={picture} last={picture} large />
      <div className="flex flex-wrap gap-2" role="group" aria-label="Draw a jump">
        {(sizes[ends.per] ?? []).map((size) => (
          <button
            key={size.text}
            type="button"
            className={`min-h-12 rounded-lg border-2 border-ink bg-sheet px-3 text-xl font-bold hover:bg-wash ${size.mark === 'h' ? 'text-hour' : 'text-minute'}`}
            onClick={() => {
              if (jumps.length < 12) {
                setJumps([...jumps, size]);
              }
            }}
          >
            {way > 0 ? '+' : '−'} {size.text}
          </button>
        ))}
        <button
          type="button"
          className="inline-flex min-h-12 items-center gap-2 rounded-lg border-2 border-ink bg-sheet px-3 text-xl font-bold hover:bg-wash aria-disabled:opacity-40"
          aria-disabled={jumps.length === 0}
          onClick={() => {
            setJumps(jumps.slice(0, -1));
          }}
        >
          <Undo2 size={22} aria-hidden="true" /> Undo
        </button>
      </div>
    </div>
  );
}
