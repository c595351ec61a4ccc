import { useRef, useState, type KeyboardEvent } from 'react';
import type { ColumnsPicture } from '../../api/types';
import { Shape } from '../../models/Marked';
import { answerOf, empty, square, type Squares } from './squares';

/**
 * Columns on squared paper, filled square by square: one digit each in the answer row, the small marks above, numbers
 * crossed out where something was taken from them.
 */
export function ColumnsRoom({ picture, onAnswer }: { picture: ColumnsPicture; onAnswer: (text: string) => void }) {
  const [squares, setSquares] = useState<Squares>(empty);
  const grid = useRef<HTMLDivElement>(null);
  const change = (next: Squares) => {
    setSquares(next);
    onAnswer(answerOf(picture, next));
  };
  /** Arrow keys go from square to square; a digit goes on to the next of its column. */
  const onKey = (event: KeyboardEvent<HTMLInputElement>) => {
    const all = [...(grid.current?.querySelectorAll('input') ?? [])];
    const at = all.indexOf(event.currentTarget);
    const by =
      event.key === 'ArrowRight' || event.key === 'ArrowDown'
        ? 1
        : event.key === 'ArrowLeft' || event.key === 'ArrowUp'
          ? -1
          : 0;
    if (by !== 0) {
      event.preventDefault();
      all[at + by]?.focus();
    }
  };
  const input =
    'min-w-0 rounded border-2 border-dashed border-soft bg-sheet text-center font-bold focus:border-solid focus:border-ink';
  return (
    <div ref={grid} className="inline-block rounded-md bg-sheet p-4" data-squared role="group" aria-label="Columns">
      <table className="border-separate border-spacing-x-4 border-spacing-y-1 text-3xl font-bold">
        <thead>
          <tr>
            <td />
            {picture.heads.map((head) => (
              <th key={head.unit} scope="col" className={`mark-${head.mark} text-2xl`}>
                <span className="inline-flex items-center gap-1.5">
                  <Shape mark={head.mark} /> {head.unit}
                </span>
              </th>
            ))}
          </tr>
          <tr>
            <td />
            {picture.heads.map((head, column) => (
              <td key={head.unit} className="text-center">
                <input
                  className={`${input} h-11 w-12 text-xl`}
                  inputMode="numeric"
                  maxLength={3}
                  aria-label={`small above ${head.unit}`}
                  value={squares.carry[column] ?? ''}
                  onKeyDown={onKey}
                  onChange={(event) => {
                    change({
                      ...squares,
                      carry: { ...squares.carry, [column]: event.target.value.replace(/\D/g, '') },
                    });
                  }}
                />
              </td>
            ))}
          </tr>
        </thead>
        <tbody>
          {picture.rows.map((row, r) => (
            <tr key={r}>
              <td className="pr-1">{r === picture.rows.length - 1 ? picture.sign : ''}</td>
              {row.cells.map((cell, column) => {
                const name = `${r}.${column}`;
                const instead = squares.instead[name];
                return (
                  <td key={column} className="text-right tabular-nums">
                    {cell.digits === '' ? null : instead === undefined ? (
                      <button
                        type="button"
                        className={`min-h-11 min-w-11 rounded px-1.5 tracking-[0.3em] hover:bg-wash mark-${picture.heads[column]?.mark ?? ''}`}
                        aria-label={`${cell.digits} ${picture.heads[column]?.unit ?? ''}: cross out`}
                        onClick={() => {
                          change({ ...squares, instead: { ...squares.instead, [name]: '' } });
                        }}
                      >
                        {cell.digits}
                      </button>
                    ) : (
                      <span className="inline-flex flex-col items-end">
                        <input
                          className={`${input} h-11 w-14 text-xl`}
                          inputMode="numeric"
                          maxLength={3}
                          autoFocus
                          aria-label={`instead of ${cell.digits} ${picture.heads[column]?.unit ?? ''}`}
                          value={instead}
                          onKeyDown={onKey}
                          onChange={(event) => {
                            change({
                              ...squares,
                              instead: { ...squares.instead, [name]: event.target.value.replace(/\D/g, '') },
                            });
                          }}
                        />
                        <button
                          type="button"
                          className={`min-h-11 min-w-11 rounded px-1.5 tracking-[0.3em] line-through hover:bg-wash mark-${picture.heads[column]?.mark ?? ''}`}
                          aria-label={`${cell.digits} ${picture.heads[column]?.unit ?? ''}: not crossed out after all`}
                          onClick={() => {
                            change({
                              ...squares,
                              instead: Object.fromEntries(
                                Object.entries(squares.instead).filter(([one]) => one !== name),
                              ),
                            });
                          }}
                        >
                          {cell.digits}
                        </button>
                      </span>
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr>
            <td />
            {picture.heads.map((head, column) => (
              <td key={head.unit} className="border-t-4 border-ink pt-2 text-right">
                <span className="inline-flex gap-1">
                  {Array.from({ length: head.squares }, (_, place) => (
                    <input
                      key={place}
                      className={`${input} size-12 text-3xl mark-${head.mark}`}
                      inputMode="numeric"
                      maxLength={1}
                      aria-label={`answer, ${head.unit}, square ${place + 1} of ${head.squares}`}
                      value={squares.answer[square(column, place)] ?? ''}
                      onKeyDown={onKey}
                      onChange={(event) => {
                        const digit = event.target.value.replace(/\D/g, '').slice(-1);
                        change({ ...squares, answer: { ...squares.answer, [square(column, place)]: digit } });
                        if (digit !== '') {
                          (event.target.nextElementSibling as HTMLInputElement | null)?.focus();
                        }
                      }}
                    />
                  ))}
                </span>
              </td>
            ))}
          </tr>
        </tfoot>
      </table>
    </div>
  );
}
