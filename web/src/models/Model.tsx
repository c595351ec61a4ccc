import { Suspense } from 'react';
import type { Picture } from '../api/types';
import { part } from '../ui/part';
import { Columns } from './Columns';
import { Coverable } from './cover';
import { DayStrip } from './DayStrip';
import { NumberLine } from './NumberLine';
import { Table } from './Table';
import { Written } from './Written';

// the first sum has no need of these
const Clock = part(() => import('./Clock').then((it) => it.Clock));
const Month = part(() => import('./Month').then((it) => it.Month));
const SetOut = part(() => import('./SetOut').then((it) => it.SetOut));

interface Props {
  picture: Picture;
  last: Picture;
  /** Larger writing, for a board. */
  large?: boolean;
  /** How much of the last jump on a line has been made, 0 to 1. */
  made?: number;
  /** Whether a number line stands upright. */
  upright?: boolean;
  /** Whether it has half of the width only. */
  half?: boolean;
}

/** Draws whatever model a step shows; `last` is the picture of the last step of the same working. */
export function Model({ picture, last, large = false, made = 1, upright = false, half = false }: Props) {
  if (picture.type === 'line' && last.type === 'line') {
    return <NumberLine picture={picture} last={last} large={large} made={made} upright={upright} half={half} />;
  }
  if (picture.type === 'columns' && last.type === 'columns') {
    return <Columns picture={picture} last={last} large={large} />;
  }
  if (picture.type === 'written' && last.type === 'written') {
    return <Written picture={picture} last={last} large={large} />;
  }
  if (picture.type === 'table' && last.type === 'table') {
    return <Table picture={picture} last={last} large={large} />;
  }
  if (picture.type === 'clock') {
    return (
      <Suspense fallback={null}>
        <Clock picture={picture} />
      </Suspense>
    );
  }
  if (picture.type === 'month') {
    return (
      <Suspense fallback={null}>
        <Month picture={picture} large={large} />
      </Suspense>
    );
  }
  if (picture.type === 'day') {
    return (
      <Coverable id="strip" parts={['half']} name="the day">
        <DayStrip strip={picture.strip} large />
      </Coverable>
    );
  }
  if (picture.type === 'set-out' && last.type === 'set-out') {
    return (
      <Suspense fallback={null}>
        <SetOut
          picture={picture}
          last={last}
          large={large}
          draw={(now, end) => <Model picture={now} last={end} large={large} made={made} upright={upright} half />}
        />
      </Suspense>
    );
  }
  return null;
}
