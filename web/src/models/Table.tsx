import type { TablePicture } from '../api/types';
import { Coverable } from './cover';
import { Marked } from './Marked';

/** A table of two rows that grows column by column, with its rule at the side. */
export function Table({
  picture,
  last,
  large = false,
}: {
  picture: TablePicture;
  last: TablePicture;
  large?: boolean;
}) {
  const size = large ? 'wall-say px-[0.5em] py-[0.4em]' : 'px-2 py-2 text-2xl';
  const empty = Math.max(0, last.columns.length - picture.columns.length);
  const row = (which: 'larger' | 'smaller') => (
    <tr>
      <th
        scope="row"
        className={`border-2 border-ink bg-wash text-left ${large ? 'wall-note px-[0.6em] py-[0.5em]' : 'px-3 py-2 text-xl'}`}
      >
        <Marked text={picture[which]} />
      </th>
      {picture.columns.map((column) => (
        <td
          key={column.larger}
          className={`border-2 border-ink text-center font-bold ${size} ${column.found ? 'bg-found' : 'bg-sheet'}`}
        >
          {column.asked === which ? (
            <Coverable id="answer" parts={['answer']} name="the answer">
              {column[which]}
            </Coverable>
          ) : (
            column[which]
          )}
        </td>
      ))}
      {Array.from({ length: empty }, (_, i) => (
        <td key={`e${i}`} className={`border-2 border-hair text-center ${size}`}>
          &nbsp;
        </td>
      ))}
      {which === 'larger' && (
        <td rowSpan={2} className={`px-4 font-bold whitespace-nowrap ${large ? 'wall-say' : 'text-2xl'}`}>
          {picture.rule}
        </td>
      )}
    </tr>
  );
  return (
    <div className="w-full overflow-x-auto" role="region" aria-label="The table, column by column" tabIndex={0}>
      <table className="border-collapse">
        <tbody>
          {row('larger')}
          {row('smaller')}
        </tbody>
      </table>
      <p className={`mt-4 min-h-9 font-bold ${large ? 'wall-say' : 'text-2xl'}`}>
        <Marked text={picture.below} />
      </p>
    </div>
  );
}
