import { memo } from 'react';
import type { BoardSum, DayReply, WorkedMethod } from '../api/types';
import { Coverable } from '../models/cover';
import { DayStrip } from '../models/DayStrip';
import { Model } from '../models/Model';
import type { BoardAddress, ChangeBoard } from './address';
import { BoardClock } from './BoardClock';
import { OwnJumps } from './OwnJumps';
import { modelTitles, pictureAt, stripAt, type ModelName } from './scene';
import type { Way } from './useWay';

/** The day strip at a moment of the sum. */
export const MomentStrip = memo(function MomentStrip({
  data,
  day,
  at,
  withEnd,
  large = false,
}: {
  data: BoardSum;
  day: DayReply;
  at: number;
  withEnd: boolean;
  large?: boolean;
}) {
  return (
    <Coverable id="strip" parts={['half']} name="the day">
      <DayStrip strip={stripAt(data, day, at, withEnd)} large={large} wall={!large} />
    </Coverable>
  );
});

interface Props {
  data: BoardSum;
  day: DayReply;
  method: WorkedMethod;
  way: Way;
  shown: readonly ModelName[];
  board: BoardAddress;
  change: ChangeBoard;
  /** Whether what the clock shows is what is asked for. */
  asked: boolean;
  /** Whether the end may stand on the day strip. */
  withEnd: boolean;
}

/** The models side by side, all at the same moment. */
export function Showing({ shown, way, ...rest }: Props) {
  return (
    <div
      className={`grid min-h-0 flex-1 gap-x-8 gap-y-2 py-2 md:max-lg:auto-rows-[minmax(0,1fr)] ${shown.length > 1 ? 'lg:grid-cols-2' : 'grid-cols-1'} lg:grid-rows-[minmax(0,1fr)]`}
      data-testid="models"
    >
      {shown.map((name) => (
        <section
          key={name}
          aria-label={modelTitles[name]}
          data-model={name}
          className={`flex min-h-0 min-w-0 justify-center contain-content max-md:min-h-[15rem] ${name === 'clock' || (name === 'line' && way.own) ? '' : 'items-center'}`}
        >
          <OneModel name={name} way={way} beside={shown.length > 1} {...rest} />
        </section>
      ))}
    </div>
  );
}

function OneModel({
  name,
  data,
  day,
  method,
  way,
  board,
  change,
  asked,
  withEnd,
  beside,
}: Omit<Props, 'shown'> & {
  name: ModelName;
  /** Whether another model stands beside it. */
  beside: boolean;
}) {
  const { clock, worked } = data;
  const { at, step, part } = way;
  const picture = method.steps[step]?.picture;
  if (name === 'clock') {
    return (
      <BoardClock
        day={day}
        at={at}
        // who counts in fives sees them
        face={picture?.type === 'clock' ? [...board.face, 'fives'] : board.face}
        halfSaid={clock?.halfSaid ?? false}
        by24={clock?.by24 ?? false}
        toTheSecond={clock?.toTheSecond}
        asked={asked}
        rewritten={worked.kind === 'rewrite'}
        sweep={way.sweep}
        stops={picture?.type === 'clock' ? picture.stops : undefined}
        {...(way.moves ? { onTurn: way.turn, onTurnEnd: way.settle } : {})}
      />
    );
  }
  if (name === 'line' && board.jumps !== null && clock?.toTheSecond !== true) {
    return <OwnJumps data={data} day={day} jumps={board.jumps} change={change} upright={board.upright} />;
  }
  if (name === 'day' && clock?.halfSaid) {
    return <MomentStrip data={data} day={day} at={at} withEnd={withEnd} large />;
  }
  const drawn = pictureAt(data, method, name, part > 0 && name === 'line' ? step + 1 : step);
  return drawn ? (
    <Model
      picture={drawn.now}
      last={drawn.last}
      large
      made={part > 0 ? part : 1}
      upright={board.upright && name === 'line'}
      half={beside}
    />
  ) : null;
}
