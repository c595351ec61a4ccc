import { rememberWayBack } from '../ui/wayBack';
import { useMutation } from '@tanstack/react-query';
import { useId } from 'react';
import { Link } from 'react-router';
import { ask } from '../api/client';
import type { PileReply, PileRequest } from '../api/types';
import { DayField } from '../classroom/written';
import { Button } from '../ui/Button';
import { useNotice } from '../ui/notices';
import { useWish } from '../ui/useWish';
import { keyOf } from './cells';
import type { PileKeeper, PileState } from './pileKeeper';
import { called } from '../ui/called';

interface Props {
  keeper: PileKeeper;
  state: PileState;
  onUndo: () => void;
}

/** What holds for the whole pile, and where it leads: out and in as CSV, to the board, to the groups. */
export function ThisPile({ keeper, state, onUndo }: Props) {
  const { pile } = state;
  const notice = useNotice();
  const day = useId();
  const settle = useMutation({
    mutationFn: (part: PileRequest) => ask<PileReply>('PATCH', `/api/piles/${pile.id}`, part),
    onSuccess: (changed) => {
      keeper.adopt(changed);
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const { wish, put } = useWish(settle.mutate);
  const bring = useMutation({
    mutationFn: async (file: File) =>
      ask<PileReply>('POST', `/api/piles/${pile.id}/csv`, new Blob([await file.text()], { type: 'text/csv' })),
    onSuccess: (changed) => {
      keeper.adopt(changed);
      notice('The answers are in.');
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  return (
    <section aria-label="This pile" className="mt-3 border-t-2 border-hair pt-3">
      <label className="flex min-h-9 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-ink"
          checked={wish?.nearlyCounts ?? pile.nearlyCounts}
          onChange={(event) => {
            put({ nearlyCounts: event.target.checked });
          }}
        />
        a missing unit, a.m. or p.m. still counts
      </label>
      <label className="flex min-h-9 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-ink"
          checked={wish?.byChildren ?? pile.byChildren}
          onChange={(event) => {
            put({ byChildren: event.target.checked });
          }}
        />
        children marked these, ticks only
      </label>
      <div className="flex min-h-9 flex-wrap items-center justify-between gap-x-2">
        <label htmlFor={day}>written on</label>
        <DayField
          id={day}
          value={pile.on}
          onChange={(on) => {
            settle.mutate({ on });
          }}
        />
      </div>
      <p className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1">
        <a href={`/api/piles/${pile.id}.csv`} download className="underline underline-offset-4">
          {called.exportCsv}
        </a>
        <label className="cursor-pointer underline underline-offset-4 focus-within:outline-2">
          Import CSV
          <input
            type="file"
            accept=".csv,text/csv,text/plain"
            className="sr-only"
            onChange={(event) => {
              const file = event.target.files?.[0];
              event.target.value = '';
              if (file) {
                bring.mutate(file);
              }
            }}
          />
        </label>
        <BoardLink state={state} />
      </p>
      {pile.classId !== null && (
        <p className="mt-2">
          <Link to="/follow-up" className="font-bold underline underline-offset-4">
            Follow up: groups for tomorrow
          </Link>
        </p>
      )}
      <Button className="mt-2" onClick={onUndo} aria-disabled={!state.canUndo}>
        {called.undo}
      </Button>
    </section>
  );
}

/** What most got wrong is first on the board. */
function BoardLink({ state: { pile, cells } }: { state: PileState }) {
  const wrong = (pile.parts[0]?.questions ?? [])
    .map((question, i) => ({
      question,
      times: pile.papers.filter((paper) => cells.get(keyOf({ paper: paper.id, question: i }))?.counts === 'wrong')
        .length,
    }))
    .filter((one) => one.times > 0 && pile.papers.every((paper) => paper.own === null))
    .sort((a, b) => b.times - a.times)
    .map((one) => one.question.asked.replaceAll('|', ' '));
  const [sum, ...queue] = wrong;
  return sum === undefined ? null : (
    <Link
      to={`/teach?${new URLSearchParams({ sum, ...(queue.length > 0 ? { queue: queue.join('|') } : {}) }).toString()}`}
      className="underline underline-offset-4"
      onClick={() => {
        rememberWayBack({ to: `/mark/${pile.id}`, name: 'Back to the pile' });
      }}
    >
      What most got wrong, on the board
    </Link>
  );
}
