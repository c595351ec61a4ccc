import { useQuery } from '@tanstack/react-query';
import { classesQuery } from '../api/queries';
import type { ClassReply } from '../api/types';

const none: readonly ClassReply[] = [];

/** The classes of the teacher, and the one in hand: for the board, for new sheets, for all that is done. */
export function useClasses(): { classes: readonly ClassReply[]; inHand: ClassReply | null } {
  const classes = useQuery(classesQuery).data ?? none;
  return { classes, inHand: classes.find((one) => one.inHand) ?? null };
}
