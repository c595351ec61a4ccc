import type { TablePicture } from '../api/types';
import { Marked } from './Marked';

/** A table of two rows that grows column by column, with its rule at the side. */
export function Table({ picture, last }: { picture: TablePicture; last: TablePicture }) {
  const empty = Math.max(0, last.columns.length - picture.columns.length);
  const row = (which: 'larger' | 'smaller') => (
    <tr>
      <th scope="row" className="border-2 border-ink bg-wash px-3 py-2 text-left text-xl">
        <Marked text={picture[which]} />
      </th>
      {picture.columns.map((column) => (
        <td
          key={column.larger}
          className={`border-2 border-ink px-2 py-2 text-center text-2xl font-bold ${column.found ? 'bg-[#ffe9cf]' : 'bg-sheet'}`}
        >
          {column[which]}
        </td>
      ))}
      {Array.from({ length: empty }, (_, i) => (
        <td key={`e${i}`} className="border-2 border-hair px-2 py-2 text-center text-2xl">
          &nbsp;
        </td>
      ))}
      {which === 'larger' && (
        <td rowSpan={2} className="px-4 text-2xl font-bold whitespace-nowrap">
          {picture.rule}
        </td>
      )}
    </tr>
  );
  return (
    <div className="w-full overflow-x-auto">
      <table className="border-collapse">
        <tbody>
          {row('larger')}
          {row('smaller')}
        </tbody>
      </table>
      <p className="mt-4 min-h-9 text-2xl font-bold">
        <Marked text={picture.below} />
      </p>
    </div>
  );
}
