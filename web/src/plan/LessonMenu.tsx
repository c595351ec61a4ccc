import { useMutation } from '@tanstack/react-query';
import { Ellipsis } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useNavigate } from 'react-router';
import { ask } from '../api/client';
import type { LessonReply, MoveRequest, PlanReply } from '../api/types';
import { useClasses } from '../classroom/useClasses';
import { useNotice } from '../ui/notices';
import { shortDay } from './days';
import { useMoves } from './useMoves';
import { menusPlace } from '../ui/menusPlace';

/** What else can be done with a lesson. */
export function LessonMenu({
  lesson,
  plan,
  opened = false,
}: {
  lesson: LessonReply;
  plan: PlanReply;
  opened?: boolean;
}) {
  const navigate = useNavigate();
  const notice = useNotice();
  const { classes } = useClasses();
  const moves = useMoves(plan, lesson.classId);
  const at = plan.lessons.findIndex((one) => one.id === lesson.id);
  const earlier = plan.lessons[at - 1];
  const later = plan.lessons[at + 1];
  const copy = useMutation({
    mutationFn: (to: string) =>
      ask<LessonReply>('POST', `/api/lessons/${lesson.id}/copy`, { to } satisfies MoveRequest),
    onSuccess: (made, to) => {
      notice(`${classes.find((one) => one.id === to)?.name ?? 'The class'} has it on ${shortDay(made.on)}.`);
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const item =
    'flex min-h-10 cursor-pointer items-center px-4 outline-none data-[disabled]:opacity-50 data-[highlighted]:bg-wash';
  return (
    <DropdownMenu.Root modal={false} defaultOpen={opened}>
      <DropdownMenu.Trigger
        className="grid size-11 place-items-center rounded-md hover:bg-wash"
        aria-label="More about this lesson"
      >
        <Ellipsis aria-hidden="true" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal container={menusPlace()}>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          className="z-30 min-w-64 border-2 border-ink bg-sheet py-2 text-lg"
        >
          <DropdownMenu.Item className={item} onSelect={() => void navigate(`/today/print?lesson=${lesson.id}`)}>
            Page for a cover teacher
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className={item}
            onSelect={() => {
              moves.slip(lesson.id);
            }}
          >
            Move to the next lesson
          </DropdownMenu.Item>
          {earlier && (
            <DropdownMenu.Item
              className={item}
              onSelect={() => {
                moves.to(lesson.id, earlier);
              }}
            >
              Before “{earlier.short}”
            </DropdownMenu.Item>
          )}
          {later && (
            <DropdownMenu.Item
              className={item}
              onSelect={() => {
                moves.to(lesson.id, later);
              }}
            >
              After “{later.short}”
            </DropdownMenu.Item>
          )}
          {classes
            .filter((one) => one.id !== lesson.classId)
            .map((one) => (
              <DropdownMenu.Item
                key={one.id}
                className={item}
                onSelect={() => {
                  copy.mutate(one.id);
                }}
              >
                Copy to {one.name}
              </DropdownMenu.Item>
            ))}
          <DropdownMenu.Item
            className={item}
            onSelect={() => {
              moves.remove(lesson.id);
              void navigate('/today');
            }}
          >
            Leave this lesson out
          </DropdownMenu.Item>
          <DropdownMenu.Separator className="my-2 border-t border-hair" />
          <DropdownMenu.Item className={item} onSelect={() => void navigate('/today/plan')}>
            The whole plan
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
