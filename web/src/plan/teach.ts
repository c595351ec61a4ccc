import type { LessonReply, PartReply } from '../api/types';
import { useSyncExternalStore } from 'react';
import { addressOf } from '../board/address';
import { keep, kept } from '../ui/browserStore';

/** The lesson that is being taught in this browser, and the part that one is in. */
export interface Taught {
  lesson: string;
  part: number;
  /** When the part began on this board, in milliseconds since 1970; 0 where it has not. */
  began: number;
}

const none: Taught = { lesson: '', part: 0, began: 0 };
const name = 'rostik.taught';

/** The same for the top line and for the lesson itself, and there again after a reload. */
let now: Taught | null = null;
const listeners = new Set<() => void>();

function read(): Taught {
  try {
    now ??= { ...none, ...(JSON.parse(kept(name) ?? '{}') as Partial<Taught>) };
  } catch {
    now = none;
  }
  return now;
}

function change(part: Partial<Omit<Taught, 'began'>>): void {
  // another part begins now
  now = { ...read(), ...part, began: Date.now() };
  keep(name, JSON.stringify(now));
  listeners.forEach((tell) => {
    tell();
  });
}

const forget = () => {
  change({ lesson: '', part: 0 });
};

/** The part has begun so much later, in minutes: there is more time for it. */
const addMinutes = (minutes: number) => {
  const was = read();
  now = { ...was, began: was.began + minutes * 60_000 };
  keep(name, JSON.stringify(now));
  listeners.forEach((tell) => {
    tell();
  });
};

function subscribe(tell: () => void): () => void {
  listeners.add(tell);
  return () => {
    listeners.delete(tell);
  };
}

/** Which lesson is being taught; none with an empty name. */
export function useTaught() {
  return { value: useSyncExternalStore(subscribe, read), change, forget, addMinutes };
}

/**
 * Where a part of a lesson is taught: the board with its sums, the activity, or a quiet screen that says what to do.
 *
 * @param search the address of the board as it stands, whose set-up stays
 */
export function placeOf(lesson: LessonReply, part: PartReply, search = ''): string {
  const { text } = part;
  if (text.activity !== null) {
    const wanted = new URLSearchParams({ level: text.level, seed: String(text.seed) });
    if (text.group !== null) {
      wanted.set('group', String(text.group));
    }
    for (const [option, choice] of Object.entries(text.options)) {
      wanted.set(`with.${option}`, choice ?? '');
    }
    return `/teach/activity/${text.activity}?${wanted.toString()}`;
  }
  const [sum, ...queue] = text.sums.map((one) => one.replaceAll('|', ' '));
  if (sum !== undefined) {
    return `/teach?${addressOf(sum, search, { queue, show: [] }).toString()}`;
  }
  return `/teach/part?${new URLSearchParams({ lesson: lesson.id, part: text.id }).toString()}`;
}
