import { useMutation, useQueryClient } from '@tanstack/react-query';
import { ask } from '../api/client';
import { meQuery } from '../api/queries';
import type { LetterKeysRequest, MeReply } from '../api/types';
import { setLetterKeys, useLetterKeys } from '../ui/letterKeys';
import { useNotice } from '../ui/notices';
import { Tick } from '../ui/Pick';

/** Turns the keys that are letters, digits and signs by themselves on and off, for this account. */
export function LetterKeys() {
  const client = useQueryClient();
  const notice = useNotice();
  const on = useLetterKeys();
  const save = useMutation({
    mutationFn: (to: boolean) =>
      ask<MeReply>('PUT', '/api/account/letter-keys', { on: to } satisfies LetterKeysRequest),
    onMutate: setLetterKeys,
    onSuccess: (me) => {
      client.setQueryData(meQuery.queryKey, me);
    },
    onError: (failure, to) => {
      setLetterKeys(!to);
      notice(failure.message);
    },
  });
  return (
    <div className="text-lg">
      <Tick
        label="Letters, digits and signs are keys"
        value={on}
        onChange={(to) => {
          save.mutate(to);
        }}
      />
      <p className="mt-1 text-soft">
        Turn this off if you dictate, or press keys by accident. Arrows, Enter, Space and Escape go on working.
      </p>
    </div>
  );
}
