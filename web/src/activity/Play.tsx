import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { ask } from '../api/client';
import { classesQuery } from '../api/queries';
import type { PlannedActivityReply, PlayedRequest } from '../api/types';
import { useClasses } from '../classroom/useClasses';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';
import { useNotice } from '../ui/notices';
import { part } from '../ui/part';
import { Rail, RailSpace } from '../ui/Rail';
import { useAddress } from '../ui/useAddress';
import { useTitle } from '../ui/useTitle';
import { NotThere } from './NotThere';
import { activityQuery, wantedOf } from './queries';
import { LighthouseStage, PondStage, SpinnerStage } from './stage/chance';
import { DayOrderStage, DigitsStage, SortingStage, WallsStage } from './stage/fields';
import { useMoves, type Moves } from './stage/moves';
import { standing } from './stage/plays';
import { BellStage, ClockPartsStage, LoopStage, LottoStage, RingStage, StockStage } from './stage/simple';
import { Key } from '../ui/Key';
import { called } from '../ui/called';

const HalfAMinute = part(() => import('./stage/HalfAMinute').then((it) => it.HalfAMinute));

/** An activity on the board. */
export function Play() {
  const { id = '' } = useParams();
  const { params } = useAddress();
  const { inHand } = useClasses();
  // a class that becomes known in the middle of a game would begin it anew
  const known = !useQuery(classesQuery).isPending;
  const wanted = wantedOf(params);
  const planned = useQuery({ ...activityQuery(id, wanted, inHand?.id ?? ''), enabled: known });
  useTitle(planned.data?.title ?? 'Activity');
  if (planned.isError) {
    return <NotThere why={planned.error.message} />;
  }
  if (!planned.data || planned.isPlaceholderData) {
    return <p className="late p-8 text-xl">One moment.</p>;
  }
  // other numbers, another game
  return <Board key={`${id} ${wanted}`} it={planned.data} name={`play ${id} ${wanted}`} classId={inHand?.id ?? ''} />;
}

function Board({ it, name, classId }: { it: PlannedActivityReply; name: string; classId: string }) {
  const { params, put } = useAddress();
  const moves = useMoves(name);
  const now = standing(it.numbers, moves.list, it.steps.length);
  const next = () => {
    if (now.next) {
      moves.add(...now.next.moves);
    }
  };
  const other = () => {
    put({ seed: Number(params.get('seed') ?? 1) + 1 });
  };
  useKeys({
    ' ': next,
    ArrowRight: next,
    ArrowLeft: () => {
      moves.back(now.back);
    },
    z: () => {
      moves.back(now.back);
    },
    o: other,
  });
  const search = params.toString() === '' ? '' : `?${params.toString()}`;
  return (
    <section aria-label={it.title} className="flex min-h-0 flex-1 flex-col">
      <h1 className="sr-only">{it.title}</h1>
      <div className="flex min-h-0 flex-1 flex-col overflow-y-auto">
        <StageOf it={it} moves={moves} classId={classId} />
      </div>
      <Rail>
        <Link to={`/activities/${it.id}${search}`} className="underline underline-offset-4">
          {it.title}
        </Link>
        {it.numbers.type !== 'estimate' && (
          <>
            {it.numbers.type !== 'day-order' && (
              <span className="wall-small pl-3 text-soft tabular-nums">
                {now.turns} {it.chance ? `of about ${Math.round(it.turns)}` : `of ${it.turns}`} {it.turn}
              </span>
            )}
            <Ended it={it} moves={moves} turns={now.turns} done={now.done} classId={classId} />
            <RailSpace />
            <Button shortcut="O" onClick={other}>
              {called.newNumbers}
            </Button>
            {moves.list.length > 0 && (
              <>
                <Button onClick={moves.anew}>Begin again</Button>
                <Button
                  shortcut="Z"
                  onClick={() => {
                    moves.back(now.back);
                  }}
                >
                  {called.undo}
                </Button>
              </>
            )}
            {now.next && (
              <Button look="strong" className="min-h-12 px-6 text-xl" onClick={next}>
                {now.next.label}
                <Key of="Space" className="text-base max-xl:hidden" />
              </Button>
            )}
          </>
        )}
      </Rail>
    </section>
  );
}

function StageOf({ it, moves, classId }: { it: PlannedActivityReply; moves: Moves; classId: string }): ReactNode {
  const { numbers } = it;
  switch (numbers.type) {
    case 'ring':
      return <RingStage numbers={numbers} moves={moves} />;
    case 'bell':
      return <BellStage numbers={numbers} moves={moves} />;
    case 'stock':
      return <StockStage numbers={numbers} moves={moves} />;
    case 'loop':
      return <LoopStage numbers={numbers} moves={moves} />;
    case 'lotto':
      return <LottoStage numbers={numbers} moves={moves} />;
    case 'clock-parts':
      return <ClockPartsStage numbers={numbers} moves={moves} steps={it.steps} />;
    case 'walls':
      return <WallsStage numbers={numbers} moves={moves} />;
    case 'digits':
      return <DigitsStage numbers={numbers} moves={moves} />;
    case 'sorting':
      return <SortingStage numbers={numbers} moves={moves} />;
    case 'spinner':
      return <SpinnerStage numbers={numbers} moves={moves} />;
    case 'pond':
      return <PondStage numbers={numbers} moves={moves} />;
    case 'lighthouse':
      return <LighthouseStage numbers={numbers} moves={moves} />;
    case 'day-order':
      return <DayOrderStage numbers={numbers} moves={moves} />;
    case 'estimate':
      return <HalfAMinute numbers={numbers} classId={classId} />;
  }
}

/** How long it took, to be kept for the next estimate. */
function Ended({
  it,
  moves,
  turns,
  done,
  classId,
}: {
  it: PlannedActivityReply;
  moves: Moves;
  turns: number;
  done: boolean;
  classId: string;
}) {
  const client = useQueryClient();
  const notice = useNotice();
  const [kept, setKept] = useState(false);
  const seconds = moves.since === null || moves.until === null ? 0 : Math.round((moves.until - moves.since) / 1000);
  const keep = useMutation({
    mutationFn: () =>
      ask('POST', `/api/classes/${classId}/games`, { activity: it.id, turns, seconds } satisfies PlayedRequest),
    onSuccess: () => {
      setKept(true);
      void client.invalidateQueries({ queryKey: ['all-activities'] });
      void client.invalidateQueries({ queryKey: ['activity', it.id], refetchType: 'none' });
      notice('Kept: the next estimate is better by that.');
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  if (!(done || turns >= 5) || seconds < 10 || classId === '') {
    return null;
  }
  const minutes = Math.floor(seconds / 60);
  return (
    <span className="flex items-center gap-3">
      <span className="tabular-nums">
        {minutes} min {seconds % 60} s so far
      </span>
      {!kept && (
        <Button
          look="quiet"
          aria-disabled={keep.isPending}
          onClick={() => {
            if (!keep.isPending) {
              keep.mutate();
            }
          }}
        >
          Save that time
        </Button>
      )}
    </span>
  );
}
