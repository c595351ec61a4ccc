import { StepBack } from 'lucide-react';
import { useMemo, useState } from 'react';
import type { BoardSum, DayReply, WorkedMethod } from '../api/types';
import { useClasses } from '../classroom/useClasses';
import { Coverable, CoverContext } from '../models/cover';
import { Marked } from '../models/Marked';
import { useLine } from '../work/line';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';
import { Readings } from '../work/Readings';
import { ToldText } from '../work/Told';
import type { BoardAddress, ChangeBoard } from './address';
import { AskedFirst, AskedHere } from './AskedFirst';
import { hiding, revealNext, useCovering } from './covering';
import { CoverMenu } from './CoverMenu';
import { MoreMenu, type MoreItem } from './MoreMenu';
import { Rail, RailSpace } from '../ui/Rail';
import { ShowMenu } from './ShowMenu';
import { StepSlider } from './StepSlider';
import { useOnline } from './room';
import { Saying } from './Saying';
import { available, modelKeys, modelTitles, usualModels, type ModelName } from './scene';
import { MomentStrip, Showing } from './Showing';
import { looksOf } from './looks';
import { useCompanions } from './useCompanions';
import { useWay } from './useWay';

interface Props {
  data: BoardSum;
  day: DayReply;
  board: BoardAddress;
  change: ChangeBoard;
  /** The sum in the address is another one, which is not here yet. */
  waiting: boolean;
  /** Opens the list of what is next and what was. */
  onList: () => void;
}

/** One sum on the board, in one model or several that always show the same moment. */
export function SumBoard({ data, day, board, change, waiting, onList }: Props) {
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
  return <Shown data={data} day={day} board={board} change={change} waiting={waiting} onList={onList} />;
}

/** The method in which a problem in words is set out. */
const setOutId = 'set-out';

const noMethod: WorkedMethod = { id: '', title: '', steps: [], answer: '' };

function Shown({ data, day, board, change, waiting, onList }: Props) {
  const { worked, clock } = data;
  const { inHand } = useClasses();
  const online = useOnline();
  // of two that are compared the sign between them is what is asked: it is not asked once more behind an equals sign
  const [left = '', right = '', ...third] = worked.answer ? worked.shown.split(' ? ') : [worked.shown];
  const sides: readonly [string, string] = third.length === 0 ? [left, right] : [worked.shown, ''];
  // a problem is set out first; within it the class's own method is the one that is worked in
  const house = worked.told ? undefined : inHand?.methods.find((one) => one.kind === worked.kind)?.method;
  const chosen =
    worked.methods.find((one) => one.id === board.method) ??
    worked.methods.find((one) => one.id === house) ??
    worked.methods[0] ??
    noMethod;
  const models = available(data, chosen);
  const wanted = board.show.filter((name): name is ModelName => (models as string[]).includes(name));
  // at a size that is read from the back row there is room for two; the one that was wanted first gives way
  const shown = (wanted.length > 0 ? wanted : usualModels(data, chosen)).slice(-2);
  const [covering, setCovering] = useState(false);
  const covers = useCovering(board, change, covering);
  const answerHidden = covers.covered('answer', ['answer']);
  const looks = useMemo(() => looksOf(data, chosen, covers), [data, chosen, covers]);
  const gone = useWay(data, chosen, board, change, looks);
  const pending = data.asked[board.told] ?? null;
  // before a problem goes on, the class says which operation it is
  const halted = pending !== null && pending.step !== null && chosen.id === setOutId && gone.step >= pending.step;
  const before = halted ? Math.max(0, (pending.step ?? 1) - 1) : 0;
  const way = halted ? { ...gone, step: before, place: before, part: 0 } : gone;
  const { step, last, at } = way;
  const companions = useCompanions(worked.sum, worked.told !== null, board, change);

  const choose = (id: string) => {
    way.stay();
    change({ method: id, step: 0, shown: [], show: [], jumps: null });
  };
  const show = (name: ModelName) => {
    const next = shown.includes(name) ? shown.filter((one) => one !== name) : [...shown, name].slice(-2);
    change({ show: next.length > 0 ? next : shown });
  };
  const toAnswer = () => {
    change(
      answerHidden
        ? ({ shown }) => ({ shown: [...shown, 'answer'] })
        : (now) => ({ ...hiding('answer')(now), shown: [] }),
    );
  };
  const ownJumps = () => {
    change(
      board.jumps === null ? { jumps: [], show: shown.includes('line') ? shown : [...shown, 'line'] } : { jumps: null },
    );
  };
  const asked = pending !== null && pending.step === null ? pending : null;
  const settle = () => {
    change({ told: board.told + 1 });
  };
  const hasLine = models.includes('line') && clock !== null;
  const more: MoreItem[] = [
    ...(hasLine
      ? [
          ...(clock.toTheSecond
            ? []
            : [{ title: 'Draw our own jumps', shortcut: 'j', on: board.jumps !== null, act: ownJumps }]),
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
    { title: 'An easier one', shortcut: 'e', act: companions.easier },
    { title: 'A harder one', shortcut: 'u', act: companions.harder },
    { title: 'Show the next hidden thing', shortcut: 'r', act: revealNext },
    {
      title: 'The list: next up, been here',
      shortcut: 'q',
      act: onList,
    },
  ];
  const keys: Record<string, () => void> = {
    ArrowRight: () => {
      way.goBy(1);
    },
    ArrowLeft: () => {
      way.goBy(-1);
    },
    Home: () => {
      way.go(0);
    },
    End: () => {
      way.go(last);
    },
    a: toAnswer,
    n: companions.next,
    m: () => {
      const i = worked.methods.indexOf(chosen);
      choose(worked.methods[(i + 1) % worked.methods.length]?.id ?? '');
    },
    ...Object.fromEntries(
      models.map((name) => [
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
  // while the class says which operation it is, the letters belong to that
  const { ArrowLeft, Home, a, n } = keys;
  const whileAsked = Object.fromEntries(
    Object.entries({ ArrowLeft, Home, a, n, ArrowRight: settle }).flatMap(([key, act]) => (act ? [[key, act]] : [])),
  );
  useKeys(asked ? { n: companions.next } : halted ? whileAsked : keys);

  const atEnd =
    clock !== null && clock.from !== clock.to && Math.abs(at - clock.to) < (clock.toTheSecond ? 0.005 : 0.5);
  const askedNow = atEnd && clock.endAsked;
  const showsEnd = !(askedNow && answerHidden);

  const nextOne = companions.isQueued ? 'Next one' : 'Another like this';
  const hasPins = clock?.halfSaid === true || worked.strip.pins.length > 0;
  return (
    <CoverContext value={covers}>
      {!shown.includes('day') && !worked.told && hasPins && (
        <div className="border-b border-hair px-[calc(var(--u)*1.9)] contain-content max-[700px]:hidden">
          <MomentStrip data={data} day={day} at={at} withEnd={showsEnd} />
        </div>
      )}
      <div
        className={`flex min-h-0 flex-1 flex-col px-[calc(var(--u)*1.9)] pt-1 ${waiting ? 'stale' : ''}`}
        aria-busy={waiting}
      >
        {!online && (
          <p role="status" className="wall-small text-soft">
            No connection. What is on the board goes on working.
          </p>
        )}
        <h1
          className={worked.told ? 'wall-told min-w-0 leading-snug' : 'wall-sum leading-[1.2] font-bold'}
          data-testid="sum"
        >
          {asked ? (
            asked.question
          ) : worked.told ? (
            <ToldText told={worked.told} />
          ) : !answerHidden && worked.solved !== null ? (
            <Marked text={worked.solved} />
          ) : (
            <>
              <Marked text={sides[0]} />
              {worked.answer && (
                <>
                  {sides[1] === '' ? ' = ' : ' '}
                  <Coverable id="answer" parts={['answer']} name="the answer">
                    <span data-testid="answer">
                      <Marked text={worked.answer.shown} />
                    </span>
                  </Coverable>
                  {sides[1] !== '' && ' '}
                </>
              )}
              <Marked text={sides[1]} />
            </>
          )}
        </h1>
        {asked ? (
          <AskedFirst asked={asked} onSettled={settle} />
        ) : worked.methods.length === 0 ? (
          worked.notes.map((note) => (
            <p key={note.code} className="wall-say mt-3">
              {note.text}
            </p>
          ))
        ) : (
          <>
            <Showing
              data={data}
              day={day}
              method={chosen}
              way={way}
              shown={shown}
              board={board}
              change={change}
              asked={askedNow}
              withEnd={showsEnd}
            />
            {halted ? (
              <AskedHere key={board.told} asked={pending} />
            ) : (
              !way.own && <Saying worked={worked} method={chosen} step={step} />
            )}
          </>
        )}
      </div>
      <Rail>
        <Button
          className="min-h-12"
          aria-label="Step back"
          aria-disabled={way.place === 0}
          onClick={() => {
            way.goBy(-1);
          }}
        >
          <StepBack size={20} aria-hidden="true" />
        </Button>
        <StepSlider
          steps={last + 1}
          place={way.place}
          step={step}
          onDrag={way.drag}
          onSettle={way.settle}
          keys={keys}
        />
        {step >= last && !asked && !halted ? (
          answerHidden && worked.answer ? (
            <Button look="strong" className="min-h-12 min-w-40 justify-center" shortcut="A" onClick={toAnswer}>
              Answer
            </Button>
          ) : (
            <Button look="strong" className="min-h-12 min-w-40 justify-center" shortcut="N" onClick={companions.next}>
              {nextOne}
            </Button>
          )
        ) : (
          <Button
            look="strong"
            className="min-h-12 min-w-40 justify-center"
            shortcut="→"
            onClick={() => {
              if (asked || halted) {
                settle();
              } else {
                way.goBy(1);
              }
            }}
          >
            Next step
          </Button>
        )}
        <span className="sr-only" data-testid="place">
          Step {step + 1} of {last + 1}
        </span>
        <RailSpace />
        <ShowMenu
          models={models.map((name) => ({
            name,
            title: modelTitles[name],
            on: shown.includes(name),
            toggle: () => {
              show(name);
            },
          }))}
          methods={{ all: worked.methods, chosen, kind: worked.kind, own: inHand, choose }}
          face={
            models.includes('clock')
              ? {
                  names: board.face,
                  change: (face) => {
                    change({ face });
                  },
                }
              : null
          }
          answer={{ on: !answerHidden, toggle: toAnswer }}
        />
        <CoverMenu board={board} change={change} covering={covering} onCovering={setCovering} />
        {!(step >= last && !asked && !halted && !(answerHidden && worked.answer)) && (
          <Button className="min-h-12" onClick={companions.next} shortcut="N">
            {nextOne}
          </Button>
        )}
        <MoreMenu items={more} />
      </Rail>
    </CoverContext>
  );
}
