import { useRef, useState, type PointerEvent } from 'react';
import type { Brick, DayOrder, DigitRow, Digits, Sorting, SortCard, Walls } from '../../api/types';
import { Marked } from '../../models/Marked';
import { InOrder } from '../../ui/InOrder';
import { useKeys } from '../../ui/keys';
import { FaceOf } from './parts';
import type { Stage } from './moves';
import { Key } from '../../ui/Key';

/** Walls of bricks: a brick that is tapped shows what it is; the others wait. */
export function WallsStage({ numbers, moves }: Stage<Walls>) {
  const hidden = hiddenBricks(numbers);
  const found = new Set(moves.list);
  const at = Math.max(
    0,
    numbers.walls.findIndex((_, w) => hidden.some((one, i) => one.wall === w && !found.has(i))),
  );
  const wall = hidden.every((_, i) => found.has(i)) ? numbers.walls.length - 1 : at;
  const rows = numbers.walls[wall] ?? [];
  return (
    <div className="flex min-h-0 flex-1 flex-col items-center justify-center gap-1 px-6 py-4">
      <p className="mb-3 wall-small text-soft">
        Wall {wall + 1} of {numbers.walls.length}. Tap a brick when everybody has an answer.
      </p>
      {[...rows].reverse().map((row, down) => {
        const r = rows.length - 1 - down;
        return (
          <div key={r} className="flex justify-center gap-1">
            {row.map((brick: Brick, i) => {
              const number = hidden.findIndex((one) => one.wall === wall && one.row === r && one.at === i);
              const shown = !brick.hidden || found.has(number);
              return (
                <button
                  key={i}
                  type="button"
                  className={`grid h-[clamp(4rem,14dvh,7rem)] w-[min(21vw,15rem)] place-items-center rounded-sm border-2 border-ink text-[clamp(1.25rem,3.4vmin,2.4rem)] font-bold ${shown ? (brick.hidden ? 'bg-found' : 'bg-sheet') : 'bg-wash'}`}
                  aria-label={shown ? undefined : `Row ${r + 1}, brick ${i + 1}: not shown yet`}
                  onClick={() => {
                    if (!shown) {
                      moves.add(number);
                    }
                  }}
                >
                  {shown ? (
                    <span>
                      <Marked text={brick.length.text} />
                    </span>
                  ) : (
                    <span aria-hidden="true">?</span>
                  )}
                </button>
              );
            })}
          </div>
        );
      })}
    </div>
  );
}

export function hiddenBricks(numbers: Walls): { wall: number; row: number; at: number }[] {
  return numbers.walls.flatMap((wall, w) =>
    wall.flatMap((row, r) => row.flatMap((brick, i) => (brick.hidden ? [{ wall: w, row: r, at: i }] : []))),
  );
}

/** A sum with boxes: a digit is typed into the box that is chosen; one that does not belong there does not stay. */
export function DigitsStage({ numbers, moves }: Stage<Digits>) {
  const boxes = numbers.sums.flatMap((sum, s) =>
    sum.rows.flatMap((row, r) =>
      row.hidden.flatMap((hidden, i) => (hidden ? [{ sum: s, row: r, at: i, digit: digitsOf(row)[i] ?? 0 }] : [])),
    ),
  );
  const found = new Set(moves.list);
  const open = boxes.map((_, i) => i).filter((i) => !found.has(i));
  const current = boxes[open[0] ?? boxes.length - 1]?.sum ?? 0;
  const here = open.filter((i) => boxes[i]?.sum === current);
  const [chosen, setChosen] = useState<number | null>(null);
  const [said, setSaid] = useState('');
  const at = chosen !== null && here.includes(chosen) ? chosen : (here[here.length - 1] ?? null);
  const sum = numbers.sums[current];
  const type = (digit: number) => {
    if (at === null) {
      return;
    }
    if (boxes[at]?.digit === digit) {
      setSaid('');
      setChosen(null);
      moves.add(at);
    } else {
      setSaid(`${digit} does not fit there. Work it once more with the minutes first.`);
    }
  };
  useKeys(
    Object.fromEntries(
      Array.from({ length: 10 }, (_, digit) => [
        String(digit),
        () => {
          type(digit);
        },
      ]),
    ),
  );
  return (
    <div className="grid min-h-0 flex-1 items-center gap-8 px-6 py-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
      <div>
        <p className="mb-4 text-center wall-small text-soft">
          Sum {current + 1} of {numbers.sums.length}
        </p>
        <table className="mx-auto text-[clamp(2rem,8vmin,5rem)] leading-tight font-bold">
          <tbody>
            {sum?.rows.map((row, r) => (
              <tr key={r} className={r === 2 ? 'border-t-4 border-ink' : ''}>
                <td className="pr-6">{r === 1 ? (sum.sign === '+' ? '+' : '−') : ''}</td>
                {digitsOf(row).map((digit, i) => {
                  const number = boxes.findIndex((one) => one.sum === current && one.row === r && one.at === i);
                  const shown = number < 0 || found.has(number);
                  return (
                    <td key={i} className="px-1 py-1 text-center">
                      {shown ? (
                        <span
                          className={`${i === 0 ? 'mark-h' : 'mark-m'} ${number >= 0 ? 'rounded-md bg-found px-2' : ''}`}
                        >
                          {digit}
                        </span>
                      ) : (
                        <button
                          type="button"
                          className={`size-[1.35em] rounded-md border-3 ${at === number ? 'border-ink bg-wash' : 'border-dashed border-ink bg-sheet'}`}
                          aria-label={`${['hours', 'tens of minutes', 'minutes'][i]}, row ${r + 1}: to be found`}
                          aria-pressed={at === number}
                          onClick={() => {
                            setChosen(number);
                            setSaid('');
                          }}
                        />
                      )}
                      {i === 0 && <span className="pr-4 pl-2 text-[0.5em] font-normal">h</span>}
                      {i === 2 && <span className="pl-2 text-[0.5em] font-normal">min</span>}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div>
        <div className="mx-auto grid w-fit grid-cols-5 gap-2" role="group" aria-label="Digits">
          {[1, 2, 3, 4, 5, 6, 7, 8, 9, 0].map((digit) => (
            <button
              key={digit}
              type="button"
              className="size-16 rounded-md border-2 border-ink bg-sheet text-[calc(var(--u)*2.4)] font-bold hover:bg-wash"
              onClick={() => {
                type(digit);
              }}
            >
              {digit}
            </button>
          ))}
        </div>
        <p className="mt-5 min-h-16 text-center wall-note" aria-live="polite">
          {open.length === 0 ? 'All digits are found.' : said}
        </p>
      </div>
    </div>
  );
}

const digitsOf = (row: DigitRow): number[] => [row.hours, Math.floor(row.minutes / 10), row.minutes % 10];

/** Cards one by one, dragged or sent into their fields; one that does not belong there comes back. */
export function SortingStage({ numbers, moves }: Stage<Sorting>) {
  const placed = moves.list.length;
  const card = numbers.cards[placed];
  const [said, setSaid] = useState('');
  const [drag, setDrag] = useState<[number, number] | null>(null);
  const from = useRef<[number, number] | null>(null);
  const put = (field: number) => {
    const wanted = numbers.fields[field];
    if (!card || !wanted) {
      return;
    }
    if (card.field !== '' && card.field !== wanted.id) {
      setSaid('Look again. Why might it belong elsewhere?');
      return;
    }
    setSaid(card.discuss);
    moves.add(field);
  };
  useKeys(
    Object.fromEntries(
      numbers.fields.map((_, i) => [
        String(i + 1),
        () => {
          put(i);
        },
      ]),
    ),
  );
  const drop = (event: PointerEvent) => {
    if (from.current !== null) {
      from.current = null;
      setDrag(null);
      const under = document
        .elementsFromPoint(event.clientX, event.clientY)
        .find((one) => one instanceof HTMLElement && one.dataset.field !== undefined);
      if (under instanceof HTMLElement) {
        put(Number(under.dataset.field));
      }
    }
  };
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-4 px-6 py-4">
      <div className="flex min-h-48 flex-col items-center justify-center gap-2 text-center">
        {card ? (
          <div
            className="z-10 cursor-grab touch-none rounded-lg border-3 border-ink bg-sheet px-8 py-5 select-none active:cursor-grabbing"
            style={drag ? { transform: `translate(${drag[0]}px, ${drag[1]}px)` } : undefined}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              from.current = [event.clientX, event.clientY];
            }}
            onPointerMove={(event) => {
              if (from.current) {
                setDrag([event.clientX - from.current[0], event.clientY - from.current[1]]);
              }
            }}
            onPointerUp={drop}
            onPointerCancel={() => {
              from.current = null;
              setDrag(null);
            }}
          >
            <CardOf card={card} large />
          </div>
        ) : (
          <p className="text-4xl font-bold">All cards are in their places.</p>
        )}
        <p className="min-h-8 wall-small" aria-live="polite">
          {said}
        </p>
      </div>
      <div
        className="grid min-h-0 flex-1 gap-4"
        style={{ gridTemplateColumns: `repeat(${numbers.fields.length}, minmax(0, 1fr))` }}
      >
        {numbers.fields.map((field, i) => (
          <section
            key={field.id}
            data-field={i}
            aria-label={field.title}
            className="flex min-h-0 flex-col rounded-lg border-2 border-ink"
          >
            <button
              type="button"
              data-field={i}
              className="flex min-h-14 items-center justify-center gap-3 rounded-t-md border-b-2 border-ink bg-wash px-3 wall-note font-bold hover:bg-sheet"
              onClick={() => {
                put(i);
              }}
            >
              {field.title}
              <Key of={String(i + 1)} className="text-base" />
            </button>
            <ul className="min-h-24 flex-1 space-y-1.5 overflow-y-auto p-3" data-field={i}>
              {numbers.cards.slice(0, placed).map((one, c) =>
                moves.list[c] === i ? (
                  <li key={c} className="flex items-center gap-2 wall-small">
                    <CardOf card={one} />
                    {one.discuss !== '' && (
                      <span className="font-bold" title={one.discuss}>
                        <span aria-hidden="true">?</span>
                        <span className="sr-only">to talk about</span>
                      </span>
                    )}
                  </li>
                ) : null,
              )}
            </ul>
          </section>
        ))}
      </div>
    </div>
  );
}

function CardOf({ card, large = false }: { card: SortCard; large?: boolean }) {
  if (card.faces.length > 0) {
    return (
      <span className="flex items-center gap-4">
        {card.faces.map((face, i) => (
          <FaceOf
            key={i}
            time={face}
            told={!large}
            className={large ? 'size-40 lg:size-[calc(var(--u)*19.5)]' : 'size-16'}
          />
        ))}
      </span>
    );
  }
  return (
    <span className={large ? 'text-[calc(var(--u)*2.4)] font-bold' : ''}>
      <Marked text={card.text} />
    </span>
  );
}

/** What happens on a day, to be put in order; the sentences beside it. */
export function DayOrderStage({ numbers, moves }: Stage<DayOrder>) {
  const order = moves.list.length === 0 ? numbers.cards.map((_, i) => i) : orderOf(moves.list, numbers.cards.length);
  const right = order.every((thing, i) => numbers.order[i] === thing);
  const [looked, setLooked] = useState(false);
  return (
    <div className="grid min-h-0 flex-1 content-center gap-8 overflow-y-auto px-6 py-4 lg:grid-cols-2">
      <div>
        <h2 className="mb-3 text-[calc(var(--u)*2.4)] font-bold">{numbers.title}</h2>
        <ul className="space-y-3 wall-note">
          {numbers.sentences.map((sentence) => (
            <li key={sentence}>
              <Marked text={sentence} />
            </li>
          ))}
        </ul>
      </div>
      <div>
        <InOrder
          label="The day, first to last"
          things={numbers.cards.map((card) => card.what)}
          order={order}
          onOrder={(next) => {
            setLooked(false);
            moves.add(...next);
          }}
          right={looked ? (thing, place) => numbers.order[place] === thing : () => null}
        />
        <div className="mt-4 flex flex-wrap items-center gap-4">
          <button
            type="button"
            className="min-h-12 rounded-md border-2 border-ink bg-sheet px-4 wall-small font-bold hover:bg-wash"
            onClick={() => {
              setLooked(true);
            }}
          >
            Is that the order?
          </button>
          <p className="wall-small" aria-live="polite">
            {looked && right ? 'Yes. Now the times:' : looked ? 'Not yet. Read the sentences once more.' : ''}
          </p>
        </div>
        {looked && right && (
          <ol className="mt-3 wall-note">
            {numbers.order.map((at) => (
              <li key={at}>
                <span className="inline-block min-w-32 font-bold">
                  <Marked text={numbers.cards[at]?.when.text ?? ''} />
                </span>{' '}
                {numbers.cards[at]?.what}
              </li>
            ))}
          </ol>
        )}
      </div>
    </div>
  );
}

/** The last order that was laid: moves are whole orders, one after the other. */
function orderOf(list: readonly number[], count: number): number[] {
  return [...list.slice(Math.floor(list.length / count) * count - count, Math.floor(list.length / count) * count)];
}
