import { useState } from 'react';
import type { OfferReply } from '../../api/types';
import { InOrder } from '../../ui/InOrder';
import { typedRuns } from '../words';
import { Ready } from './Ready';

/** Things are put in order: dragged, moved by arrows, or by keys. */
export function OrderAnswer({ offer, onAnswer }: { offer: OfferReply; onAnswer: (given: string) => void }) {
  const things = offer.pad.order;
  const [order, setOrder] = useState<readonly number[]>(() => things.map((_, i) => i));
  return (
    <div className="flex w-full max-w-xl flex-col gap-3">
      <InOrder
        label="In order, the first at the top"
        things={things}
        order={order}
        onOrder={setOrder}
        show={(name) =>
          typedRuns(name).map((run, i) => (
            <span key={i} className={run.mark === '' ? undefined : `mark-${run.mark}`}>
              {run.text}
            </span>
          ))
        }
        large
      />
      <Ready
        onClick={() => {
          onAnswer(order.map((thing) => String.fromCharCode(97 + thing)).join(', '));
        }}
        off={false}
      />
    </div>
  );
}
