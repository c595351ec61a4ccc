import type { RungSeenReply, Standing } from '../api/types';

export const said: Record<Standing, string> = {
  secure: 'secure',
  'on-the-way': 'on the way',
  'not-yet': 'not yet',
  'not-seen': 'not seen',
};

/** The teacher's word stands over what the answers say. */
export const standingOf = (rung: Pick<RungSeenReply, 'by' | 'word'>): Standing => rung.word ?? rung.by;
