import { useQuery } from '@tanstack/react-query';
import { meQuery } from '../api/queries';
import type { DeletedKind } from '../api/types';
import { Pick } from '../ui/Pick';
import { useAddress } from '../ui/useAddress';
import { useTitle } from '../ui/useTitle';
import { DeletedList, kinds } from './DeletedList';

const all = Object.keys(kinds) as DeletedKind[];

/** Everything that was deleted lately and can be brought back. */
export function Deleted() {
  useTitle('Deleted');
  const days = useQuery(meQuery).data?.deletedDays ?? 30;
  const { params, put } = useAddress();
  const of = all.find((kind) => kind === params.get('of'));
  return (
    <div className="mx-auto w-full max-w-5xl px-6 py-8">
      <div className="flex flex-wrap items-end justify-between gap-y-2 border-b-2 border-ink pb-3">
        <h1 className="text-3xl font-bold">Deleted</h1>
        <Pick
          label="Show"
          value={of ?? 'all'}
          options={[
            { value: 'all', text: 'Everything' },
            ...all.map((kind) => ({ value: kind, text: kinds[kind].several })),
          ]}
          onChange={(value) => {
            put({ of: value === 'all' ? null : value });
          }}
        />
      </div>
      <p className="mt-3 text-lg">
        For {days === 1 ? 'a day' : `${days} days`} what was deleted can be brought back. Then it goes for good.
      </p>
      <DeletedList {...(of === undefined ? {} : { of: [of] })} />
    </div>
  );
}
