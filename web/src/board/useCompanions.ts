import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { anotherQuery, boardQuery } from '../api/queries';
import type { AnotherReply, AnotherSum } from '../api/types';
import { newSeed } from '../ui/newId';
import { useNotice } from '../ui/notices';
import { afresh, type BoardAddress, type ChangeBoard } from './address';
import { useOnline } from './room';

/** Each sum draws its companions from a seed of its own, so that two of them never send one another back and forth. */
const seeds = new Map<string, number>();
function seedOf(sum: string): number {
  const seed = seeds.get(sum) ?? newSeed();
  seeds.set(sum, seed);
  return seed;
}

/** Other sums to go with the one on the board: they, and the next one worked, are fetched while the class looks at this one. */
export function useCompanions(sum: string, told: boolean, board: BoardAddress, change: ChangeBoard) {
  const client = useQueryClient();
  const notice = useNotice();
  const online = useOnline();
  const seed = seedOf(sum);
  const another = useQuery(anotherQuery(sum, seed, told));
  const alike = another.data?.alike[0]?.sum ?? null;
  const queued = board.queue[0] ?? null;
  useEffect(() => {
    for (const other of [queued, alike, another.data?.easier?.sum, another.data?.harder?.sum]) {
      if (other) {
        void client.prefetchQuery(boardQuery(other));
      }
    }
  }, [client, queued, alike, another.data]);
  const open = (which: (other: AnotherReply) => AnotherSum | null | undefined, none: string) => {
    if (!another.data && !online) {
      notice('No connection: other sums come as soon as there is one.');
      return;
    }
    client.fetchQuery(anotherQuery(sum, seed, told)).then(
      (other) => {
        const found = which(other);
        if (found) {
          change(afresh(found.sum), 'push');
        } else {
          notice(none);
        }
      },
      (failure: unknown) => {
        notice(failure instanceof Error ? failure.message : none);
      },
    );
  };
  return {
    /** Whether sums wait for their turn. */
    isQueued: queued !== null,
    next: () => {
      if (queued !== null) {
        change(afresh(queued, { queue: board.queue.slice(1) }), 'push');
      } else {
        open((other) => other.alike[0], 'There is no other sum quite like this one.');
      }
    },
    easier: () => {
      open((other) => other.easier, 'This is the bottom of the ladder.');
    },
    harder: () => {
      open((other) => other.harder, 'This is the top of the ladder.');
    },
  };
}
