import { useQuery, useQueryClient } from '@tanstack/react-query';
import { StepBack } from 'lucide-react';
import { memo, useEffect, useRef, useState } from 'react';
import { anotherQuery, boardQuery, meQuery } from '../api/queries';
import type { AnotherReply, AnotherSum, BoardSum, DayReply, WorkedMethod } from '../api/types';
import { Coverable, CoverContext, type Part } from '../models/cover';
import { DayStrip } from '../models/DayStrip';
import type { Hand } from '../models/GearedClock';
import { Marked, plain } from '../models/Marked';
import { Model } from '../models/Model';
import { useLine } from '../shell/line';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';
import { useNotice } from '../ui/notices';
import { newSeed } from '../ui/newId';
import { Readings } from '../work/Readings';
import { WhatChanged } from '../work/WhatChanged';
import { afresh, type BoardAddress, type ChangeBoard } from './address';
import { AskedFirst } from './AskedFirst';
import { BoardClock } from './BoardClock';
import { revealNext, useCovering } from './covering';
import { CoverMenu } from './CoverMenu';
import { FaceMenu } from './FaceMenu';
import { MethodMenu } from './MethodMenu';
import { NextUp } from './NextUp';
import { OwnJumps } from './OwnJumps';
import { MoreMenu, type MoreItem } from './MoreMenu';
import { StepSlider } from './StepSlider';
import { Rail, RailSpace, RailToggle } from './Rail';
import { useOnline } from './room';
import {
  available,
  modelKeys,
  modelTitles,
  momentAt,
  pictureAt,
  placeOf,
  stripAt,
  usualModels,
  type ModelName,
} from './scene';

interface Props {
  data: BoardSum;
  day: DayReply;
  board: BoardAddress;
  change: ChangeBoard;
  /** The sum in the address is another one, which is not here yet. */
  waiting: boolean;
}

/** One sum on the board, in one model or several that always show the same moment. */
export function SumBoard({ data, day, board, change, waiting }: Props) {
  const { worked } = data;
  const line = useLine();
  if (worked.readings.length > 0) {
    return (
      <div className="px-8 py-4">
        <h1 className="text-4xl font-bold">
          <Marked text={worked.shown} />
        </h1>
        <Readings worked={worked} onOpen={line.open} />
      </div>
    );
  }
  return <Shown data={data} day={day} board={board} change={change} waiting={waiting} />;
}

/** Each sum draws its companions from a seed of its own, so that two of them never send one another back and forth. */
const seeds = new Map<string, number>();
function seedOf(sum: string): number {
  const seed = seeds.get(sum) ?? newSeed();
  seeds.set(sum, seed);
  return seed;
}

/** The day strip at a moment of the sum. */
const MomentStrip = memo(function MomentStrip({
  data,
  day,
  at,
  withEnd,
  large = false,
}: {
  data: BoardSum;
  day: DayReply;
  at: number;
  withEnd: boolean;
  large?: boolean;
}) {
  return <DayStrip strip={stripAt(data, day, at, withEnd)} large={large} />;
});

const noMethod: WorkedMethod = { id: '', title: '', steps: [], answer: '' };

function Shown({ data, day, board, change, waiting }: Props) {
  const { worked, clock } = data;
  const me = useQuery(meQuery).data;
  const client = useQueryClient();
  const notice = useNotice();
  const online = useOnline();
  const house = me?.houseMethods.find((one) => one.kind === worked.kind)?.method;
  const chosen =
    worked.methods.find((one) => one.id === board.method) ??
    worked.methods.find((one) => one.id === house) ??
    worked.methods[0] ??
    noMethod;
  const last = Math.max(0, chosen.steps.length - 1);
  const moments = data.moments[worked.methods.indexOf(chosen)] ?? [];
  const models = available(data, chosen);
  const wanted = board.show.filter((name): name is ModelName => (models as string[]).includes(name));
  const shown = wanted.length > 0 ? wanted : usualModels(data, chosen);

  // between the steps while one drags, at a step otherwise
  const [dragged, setDragged] = useState<number | null>(null);
  // a step shows at once; the address follows when it comes to it
  const [ahead, setAhead] = useState<number | null>(null);
  if (ahead !== null && ahead === board.step) {
    setAhead(null);
  }
  const place = dragged ?? Math.min(ahead ?? board.step, last);
  const step = Math.floor(place);
  const part = place - step;
  // where the class's own jumps lead, or where the step stands: every model shows that moment
  const own = board.jumps !== null && clock !== null ? board.jumps : null;
  const ownWay = clock && clock.to < clock.from ? -1 : 1;
  const ownBefore = clock ? clock.from + ownWay * (own?.slice(0, -1).reduce((sum, one) => sum + one, 0) ?? 0) : 0;
  const at = !clock ? 0 : own ? ownBefore + ownWay * (own.at(-1) ?? 0) : momentAt(moments, place);
  const now = chosen.steps[step];

  const [covering, setCovering] = useState(false);
  const covers = useCovering(board, change, covering);
  const answerHidden = covers.covered('answer', ['answer']);
  const [nextUp, setNextUp] = useState(false);

  // other sums to go with this one, and the next of them worked, are fetched while the class looks at this one
  const seed = seedOf(worked.sum);
  const another = useQuery(anotherQuery(worked.sum, seed));
  const alike = another.data?.alike[0]?.sum ?? null;
  const queued = board.queue[0] ?? null;
  useEffect(() => {
    for (const sum of [queued, alike, another.data?.easier?.sum, another.data?.harder?.sum]) {
      if (sum) {
        void client.prefetchQuery(boardQuery(sum));
      }
    }
  }, [client, queued, alike, another.data]);

  const following = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(
    () => () => {
      clearTimeout(following.current);
    },
    [],
  );
  const go = (to: number) => {
    const next = Math.min(Math.max(to, 0), last);
    setDragged(null);
    setAhead(next);
    clearTimeout(following.current);
    following.current = setTimeout(() => {
      change({ step: next });
    }, 150);
  };
  const goBy = (by: 1 | -1) => {
    go(part > 0 && by < 0 ? step : step + by);
  };
  const choose = (id: string) => {
    clearTimeout(following.current);
    setAhead(null);
    change({ method: id, step: 0, shown: [], show: [], jumps: null });
  };
  const show = (name: ModelName) => {
    const next = shown.includes(name) ? shown.filter((one) => one !== name) : [...shown, name];
    change({ show: next.length > 0 ? models.filter((one) => next.includes(one)) : shown });
  };
  const toAnswer = () => {
    change(
      answerHidden
        ? { hide: board.hide.filter((one) => one !== 'answer'), shown: [] }
        : { hide: [...board.hide.filter((one) => one !== 'answer'), 'answer'], shown: [] },
    );
  };
  const open = (which: (other: AnotherReply) => AnotherSum | null | undefined, none: string) => {
    if (!another.data && !online) {
      notice('No connection: other sums come as soon as there is one.');
      return;
    }
    client.fetchQuery(anotherQuery(worked.sum, seed)).then(
      (other) => {
        const sum = which(other);
        if (sum) {
          change(afresh(sum.sum), 'push');
        } else {
          notice(none);
        }
      },
      (failure: unknown) => {
        notice(failure instanceof Error ? failure.message : none);
      },
    );
  };
  const next = () => {
    if (queued !== null) {
      change({ ...afresh(queued), queue: board.queue.slice(1) }, 'push');
    } else {
      open((other) => other.alike[0], 'There is no other sum quite like this one.');
    }
  };
  const ownJumps = () => {
    change(
      board.jumps === null ? { jumps: [], show: shown.includes('line') ? shown : [...shown, 'line'] } : { jumps: null },
    );
  };
  const asked = data.asked !== null && !board.told ? data.asked : null;
  const hasLine = models.includes('line') && clock !== null;
  const inRail: readonly ModelName[] = models.filter((name) => name !== 'written' && name !== 'day');
  const more: MoreItem[] = [
    ...models
      .filter((name) => !inRail.includes(name))
      .map((name) => ({
        title: name === 'day' ? 'The day, large' : 'Written, line by line',
        shortcut: modelKeys[name].toLowerCase(),
        on: shown.includes(name),
        act: () => {
          show(name);
        },
      })),
    ...(hasLine
      ? [
          { title: 'Our own jumps on the line', shortcut: 'j', on: board.jumps !== null, act: ownJumps },
          {
            title: 'The line upright',
            shortcut: 'v',
            on: board.upright,
            act: () => {
              change({ upright: !board.upright });
            },
          },
        ]
      : []),
    {
      title: 'An easier one',
      shortcut: 'e',
      act: () => {
        open((other) => other.easier, 'This is the bottom of the ladder.');
      },
    },
    {
      title: 'A harder one',
      shortcut: 'u',
      act: () => {
        open((other) => other.harder, 'This is the top of the ladder.');
      },
    },
    { title: 'Show the next hidden thing', shortcut: 'r', act: revealNext },
    {
      title: 'The list: next up, been here',
      shortcut: 'q',
      act: () => {
        setNextUp(true);
      },
    },
  ];
  const keys: Record<string, () => void> = {
    ArrowRight: () => {
      goBy(1);
    },
    ArrowLeft: () => {
      goBy(-1);
    },
    Home: () => {
      go(0);
    },
    End: () => {
      go(last);
    },
    a: toAnswer,
    n: next,
    m: () => {
      const i = worked.methods.indexOf(chosen);
      choose(worked.methods[(i + 1) % worked.methods.length]?.id ?? '');
    },
    ...Object.fromEntries(
      inRail.map((name) => [
        modelKeys[name].toLowerCase(),
        () => {
          show(name);
        },
      ]),
    ),
    ...Object.fromEntries(
      worked.methods.map((one, i) => [
        String(i + 1),
        () => {
          choose(one.id);
        },
      ]),
    ),
  };
  // a question in words has keys of its own until it is settled
  useKeys(asked ? { n: next } : keys);

  // turning a hand moves the whole board along the sum
  const turned = useRef(0);
  const moves = clock !== null && own === null && clock.from !== clock.to && chosen.id !== 'near-hour';
  const onTurn = (hand: Hand, degrees: number) => {
    if (!clock) {
      return;
    }
    if (dragged === null) {
      turned.current = at;
    }
    const minutes = hand === 'minute' ? degrees / 6 : degrees * 2;
    const low = Math.min(clock.from, clock.to);
    const high = Math.max(clock.from, clock.to);
    turned.current = Math.min(high, Math.max(low, turned.current + minutes));
    setDragged(placeOf(moments, turned.current));
  };
  const settle = () => {
    if (dragged !== null) {
      go(Math.round(dragged));
    }
  };

  const atEnd = clock !== null && clock.from !== clock.to && Math.abs(at - clock.to) < 0.5;
  const askedNow = atEnd && clock.endAsked;
  const sweep = own
    ? { from: ownBefore, to: at }
    : now?.picture.type === 'clock'
      ? { from: now.picture.from, to: now.picture.from + now.picture.swept }
      : part > 0
        ? { from: moments[step] ?? 0, to: at }
        : { from: moments[step - 1] ?? moments[step] ?? 0, to: at };

  const showsEnd = !(askedNow && answerHidden);

  const draw = (name: ModelName) => {
    if (name === 'clock') {
      return (
        <BoardClock
          day={day}
          at={at}
          face={board.face}
          halfSaid={clock?.halfSaid ?? false}
          by24={clock?.by24 ?? false}
          asked={askedNow || (worked.kind === 'rewrite' && step === last)}
          sweep={sweep}
          stops={now?.picture.type === 'clock' ? now.picture.stops : undefined}
          {...(moves ? { onTurn, onTurnEnd: settle } : {})}
        />
      );
    }
    if (name === 'line' && board.jumps !== null) {
      return <OwnJumps data={data} day={day} jumps={board.jumps} change={change} upright={board.upright} />;
    }
    if (name === 'day' && clock?.halfSaid) {
      return <MomentStrip data={data} day={day} at={at} withEnd={showsEnd} large />;
    }
    const drawn = pictureAt(data, chosen, name, part > 0 && name === 'line' ? step + 1 : step);
    return drawn ? (
      <Model
        picture={drawn.now}
        last={drawn.last}
        large
        made={part > 0 ? part : 1}
        upright={board.upright && name === 'line'}
      />
    ) : null;
  };

  const answer = worked.answer ? plain(worked.answer.shown) : '';
  const said = now ? plain(now.say) : '';
  const tells: Part[] = ['hour', 'minutes', 'jump', 'digit', ...(said.includes(answer) ? (['answer'] as const) : [])];
  const sentenceHidden = covers.covered(`s${step}`, tells);
  const changed = step === last ? worked.changed : step > 0 ? (now?.changed ?? null) : null;

  return (
    <CoverContext value={covers}>
      <div className="border-b border-hair px-4 pt-1.5 contain-content max-[700px]:hidden">
        <MomentStrip data={data} day={day} at={at} withEnd={showsEnd} />
      </div>
      <div className={`flex min-h-0 flex-1 flex-col px-6 pt-2 ${waiting ? 'opacity-55' : ''}`} aria-busy={waiting}>
        {!online && (
          <p role="status" className="text-lg text-soft">
            No connection. What is on the board goes on working.
          </p>
        )}
        <div className="flex flex-wrap items-center justify-between gap-x-6">
          <h1 className="text-[clamp(2rem,3.9vw,3.4rem)] leading-tight font-bold" data-testid="sum">
            {asked ? (
              asked.question
            ) : !answerHidden && worked.solved !== null ? (
              <Marked text={worked.solved} />
            ) : (
              <>
                <Marked text={worked.shown} />
                {worked.answer && (
                  <>
                    {' = '}
                    <Coverable id="answer" parts={['answer']} name="the answer">
                      <span data-testid="answer">
                        <Marked text={worked.answer.shown} />
                      </span>
                    </Coverable>
                  </>
                )}
              </>
            )}
          </h1>
          {me && worked.methods.length > 0 && !asked && (
            <div className="flex items-center gap-3">
              {shown.includes('clock') && (
                <FaceMenu
                  face={board.face}
                  onChange={(face) => {
                    change({ face });
                  }}
                />
              )}
              <MethodMenu methods={worked.methods} chosen={chosen} kind={worked.kind} me={me} onChoose={choose} />
            </div>
          )}
        </div>
        {asked ? (
          <AskedFirst
            asked={asked}
            onSettled={() => {
              change({ told: true });
            }}
          />
        ) : worked.methods.length === 0 ? (
          worked.notes.map((note) => (
            <p key={note.code} className="mt-3 text-3xl">
              {note.text}
            </p>
          ))
        ) : (
          <>
            <div
              className={`grid min-h-0 flex-1 gap-x-8 gap-y-2 py-2 md:max-lg:auto-rows-[minmax(0,1fr)] ${grids[Math.min(shown.length, 4)] ?? ''}`}
              data-testid="models"
            >
              {shown.slice(0, 4).map((name) => (
                <section
                  key={name}
                  aria-label={modelTitles[name]}
                  data-model={name}
                  className={`flex min-h-0 min-w-0 justify-center contain-content max-md:min-h-[15rem] ${name === 'clock' || (name === 'line' && own) ? '' : 'items-center'} ${shown.length === 3 && name === shown[0] ? 'lg:row-span-2' : ''}`}
                >
                  {draw(name)}
                </section>
              ))}
            </div>
            {own === null && (
              <div className="min-h-[7.3rem] contain-content border-t-2 border-ink pt-1.5">
                <p className="text-[clamp(1.5rem,2.3vw,2.1rem)] leading-snug" data-testid="say" aria-live="polite">
                  <Coverable id={`s${step}`} parts={tells} name="what happens in this step">
                    {now && <Marked text={now.say} />}
                  </Coverable>
                </p>
                {!sentenceHidden && changed && (
                  <div className="text-xl [&_.why]:text-lg">
                    <WhatChanged changed={changed} />
                  </div>
                )}
              </div>
            )}
          </>
        )}
      </div>
      <Rail>
        <Button
          className="min-h-12"
          aria-label="Step back"
          aria-disabled={place === 0}
          onClick={() => {
            goBy(-1);
          }}
        >
          <StepBack size={20} aria-hidden="true" />
        </Button>
        <StepSlider steps={last + 1} place={place} step={step} onDrag={setDragged} onSettle={settle} keys={keys} />
        <Button
          look="strong"
          className="min-h-12"
          aria-disabled={step >= last}
          shortcut="→"
          onClick={() => {
            if (asked) {
              change({ told: true });
            } else {
              goBy(1);
            }
          }}
        >
          Next step
        </Button>
        <span className="sr-only" data-testid="place">
          {step + 1} of {last + 1}
        </span>
        <RailToggle on={!answerHidden} onToggle={toAnswer} shortcut="A">
          Answer
        </RailToggle>
        <RailSpace />
        {inRail.map((name) => (
          <RailToggle
            key={name}
            on={shown.includes(name)}
            shortcut={modelKeys[name]}
            onToggle={() => {
              show(name);
            }}
          >
            {modelTitles[name]}
          </RailToggle>
        ))}
        <RailSpace />
        <CoverMenu board={board} change={change} covering={covering} onCovering={setCovering} />
        <Button className="min-h-12" onClick={next} shortcut="N">
          {queued !== null ? 'Next one' : 'Another one'}
        </Button>
        <MoreMenu items={more} />
      </Rail>
      <NextUp open={nextUp} onOpenChange={setNextUp} board={board} change={change} />
    </CoverContext>
  );
}

const grids: Record<number, string> = {
  1: 'grid-cols-1 lg:grid-rows-[minmax(0,1fr)]',
  2: 'lg:grid-cols-[minmax(0,5fr)_minmax(0,7fr)] lg:grid-rows-[minmax(0,1fr)]',
  3: 'lg:grid-cols-[minmax(0,5fr)_minmax(0,7fr)] lg:grid-rows-[minmax(0,1fr)_minmax(0,1fr)]',
  4: 'lg:grid-cols-2 lg:grid-rows-[minmax(0,1fr)_minmax(0,1fr)]',
};
