import { useState } from 'react';
import type { OfferReply } from '../api/types';
import { Month } from '../models/Month';
import { ChooseAnswer } from './answer/ChooseAnswer';
import { ColumnsRoom } from './answer/ColumnsRoom';
import { HandsAnswer } from './answer/HandsAnswer';
import { canDraw, LineRoom } from './answer/LineRoom';
import { OrderAnswer } from './answer/OrderAnswer';
import { PadAnswer } from './answer/PadAnswer';

/** Room to work on, and the keys for the answer: whichever the form of the question has. */
export function useAnswering(offer: OfferReply, onAnswer: (given: string) => void) {
  const [filled, setFilled] = useState('');
  const { form } = offer;
  const room = 'room' in form ? form.room : null;
  const columns = room?.begins?.type === 'columns' && room.ends?.type === 'columns' ? room : null;
  const line = room?.begins?.type === 'line' && room.ends?.type === 'line' ? room : null;
  const work =
    columns?.begins?.type === 'columns' ? (
      <ColumnsRoom picture={columns.begins} onAnswer={setFilled} />
    ) : line?.begins?.type === 'line' && line.ends?.type === 'line' && canDraw(line.ends) ? (
      <LineRoom begins={line.begins} ends={line.ends} />
    ) : room?.begins?.type === 'month' ? (
      <Month picture={room.begins} />
    ) : form.type === 'table' ? (
      <Row heads={form.heads} cells={form.cells} />
    ) : null;
  const keys =
    form.type === 'hands' ? (
      <HandsAnswer offer={offer} onAnswer={onAnswer} />
    ) : offer.pad.choose.length > 0 ? (
      <ChooseAnswer offer={offer} onAnswer={onAnswer} />
    ) : offer.pad.order.length > 0 ? (
      <OrderAnswer offer={offer} onAnswer={onAnswer} />
    ) : (
      // in columns of lengths the answer row is the answer
      <PadAnswer
        pad={offer.pad}
        filled={columns?.ends?.type === 'columns' && columns.ends.after === '' ? filled : ''}
        onAnswer={onAnswer}
      />
    );
  return { work, keys };
}

/** A row of a table with the gap that is to be filled. */
function Row({ heads, cells }: { heads: readonly string[]; cells: readonly (string | null)[] }) {
  return (
    <table className="border-collapse text-2xl">
      <thead>
        <tr>
          {heads.map((head, i) => (
            <th key={i} scope="col" className="border-2 border-ink bg-wash px-4 py-2 text-left font-bold">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        <tr>
          {cells.map((cell, i) => (
            <td key={i} className="border-2 border-ink bg-sheet px-4 py-3">
              {cell === null || cell.startsWith('__') ? <span className="cover">?</span> : cell}
            </td>
          ))}
        </tr>
      </tbody>
    </table>
  );
}
