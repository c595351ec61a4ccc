import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useImperativeHandle, useState, type Ref } from 'react';
import { useNavigate } from 'react-router';
import { ask } from '../api/client';
import type { FoundKind, FoundReply } from '../api/types';
import { useSettled } from '../ui/useSettled';

/** Keys that are typed in the sum line while something is looked for. */
export interface Finder {
  /** True for a key that means something in the list. */
  onKey: (key: string) => boolean;
}

const kinds: Record<FoundKind, { name: string; to: (id: string) => string }> = {
  lesson: { name: 'Lesson', to: (id) => `/today?lesson=${id}` },
  sheet: { name: 'Sheet', to: (id) => `/prepare?sheet=${id}` },
  problem: { name: 'Question', to: (id) => `/prepare?sheet=${id}` },
  timetable: { name: 'Timetable', to: (id) => `/timetables?table=${id}` },
  activity: { name: 'Activity', to: (id) => `/activities/${id}` },
  child: { name: 'Child', to: (id) => `/follow-up?view=class&child=${id}` },
};

/** What was found of one's own, below the sum line; chosen by arrows and Enter, or pressed. */
export function Found({
  text,
  onDone,
  onChosen,
  ref,
}: {
  text: string;
  onDone: () => void;
  /** Told the id of the element that Enter would take; empty for none. */
  onChosen: (id: string) => void;
  ref: Ref<Finder>;
}) {
  const navigate = useNavigate();
  const typed = useSettled(text.trim(), 150);
  const found = useQuery({
    queryKey: ['search', typed],
    queryFn: ({ signal }) =>
      ask<FoundReply[]>('GET', `/api/search?${new URLSearchParams({ q: typed }).toString()}`, undefined, signal),
    enabled: typed !== '',
    placeholderData: keepPreviousData,
  });
  const list = typed === '' ? [] : (found.data ?? []);
  const [at, setAt] = useState(0);
  const chosen = Math.min(at, list.length - 1);
  useEffect(() => {
    onChosen(chosen < 0 ? '' : `found-${chosen}`);
    document.getElementById(`found-${chosen}`)?.scrollIntoView({ block: 'nearest' });
    return () => {
      onChosen('');
    };
  }, [chosen, onChosen]);
  const take = (one: FoundReply | undefined) => {
    if (one) {
      onDone();
      void navigate(kinds[one.kind].to(one.id));
    }
  };
  useImperativeHandle(ref, () => ({
    onKey: (key) => {
      if (key === 'ArrowDown' || key === 'ArrowUp') {
        setAt(Math.max(0, Math.min(list.length - 1, chosen + (key === 'ArrowDown' ? 1 : -1))));
        return true;
      }
      if (key === 'Enter') {
        take(list[chosen]);
        return true;
      }
      if (key === 'Escape') {
        onDone();
        return true;
      }
      return false;
    },
  }));
  return (
    <div
      // longer than the screen it is scrolled by keys as well
      tabIndex={0}
      className="absolute top-full right-0 left-0 z-20 mt-1 max-h-[70dvh] overflow-y-auto border-2 border-ink bg-sheet"
    >
      <p role="status" className="px-4 py-2 text-soft empty:hidden">
        {typed === ''
          ? 'Type words of a sheet, a problem, a lesson, an activity, or a name.'
          : found.isError
            ? found.error.message
            : found.isSuccess && list.length === 0 && !found.isPlaceholderData
              ? 'Nothing of yours has these words.'
              : ''}
      </p>
      <ul id="found" role="listbox" aria-label="Found">
        {list.map((one, i) => (
          <li
            key={one.kind + one.id + one.name}
            id={`found-${i}`}
            role="option"
            aria-selected={i === chosen}
            className={`grid cursor-pointer grid-cols-[6.5rem_minmax(0,1fr)] gap-x-3 px-4 py-2 ${i === chosen ? 'bg-wash' : ''}`}
            // before the line loses the focus
            onPointerDown={(event) => {
              event.preventDefault();
              take(one);
            }}
            onPointerEnter={() => {
              setAt(i);
            }}
          >
            <span className="text-soft">{kinds[one.kind].name}</span>
            <span className="min-w-0">
              <span className="font-bold [overflow-wrap:anywhere]">{one.name}</span>{' '}
              <span className="text-soft">{one.more}</span>
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
