import { DndContext, PointerSensor, useDraggable, useDroppable, useSensor, useSensors } from '@dnd-kit/core';
import { CSS } from '@dnd-kit/utilities';
import { X } from 'lucide-react';
import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { ask } from '../api/client';
import { shelfQuery } from '../api/queries';
import type {
  ChildBriefReply,
  ChildSeenReply,
  FollowUpReply,
  GroupText,
  GroupsRequest,
  MadeSheetsReply,
} from '../api/types';
import { useClasses } from '../classroom/useClasses';
import { DeleteWindow } from '../deleted/DeleteWindow';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { useNotice } from '../ui/notices';
import { useAddress } from '../ui/useAddress';
import { useTitle } from '../ui/useTitle';
import { ChildSeen } from './ChildSeen';
import { ClassSeen } from './ClassSeen';
import { called } from '../ui/called';

export const followUpQuery = (classId: string) =>
  queryOptions({
    queryKey: ['follow-up', classId],
    queryFn: ({ signal }) => ask<FollowUpReply>('GET', `/api/classes/${classId}/follow-up`, undefined, signal),
    enabled: classId !== '',
  });

/** What was seen of one child; asked for when that one is looked at. */
const childQuery = (classId: string, id: string) =>
  queryOptions({
    queryKey: [...followUpQuery(classId).queryKey, id],
    queryFn: ({ signal }) => ask<ChildSeenReply>('GET', `/api/children/${id}`, undefined, signal),
  });

const views = [
  { value: 'groups', text: 'Groups' },
  { value: 'class', text: 'Skills' },
] as const;

/** What marked papers lead to: groups for tomorrow, each with its sheet, and how each child stands. */
export function FollowUp() {
  useTitle('Follow up');
  const { inHand } = useClasses();
  const classId = inHand?.id ?? '';
  const query = useQuery(followUpQuery(classId));
  const { params, put } = useAddress();
  const client = useQueryClient();
  const navigate = useNavigate();
  const notice = useNotice();
  const [asking, setAsking] = useState(false);
  const view = params.get('view') === 'class' ? 'class' : 'groups';
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  // and what of it was looked at of one child
  const again = () => client.invalidateQueries({ queryKey: followUpQuery(classId).queryKey });
  const keep = useMutation({
    mutationFn: (groups: GroupText[]) =>
      ask<null>('PUT', `/api/classes/${classId}/groups`, { groups } satisfies GroupsRequest),
    onError: (failure) => {
      notice(failure.message);
      void again();
    },
  });
  const forget = useMutation({
    mutationFn: () => ask<null>('DELETE', `/api/classes/${classId}/groups`),
    onSuccess: again,
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const erase = useMutation({
    mutationFn: () => ask<null>('DELETE', `/api/classes/${classId}/seen`),
    onSuccess: async () => {
      await again();
      notice('What was seen of the class is deleted. It can be brought back under Deleted.');
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const sheets = useMutation({
    mutationFn: (groups: GroupText[]) =>
      ask<MadeSheetsReply>('POST', `/api/classes/${classId}/groups/sheets`, { groups } satisfies GroupsRequest),
    onSuccess: (made) => {
      void client.invalidateQueries(shelfQuery);
      const [first] = made.sheets;
      if (first) {
        void navigate(`/sheets/${first.id}/print?levels=1`);
      } else {
        notice('None of these groups has something to work on yet.');
      }
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const board = useMutation({
    mutationFn: ({ rung, cause }: GroupText) =>
      ask<string[]>('GET', `/api/rungs/${rung ?? ''}/board${cause === null ? '' : `?cause=${cause}`}`),
    onSuccess: ([sum = '', ...queue]) => {
      void navigate(
        `/teach?${new URLSearchParams({ sum, ...(queue.length > 0 ? { queue: queue.join('|') } : {}) }).toString()}`,
      );
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const chosen = query.data?.children.find((one) => one.id === params.get('child'))?.id ?? null;
  const child = useQuery({ ...childQuery(classId, chosen ?? ''), enabled: chosen !== null }).data;
  const reply = query.data;
  if (!reply) {
    return query.isError ? (
      <p className="px-6 py-5 text-lg">{query.error.message}</p>
    ) : classId === '' ? (
      <p className="px-6 py-5 text-xl">
        <Link to="/classes?new" className="underline underline-offset-4">
          Write down a class
        </Link>{' '}
        first; then its papers can be marked, and its groups made.
      </p>
    ) : null;
  }
  const { groups } = reply;
  const show = (next: GroupText[]) => {
    const before = groups;
    client.setQueryData(followUpQuery(classId).queryKey, { ...reply, groups: next, kept: true });
    keep.mutate(next);
    notice('The groups are kept as you put them.', () => {
      client.setQueryData(followUpQuery(classId).queryKey, { ...reply, groups: before });
      if (reply.kept) {
        keep.mutate(before);
      } else {
        forget.mutate();
      }
    });
  };
  const move = (id: string, to: number) => {
    const from = groups.findIndex((group) => group.children.includes(id));
    if (from === to || from < 0 || !groups[to]) {
      return;
    }
    show(
      groups.map((group, i) =>
        i === from
          ? { ...group, children: group.children.filter((one) => one !== id) }
          : i === to
            ? { ...group, children: [...group.children, id] }
            : group,
      ),
    );
  };
  const seen = reply.children.some((one) => one.count > 0);
  return (
    <div
      className={`grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] ${chosen === null ? '' : 'lg:grid-cols-[minmax(0,1fr)_23rem]'}`}
    >
      <p role="status" className="sr-only">
        {child && child.id === chosen
          ? `${child.name}: shown beside the ${view === 'groups' ? 'groups' : 'skills'}`
          : ''}
      </p>
      <section aria-label="Follow up" className="min-h-0 overflow-y-auto px-6 py-4">
        <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
          <h1 className="text-3xl font-bold">{view === 'groups' ? 'Groups for tomorrow' : 'Skills'}</h1>
          <span className="text-lg text-soft">
            {reply.className}
            {reply.from === '' ? '' : `, ${reply.from}`}
          </span>
          <span className="ml-auto">
            <Choice
              label="What is shown"
              value={view}
              options={views}
              onChange={(value) => {
                put({ view: value === 'class' ? value : null });
              }}
            />
          </span>
        </div>
        {!seen ? (
          <p className="mt-4 text-xl">
            Nothing has been marked yet.{' '}
            <Link to="/mark" className="underline underline-offset-4">
              Mark a pile of papers
            </Link>
            , and the groups are here.
          </p>
        ) : view === 'class' ? (
          <ClassSeen
            reply={reply}
            onErase={() => {
              setAsking(true);
            }}
            onChild={(id) => {
              put({ child: id });
            }}
          />
        ) : (
          <>
            <div className="mt-3">
              <DndContext
                sensors={sensors}
                onDragEnd={({ active, over }) => {
                  if (over) {
                    move(String(active.id), Number(over.id));
                  }
                }}
              >
                {groups.map((group, i) => (
                  <Place key={i} id={i}>
                    <GroupLine
                      group={group}
                      number={i + 1}
                      names={reply.children}
                      current={chosen}
                      tell={group.kind === 'unsure' ? reply.tell : []}
                      onChild={(id) => {
                        put({ child: id });
                      }}
                      onBoard={() => {
                        board.mutate(group);
                      }}
                      onSheet={() => {
                        if (!sheets.isPending) {
                          sheets.mutate([group]);
                        }
                      }}
                    />
                  </Place>
                ))}
              </DndContext>
            </div>
            <div className="mt-4 flex flex-wrap gap-2.5">
              <Button
                look="strong"
                aria-disabled={sheets.isPending}
                onClick={() => {
                  if (!sheets.isPending) {
                    sheets.mutate(groups);
                  }
                }}
              >
                {sheets.isPending ? 'Making…' : 'Sheets and keys for all groups'}
              </Button>
              {reply.kept && (
                <Button
                  onClick={() => {
                    forget.mutate();
                  }}
                >
                  As the answers say
                </Button>
              )}
            </div>
            <p className="mt-3 text-base text-soft">
              Press a name to see what was seen of that child, and drag the name to move them to another group. What may
              be behind answers is a hint for a conversation with the child, not an assessment of them.
            </p>
          </>
        )}
      </section>
      {asking && (
        <DeleteWindow
          title={`Delete what was seen of ${reply.className}?`}
          goes={[
            `the marks on the papers of ${reply.children.length === 1 ? 'one child' : `${reply.children.length} children`}`,
            'what they answered at tablets, and their three pictures',
            'what you said yourself of what they can do',
            'the groups',
          ]}
          stays="The children stay in the class."
          name={{ is: reply.className, label: 'Type the name of the class' }}
          onDelete={() => {
            erase.mutate();
            setAsking(false);
          }}
          onClose={() => {
            setAsking(false);
          }}
        />
      )}
      {chosen !== null && (
        <aside
          aria-label="A child"
          className="relative min-h-0 overflow-y-auto border-ink bg-desk px-5 py-4 lg:border-l-2"
        >
          <button
            type="button"
            className="absolute top-3 right-3 grid size-10 place-items-center rounded-md hover:bg-wash"
            aria-label="Close"
            onClick={() => {
              put({ child: null });
            }}
          >
            <X aria-hidden="true" />
          </button>
          {child && child.id === chosen ? (
            <ChildSeen
              key={child.id}
              child={child}
              groups={view === 'groups' ? groups : []}
              onMove={(to) => {
                move(child.id, to);
              }}
              onChanged={() => {
                void again();
              }}
            />
          ) : (
            <p className="late text-lg">One moment.</p>
          )}
        </aside>
      )}
    </div>
  );
}

/** Where a child can be put down. */
function Place({ id, children }: { id: number; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id });
  return (
    <div ref={setNodeRef} className={`border-t-2 border-ink ${isOver ? 'bg-wash' : ''}`}>
      {children}
    </div>
  );
}

/** What the group is: the cause itself, or what comes next. */
const headingOf = (group: GroupText): string =>
  group.kind === 'next'
    ? 'Ready for the next'
    : group.kind === 'unsure'
      ? 'Not enough to tell'
      : group.reason.replace(/\.$/, '');

function GroupLine({
  group,
  number,
  names,
  current,
  tell,
  onChild,
  onSheet,
  onBoard,
}: {
  group: GroupText;
  number: number;
  names: readonly ChildBriefReply[];
  current: string | null;
  tell: readonly string[];
  onChild: (id: string) => void;
  onSheet: () => void;
  onBoard: () => void;
}) {
  const [sum, ...queue] = tell;
  return (
    <section aria-label={`Group ${number}`} className="grid gap-x-5 gap-y-1 py-3 md:grid-cols-[19rem_minmax(0,1fr)]">
      <div>
        <h2 className="text-lg leading-snug font-bold">
          {number}. {headingOf(group)}
        </h2>
        {group.kind === 'next' && (
          <p className="text-base text-soft">{group.reason.replace(/^Ready for the next: /, '')}</p>
        )}
      </div>
      <div>
        <ul className="flex flex-wrap gap-2">
          {group.children.map((id) => (
            <li key={id}>
              <Chip
                id={id}
                name={names.find((one) => one.id === id)?.name ?? ''}
                isCurrent={id === current}
                onChild={onChild}
              />
            </li>
          ))}
        </ul>
        {group.children.length === 0 && <p className="text-soft">Nobody is left in it.</p>}
        {group.look !== '' && (
          <p className="mt-2">
            <strong>Look at:</strong> {group.look}
          </p>
        )}
        {sum !== undefined && (
          <p className="mt-2">
            {tell.join(' · ')}{' '}
            <Link
              to={`/teach?${new URLSearchParams({ sum, ...(queue.length > 0 ? { queue: queue.join('|') } : {}) }).toString()}`}
              className="underline underline-offset-4"
            >
              ask them these three
            </Link>
          </p>
        )}
        {group.rung !== null && group.children.length > 0 && (
          <span className="mt-1 flex flex-wrap gap-x-6">
            <button type="button" className="py-1 text-left underline underline-offset-4" onClick={onSheet}>
              A sheet for them
            </button>
            <button type="button" className="py-1 text-left underline underline-offset-4" onClick={onBoard}>
              {called.onTheBoard}
            </button>
            <Link
              to={`/activities?rung=${group.rung}&children=${group.children.length}`}
              className="py-1 underline underline-offset-4"
            >
              A game for it
            </Link>
          </span>
        )}
      </div>
    </section>
  );
}

function Chip({
  id,
  name,
  isCurrent,
  onChild,
}: {
  id: string;
  name: string;
  isCurrent: boolean;
  onChild: (id: string) => void;
}) {
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({ id });
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...listeners}
      aria-pressed={isCurrent}
      style={{ transform: CSS.Translate.toString(transform) }}
      className={`min-h-10 touch-none rounded-full border-2 border-ink px-4 text-lg ${isCurrent ? 'bg-ink text-paper' : 'bg-sheet hover:bg-wash'} ${isDragging ? 'relative z-20' : ''}`}
      onClick={() => {
        onChild(id);
      }}
    >
      {name}
    </button>
  );
}
