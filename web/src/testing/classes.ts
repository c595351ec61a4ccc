import type { ChildEntry, ClassReply } from '../api/types';
import { usualStyle } from '../classroom/styles';

/** A child of a class in tests: its name in lower case is its id. */
export const child = (name: string): ChildEntry => ({ id: name.toLowerCase(), name });

/** A class in tests. */
export const classOf = (id: string, name: string, part: Partial<ClassReply> = {}): ClassReply => ({
  id,
  name,
  children: [],
  taught: [],
  methods: [],
  style: usualStyle,
  weekend: 'saturday-sunday',
  weekBegins: 'monday',
  clockTimes: '',
  clocks: [],
  inHand: false,
  ...part,
});
