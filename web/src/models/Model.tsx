import type { Picture } from '../api/types';
import { Columns } from './Columns';
import { NumberLine } from './NumberLine';

/** Draws whatever model a step shows; `last` is the picture of the last step of the same working. */
export function Model({ picture, last }: { picture: Picture; last: Picture }) {
  if (picture.type === 'line' && last.type === 'line') {
    return <NumberLine picture={picture} last={last} />;
  }
  if (picture.type === 'columns' && last.type === 'columns') {
    return <Columns picture={picture} last={last} />;
  }
  return null;
}
