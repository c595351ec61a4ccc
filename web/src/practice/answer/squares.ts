import type { ColumnsPicture } from '../../api/types';

/** What a child has written into the squares: small above the columns, small above a number, and in the answer row. */
export interface Squares {
  carry: Record<number, string>;
  instead: Record<string, string>;
  answer: Record<string, string>;
}

export const empty: Squares = { carry: {}, instead: {}, answer: {} };

/** The name of a square of the answer row: its column, and its place from the left. */
export const square = (column: number, place: number): string => `${column}.${place}`;

/** The answer row, read from left to right: "3 h 25 min"; empty until every column has something. */
export function answerOf(picture: ColumnsPicture, squares: Squares): string {
  const parts = picture.heads.map((head, column) => {
    const digits = Array.from({ length: head.squares }, (_, place) => squares.answer[square(column, place)] ?? '').join(
      '',
    );
    return digits === '' ? '' : `${digits} ${head.unit}`;
  });
  return parts.every((part) => part !== '') ? parts.join(' ') : '';
}
