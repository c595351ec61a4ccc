import type { LessonReply, PartReply } from '../api/types';
import { useSyncExternalStore } from 'react';
import { addressOf } from '../board/address';
import { keep, kept } from '../ui/browserStore';

/** The lesson that is being taught in this browser, and the part that one is in. */
export interface Taught {
  lesson: string;
  part: number;
}

const none: Taught = { lesson: '', part: 0 };
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

function change(part: Partial<Taught>): void {
  now = { ...read(), ...part };
  keep(name, JSON.stringify(now));
  listeners.forEach((tell) => {
    tell();
  });
}

const forget = () => {
  change(none);
};

function subscribe(tell: () => void): () => void {
  listeners.add(tell);
  return () => {
    listeners.delete(tell);
  };
}

/** Which lesson is being taught; none with an empty name. */
export function useTaught() {
  return { value: useSyncExternalStore(subscribe, read), change, forget };
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
