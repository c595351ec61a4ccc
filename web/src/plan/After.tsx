import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../api/client';
import type { AfterRequest, LessonReply, LessonState, PlanReply } from '../api/types';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Window } from '../ui/Window';
import { useNotice } from '../ui/notices';
import { lessonQuery, planQuery } from './queries';
import { useMoves } from './useMoves';
import { called } from '../ui/called';

const states: readonly { value: Exclude<LessonState, 'planned'>; text: string }[] = [
  { value: 'done', text: 'all of it' },
  { value: 'partly', text: 'some of it' },
  { value: 'not', text: 'none of it' },
];

/** After the lesson: what became of it, and how long things took, so that the next one is planned better. */
export function After({ lesson, plan, onClose }: { lesson: LessonReply; plan: PlanReply; onClose: () => void }) {
  const client = useQueryClient();
  const notice = useNotice();
  const moves = useMoves(plan, lesson.classId);
  const [state, setState] = useState<LessonState>(lesson.state === 'planned' ? 'done' : lesson.state);
  const [took, setTook] = useState<Record<string, string>>(
    Object.fromEntries(lesson.parts.map((part) => [part.text.id, String(lesson.took[part.text.id] ?? part.minutes)])),
  );
  const [touched, setTouched] = useState(Object.keys(lesson.took).length > 0);
  const [note, setNote] = useState(lesson.note);
  const save = useMutation({
    mutationFn: () =>
      ask<LessonReply>('POST', `/api/lessons/${lesson.id}/after`, {
        state,
        took:
          state === 'not' || !touched
            ? {}
            : Object.fromEntries(
                Object.entries(took)
                  .map(([id, minutes]): [string, number] => [id, Math.round(Number(minutes))])
                  .filter(([, minutes]) => minutes >= 0 && minutes <= 240),
              ),
        note,
      } satisfies AfterRequest),
    onSuccess: (reply) => {
      client.setQueryData(lessonQuery(lesson.id).queryKey, reply);
      void client.invalidateQueries({ ...planQuery(lesson.classId), exact: true });
      onClose();
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  return (
    <Window
      open
      onOpenChange={(open) => {
        if (!open) {
          onClose();
        }
      }}
      title="How did it go?"
      width="w-[34rem]"
    >
      <div className="mt-4">
        <Choice
          label="It was taught"
          value={state === 'planned' ? 'done' : state}
          options={states}
          onChange={(value) => {
            setState(value);
          }}
        />
      </div>
      {state === 'not' ? (
        <p className="mt-4 text-lg">
          <Button
            onClick={() => {
              moves.slip(lesson.id);
              onClose();
            }}
          >
            Move to the next lesson
          </Button>
        </p>
      ) : (
        <fieldset className="mt-4">
          <legend className="text-lg font-bold">How long each part took</legend>
          <p className="text-soft">Only if you know. Rostik plans the next lesson from these.</p>
          <ul>
            {lesson.parts.map((part) => (
              <li key={part.text.id} className="flex items-center justify-between gap-3 border-b border-hair py-1">
                <label htmlFor={`took-${part.text.id}`} className="text-lg">
                  {part.title} <span className="text-soft">{part.minutes} planned</span>
                </label>
                <input
                  id={`took-${part.text.id}`}
                  type="number"
                  min={0}
                  max={240}
                  className="min-h-9 w-20 rounded-md border-2 border-ink bg-sheet px-2 text-right font-bold"
                  value={took[part.text.id] ?? ''}
                  onChange={(event) => {
                    setTouched(true);
                    setTook((now) => ({ ...now, [part.text.id]: event.target.value }));
                  }}
                />
              </li>
            ))}
          </ul>
        </fieldset>
      )}
      <label className="mt-4 block text-lg">
        My notes
        <textarea
          rows={2}
          maxLength={2000}
          className="mt-1 block w-full rounded-md border-2 border-ink bg-sheet px-3 py-2"
          value={note}
          onChange={(event) => {
            setNote(event.target.value);
          }}
        />
      </label>
      <div className="mt-5 flex gap-3">
        <Button
          look="strong"
          onClick={() => {
            save.mutate();
          }}
        >
          {called.save}
        </Button>
      </div>
    </Window>
  );
}
