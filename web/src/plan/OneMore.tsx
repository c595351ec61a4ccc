import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { ask } from '../api/client';
import { rungsQuery } from '../api/queries';
import type { LessonReply, NewLessonRequest, PlanReply } from '../api/types';
import { Button } from '../ui/Button';
import { DayField, TimeField } from '../classroom/written';
import { field, NumberField } from './fields';
import { planQuery } from './queries';
import { called } from '../ui/called';

/** A lesson beside those that are planned, filled for what it is to be about. */
export function OneMore({ plan, classId }: { plan: PlanReply; classId: string }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const rungs = useQuery(rungsQuery).data ?? [];
  const [usual] = plan.course?.week ?? [];
  const [wanted, setWanted] = useState<Required<NewLessonRequest>>({
    rung: '',
    on: plan.today,
    start: usual?.start ?? '09:40',
    minutes: usual?.minutes ?? 60,
  });
  const put = (part: Partial<NewLessonRequest>) => {
    setWanted((now) => ({ ...now, ...part }));
  };
  const add = useMutation({
    mutationFn: () => ask<LessonReply>('POST', `/api/classes/${classId}/lessons`, wanted),
    onSuccess: (made) => {
      void client.invalidateQueries({ ...planQuery(classId), exact: true });
      void navigate(`/today?lesson=${made.id}`);
    },
  });
  return (
    <form
      className="mt-8"
      aria-label="One more lesson"
      onSubmit={(event) => {
        event.preventDefault();
        add.mutate();
      }}
    >
      <h2 className="text-2xl font-bold">One more lesson</h2>
      <div className="mt-2 flex flex-wrap items-center gap-2.5 text-lg">
        <DayField
          label="Day"
          value={wanted.on}
          onChange={(value) => {
            put({ on: value });
          }}
        />
        at
        <TimeField
          label="Time"
          value={wanted.start}
          onChange={(value) => {
            put({ start: value });
          }}
        />
        for
        <NumberField
          label="Minutes"
          least={10}
          most={240}
          value={wanted.minutes}
          onChange={(value) => {
            put({ minutes: value });
          }}
        />
        minutes on
        <select
          required
          aria-label={called.skill}
          className={`${field} max-w-full min-w-0`}
          value={wanted.rung}
          onChange={(event) => {
            put({ rung: event.target.value });
          }}
        >
          <option value="">choose</option>
          {rungs.map((one) => (
            <option key={one.id} value={one.id}>
              {one.can}
            </option>
          ))}
        </select>
        <Button type="submit" aria-disabled={add.isPending}>
          Add this lesson
        </Button>
      </div>
      {add.isError && (
        <p role="alert" className="mt-2 text-lg">
          {add.error.message}
        </p>
      )}
    </form>
  );
}
