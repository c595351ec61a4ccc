import { memo } from 'react';
import type { ColumnsPicture } from '../api/types';
import { CoverPlate, heard, useCovers, type Part } from './cover';
import { MarkedSpans, plain, Shape } from './Marked';

const square = 38;

/** What a place reads as: the number that counts there, and what it was before it was struck out. */
function toldCell(cell: ColumnsPicture['rows'][number]['cells'][number]): string {
  const counts =
    cell.instead === '' ? cell.digits : `${cell.instead}, regrouped from ${cell.digits}, which is struck out`;
  const within = cell.within.filter((one) => one !== '');
  return within.length === 0 ? counts : `${counts}; with ${within.join(' and ')} above its digits, a ten exchanged`;
}

/**
 * Written working on squared paper, one digit to a square. `last` is the picture of the last step: the paper is cut for
 * it, so that nothing moves while one steps through.
 */
export const Columns = memo(function Columns({
  picture,
  last,
  large = false,
}: {
  picture: ColumnsPicture;
  last: ColumnsPicture;
  large?: boolean;
}) {
  // where each column's last (ones) square is, counted from 0 at the left edge
  const ends: number[] = [];
  let at = 1;
  for (const head of last.heads) {
    at += head.squares + 1;
    ends.push(at - 1);
  }
  const working = at + 1;
  const rough = Math.max(5, Math.ceil(Math.max(0, ...last.rough.map((line) => line.length)) * 0.34) + 1);
  const across = Math.max(16, working + rough);
  const rowCount = picture.rows.length;
  const lines = Math.max(7, rowCount + 5, last.rough.length + 2);
  const width = across * square;
  const height = lines * square;
  const row = (n: number): number => n * square;
  const headRow = 0;
  const topRow = 2;
  const answerRow = topRow + rowCount;

  const digits = (text: string, column: number, line: number, key: string, className: string) =>
    [...text].map((digit, i) => (
      <text
        key={`${key}${i}`}
        x={((ends[column] ?? 0) - (text.length - 1 - i) + 0.5) * square}
        y={row(line) + square * 0.74}
        textAnchor="middle"
        fontSize="26"
        fontWeight="700"
        className={className}
        aria-hidden="true"
      >
        {digit}
      </text>
    ));

  const covers = useCovers();
  // the total is covered with the answer, or with the unit of its column
  const totals = picture.heads.map(({ mark }): Part[] => [
    'digit',
    'answer',
    ...(mark === 'h' ? (['hour'] as const) : mark === 'm' || mark === 's' ? (['minutes'] as const) : []),
  ]);
  // for the ear a column is told from the top down: what was carried, what stands in each row, what it comes to
  const told = picture.heads.map(({ words }, c) => {
    const carry = picture.carry[c] ?? '';
    const rows = picture.rows.map(({ cells }, n) => {
      const cell = cells[c];
      const sign = n === picture.rows.length - 1 && n > 0 ? (picture.sign === '+' ? 'add ' : 'take away ') : '';
      return cell === undefined || cell.digits === '' ? '' : sign + toldCell(cell);
    });
    const total = picture.answer[c] ?? '';
    return [
      `${words}: `,
      [carry === '' ? '' : `carried ${carry}`, ...rows, total === '' ? '' : `makes ${heard(covers, total, totals[c])}`]
        .filter((part) => part !== '')
        .join('; '),
    ].join('');
  });

  return (
    <svg
      viewBox={`-1 -1 ${width + 2} ${height + 2}`}
      className={large ? 'max-h-full w-full' : 'max-h-[min(360px,40dvh)] w-full'}
      role="group"
      aria-label="In columns"
    >
      {told.map((column, c) => (
        <g key={c} role="img" aria-label={column} />
      ))}
      <rect width={width} height={height} fill="var(--color-sheet)" />
      {Array.from({ length: across + 1 }, (_, i) => (
        <path key={`v${i}`} d={`M${i * square} 0V${height}`} stroke="var(--color-square)" />
      ))}
      {Array.from({ length: lines + 1 }, (_, i) => (
        <path key={`h${i}`} d={`M0 ${i * square}H${width}`} stroke="var(--color-square)" />
      ))}
      {picture.active >= 0 && (
        <rect
          x={((ends[picture.active] ?? 0) - (picture.heads[picture.active]?.squares ?? 1) + 1) * square}
          y={row(headRow)}
          width={(picture.heads[picture.active]?.squares ?? 1) * square}
          height={row(answerRow + 1)}
          fill="var(--color-ink)"
          opacity="0.06"
        />
      )}
      {picture.heads.map((head, c) => {
        const x = ((ends[c] ?? 0) + 0.5 - (head.squares - 1) / 2) * square;
        return (
          <g key={head.unit} aria-hidden="true">
            {head.mark !== 'd' && (
              <g transform={`translate(${x - head.unit.length * 6 - 16} ${square * 0.68 - 12})`}>
                <Shape mark={head.mark} />
              </g>
            )}
            <text
              x={x}
              y={square * 0.68}
              textAnchor="middle"
              fontSize="20"
              fontWeight="700"
              className={`mark-${head.mark}`}
            >
              {head.unit}
            </text>
          </g>
        );
      })}
      {picture.carry.map((carry, c) =>
        carry === '' ? null : (
          <text
            key={c}
            x={((ends[c] ?? 0) + 0.5) * square}
            y={row(topRow) - 6}
            textAnchor="middle"
            fontSize="19"
            fontWeight="700"
            className={`mark-${picture.heads[c]?.mark ?? ''}`}
            aria-hidden="true"
          >
            {carry}
          </text>
        ),
      )}
      {picture.rows.map((r, n) =>
        r.cells.map((cell, c) => {
          const mark = `mark-${picture.heads[c]?.mark ?? ''}`;
          const counts = cell.instead === '' ? cell.digits : cell.instead;
          const above = row(topRow + n) - 6;
          const at = (text: string, i: number) => ((ends[c] ?? 0) - (text.length - 1 - i) + 0.5) * square;
          return (
            <g key={`${n}-${c}`} aria-hidden="true">
              {digits(cell.digits, c, topRow + n, `${n}${c}`, mark)}
              {cell.instead !== '' && (
                <>
                  <path
                    d={`M${((ends[c] ?? 0) - cell.digits.length + 1.12) * square} ${row(topRow + n) + square * 0.86}L${((ends[c] ?? 0) + 0.9) * square} ${row(topRow + n) + square * 0.16}`}
                    stroke="var(--color-ink)"
                    strokeWidth="2.5"
                  />
                  {[...cell.instead].map((digit, i) => (
                    <text
                      key={i}
                      x={at(counts, i)}
                      y={above}
                      textAnchor="middle"
                      fontSize="21"
                      fontWeight="700"
                      className={mark}
                    >
                      {digit}
                    </text>
                  ))}
                </>
              )}
              {cell.within.map((digits, i) => {
                if (digits === '') {
                  return null;
                }
                const over = cell.instead === '';
                const [x, y] = [at(counts, i), over ? above + 26 : above - 7];
                const reach = over ? 11 : 8;
                return (
                  <g key={i}>
                    <path
                      d={`M${x - reach} ${y + reach}L${x + reach} ${y - reach}`}
                      stroke="var(--color-ink)"
                      strokeWidth="2"
                    />
                    <text
                      x={x}
                      y={over ? above : above - 20}
                      textAnchor="middle"
                      fontSize={over ? 21 : 18}
                      fontWeight="700"
                      className={mark}
                      data-exchanged-within
                    >
                      {digits}
                    </text>
                  </g>
                );
              })}
            </g>
          );
        }),
      )}
      <text
        x={square * 0.5}
        y={row(answerRow - 1) + square * 0.74}
        textAnchor="middle"
        fontSize="28"
        fontWeight="700"
        aria-hidden="true"
      >
        {picture.sign}
      </text>
      <path d={`M0 ${row(answerRow)}H${at * square}`} stroke="var(--color-ink)" strokeWidth="2.5" />
      {picture.answer.map((text, c) =>
        [...text].map((digit, i) => {
          const x = ((ends[c] ?? 0) - (text.length - 1 - i)) * square;
          return (
            <CoverPlate
              key={`${c}${i}`}
              id={`c${c}.${i}`}
              parts={totals[c] ?? ['digit']}
              name="this digit"
              x={x + 2}
              y={row(answerRow) + 2}
              width={square - 4}
              height={square - 4}
            >
              <text
                x={x + square / 2}
                y={row(answerRow) + square * 0.74}
                textAnchor="middle"
                fontSize="26"
                fontWeight="700"
                className={`mark-${picture.heads[c]?.mark ?? ''}`}
                data-answer-digit
                aria-hidden="true"
              >
                {digit}
              </text>
            </CoverPlate>
          );
        }),
      )}
      {picture.answer.every((text) => text !== '') && (
        <path
          d={`M0 ${row(answerRow + 1)}H${at * square}M0 ${row(answerRow + 1) + 5}H${at * square}`}
          stroke="var(--color-ink)"
          strokeWidth="2"
        />
      )}
      {picture.after !== '' && (
        <CoverPlate
          id="ca"
          parts={['answer']}
          name="the answer"
          x={square * 0.3}
          y={row(answerRow + 2)}
          width={square * 8}
          height={square}
        >
          <text x={square * 0.5} y={row(answerRow + 2) + square * 0.72} fontSize="24" fontWeight="700">
            <MarkedSpans text={picture.after} />
          </text>
        </CoverPlate>
      )}
      {last.rough.length > 0 && (
        <text x={(working + 0.3) * square} y={square * 0.68} fontSize="19" style={{ fill: 'var(--color-soft)' }}>
          side sums
        </text>
      )}
      {picture.rough.map((line, i) => (
        <CoverPlate
          key={i}
          id={`r${i}`}
          parts={['digit']}
          name="this side sum"
          x={(working + 0.1) * square}
          y={row(i + 1) + 2}
          width={(rough - 0.4) * square}
          height={square - 4}
        >
          <text
            x={(working + 0.3) * square}
            y={row(i + 1) + square * 0.7}
            fontSize="21"
            style={{ fill: 'var(--color-soft)' }}
          >
            {plain(line)}
          </text>
        </CoverPlate>
      ))}
    </svg>
  );
});
