import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask, Refused } from '../api/client';
import type { LessonReply, LessonRequest, PartText } from '../api/types';
import { useNotice } from '../ui/notices';
import { lessonQuery, planQuery } from './queries';

/** What can be changed about a lesson. */
export interface Written {
  parts: PartText[];
  note: string;
  ready: string[];
}

export const writtenOf = (lesson: LessonReply): Written => ({
  parts: lesson.parts.map((one) => one.text),
  note: lesson.note,
  ready: lesson.ready.filter((one) => one.ready).map((one) => one.id),
});

/** The lesson as it is shown while the change is on its way: what PHP computes follows. */
function meanwhile(lesson: LessonReply, { parts, note, ready }: Written): LessonReply {
  return {
    ...lesson,
    note,
    parts: parts.flatMap((text) => {
      const there = lesson.parts.find((one) => one.text.id === text.id);
      return there ? [{ ...there, text, minutes: text.minutes ?? there.minutes }] : [];
    }),
    ready: lesson.ready.map((one) => ({ ...one, ready: ready.includes(one.id) })),
  };
}

interface Way {
  last: Promise<void>;
  /** As it was sent last, while that is on its way. */
  wanted: Written | null;
}

/** Of each lesson: whoever changes it on the screen waits for the others. */
const ways = new Map<string, Way>();

function wayOf(id: string): Way {
  const way = ways.get(id) ?? { last: Promise.resolve(), wanted: null };
  ways.set(id, way);
  return way;
}

/** So many changes can be taken back. */
const most = 40;

/** Changes a lesson, one change after the other, and takes them back. */
export function useLesson(lesson: LessonReply) {
  const client = useQueryClient();
  const notice = useNotice();
  const { queryKey } = lessonQuery(lesson.id);
  const [before, setBefore] = useState<readonly Written[]>([]);
  const standing = () => wayOf(lesson.id).wanted ?? writtenOf(client.getQueryData(queryKey) ?? lesson);
  /** Whether it was done. */
  const then = (job: () => Promise<LessonReply>): Promise<boolean> => {
    let done = true;
    const way = wayOf(lesson.id);
    way.last = way.last
      .then(async () => {
        const reply = await job();
        // what was changed since it was sent stays on the screen: a reply to an earlier change takes nothing back
        client.setQueryData(queryKey, way.wanted ? meanwhile(reply, way.wanted) : reply);
      })
      .catch((failure: unknown) => {
        done = false;
        notice(
          failure instanceof Refused && failure.status === 409
            ? 'Somebody else changed this lesson. Here it is as it is now.'
            : failure instanceof Error
              ? failure.message
              : 'That could not be saved.',
        );
        void client.invalidateQueries({ queryKey });
      })
      .then(() => client.invalidateQueries({ ...planQuery(lesson.classId), exact: true }));
    return way.last.then(() => done);
  };
  const send = (next: Written) => {
    const way = wayOf(lesson.id);
    way.wanted = next;
    const shown = client.getQueryData(queryKey);
    if (shown) {
      client.setQueryData(queryKey, meanwhile(shown, next));
    }
    void then(async () => {
      const revision = client.getQueryData(queryKey)?.revision ?? lesson.revision;
      try {
        return await ask<LessonReply>('PUT', `/api/lessons/${lesson.id}`, {
          revision,
          ...next,
        } satisfies LessonRequest);
      } finally {
        if (way.wanted === next) {
          way.wanted = null;
        }
      }
    });
  };
  const remember = () => {
    const now = standing();
    setBefore((all) => [...all.slice(1 - most), now]);
  };
  return {
    change: (part: Partial<Written>) => {
      remember();
      send({ ...standing(), ...part });
    },
    /** Something that PHP changes, and gives back. */
    act: (path: string, body?: unknown): Promise<boolean> => {
      remember();
      return then(() => ask<LessonReply>('POST', `/api/lessons/${lesson.id}/${path}`, body));
    },
    /** Null where nothing was changed. */
    undo:
      before.length === 0
        ? null
        : () => {
            const back = before[before.length - 1];
            setBefore(before.slice(0, -1));
            if (back) {
              send(back);
            }
          },
  };
}
