import { useState } from 'react';
import type { OfferReply } from '../../api/types';
import { InOrder } from '../../ui/InOrder';
import { Typed } from '../Typed';
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
        show={(name) => <Typed text={name} />}
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
