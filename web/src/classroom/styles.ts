import type { Style } from '../api/types';
import type { Halves } from '../models/halves';

/** As most classes write: 1:50 p.m., 12 noon, twenty past three. */
export const usualStyle: Style = {
  halves: 'a.m.',
  separator: ':',
  past: 'past',
  nameTwelve: true,
  always24: false,
  leadingNought: true,
  minutesFirst: false,
  converts: false,
  totalsFirst: false,
  timesFive: false,
  monthFirst: false,
  weekBegins: 'monday',
  weekend: 'saturday-sunday',
};

export const halvesOf = ({ halves, always24 }: Style = usualStyle): Halves => ({
  am: halves,
  pm: halves.replace('a', 'p').replace('A', 'P'),
  by24: always24,
});
