import type { Picture } from '../api/types';
import { Clock } from './Clock';
import { Columns } from './Columns';
import { DayStrip } from './DayStrip';
import { NumberLine } from './NumberLine';
import { SetOut } from './SetOut';
import { Table } from './Table';
import { Written } from './Written';

interface Props {
  picture: Picture;
  last: Picture;
  /** Larger writing, for a board. */
  large?: boolean;
  /** How much of the last jump on a line has been made, 0 to 1. */
  made?: number;
  /** Whether a number line stands upright. */
  upright?: boolean;
}

/** Draws whatever model a step shows; `last` is the picture of the last step of the same working. */
export function Model({ picture, last, large = false, made = 1, upright = false }: Props) {
  if (picture.type === 'line' && last.type === 'line') {
    return <NumberLine picture={picture} last={last} large={large} made={made} upright={upright} />;
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
    return <Clock picture={picture} />;
  }
  if (picture.type === 'day') {
    return <DayStrip strip={picture.strip} large />;
  }
  if (picture.type === 'set-out' && last.type === 'set-out') {
    return (
      <SetOut
        picture={picture}
        last={last}
        large={large}
        draw={(now, end) => <Model picture={now} last={end} large={large} made={made} upright={upright} />}
      />
    );
  }
  return null;
}
