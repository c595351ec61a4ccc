import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { DayTaleReply } from '../api/types';
import { Marked } from '../models/Marked';
import { Button } from '../ui/Button';
import { InOrder } from '../ui/InOrder';
import { useKeys } from '../ui/keys';
import { taleQuery, type WantedDay } from './queries';
import { called } from '../ui/called';

/** What happens on a day, told in sentences and put in order by hand. */
export function DayOrder({ wanted, onOther }: { wanted: WantedDay; onOther: () => void }) {
  const tale = useQuery(taleQuery(wanted));
  if (!tale.data) {
    return tale.isError ? <p className="mt-4 text-lg">{tale.error.message}</p> : null;
  }
  // another day begins as it is given
  return <Order key={JSON.stringify(wanted)} tale={tale.data} onOther={onOther} />;
}

function Order({ tale, onOther }: { tale: DayTaleReply; onOther: () => void }) {
  const [order, setOrder] = useState<readonly number[]>(() => tale.things.map((_, i) => i));
  const [checked, setChecked] = useState(false);
  const inPlace = order.filter((thing, i) => tale.order[i] === thing).length;
  const solve = () => {
    setOrder(tale.order);
    setChecked(true);
  };
  useKeys({ a: solve, o: onOther });
  return (
    <div className="mt-4 grid gap-x-10 gap-y-5 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <ul
        className="space-y-2 text-[clamp(1.2rem,1.9vw,1.7rem)] leading-snug [.wall_&]:text-[calc(var(--u)*2.03)]"
        aria-label="What is told"
      >
        {tale.sentences.map((sentence) => (
          <li key={sentence}>
            <Marked text={sentence} />
          </li>
        ))}
      </ul>
      <div>
        <InOrder
          label="In order"
          things={tale.things}
          order={order}
          onOrder={(next) => {
            setOrder(next);
            setChecked(false);
          }}
          right={(thing, place) => (checked ? tale.order[place] === thing : null)}
        />
        <p className="mt-2 min-h-8 text-xl [.wall_&]:text-[calc(var(--u)*1.875)]" role="status" data-testid="in-place">
          {checked &&
            (inPlace === order.length
              ? 'That is the order of the day.'
              : `${inPlace === 0 ? 'None' : inPlace} of ${order.length} ${inPlace === 1 ? 'is' : 'are'} in place. Read the sentences again, one by one.`)}
        </p>
        <div role="group" aria-label="Controls of the table" className="flex flex-wrap gap-2.5">
          <Button
            look="strong"
            onClick={() => {
              setChecked(true);
            }}
          >
            Is that right?
          </Button>
          <Button onClick={solve} shortcut="A">
            Answer
          </Button>
          <Button onClick={onOther} shortcut="O">
            {called.otherQuestions}
          </Button>
        </div>
      </div>
    </div>
  );
}
