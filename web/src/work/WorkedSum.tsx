import { Pause, Play, SkipBack, SkipForward, StepBack } from 'lucide-react';
import { Tabs } from 'radix-ui';
import { Suspense, useEffect, useRef, useState } from 'react';
import type { Recommended, WorkedMethod, WorkedSum as Worked } from '../api/types';
import { Marked } from '../models/Marked';
import { Model } from '../models/Model';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';
import { lineOf } from '../models/told';
import { part } from '../ui/part';
import { Key } from '../ui/Key';
import { called } from '../ui/called';

// an empty screen has no need of it
const WhatChanged = part(() => import('./WhatChanged').then((it) => it.WhatChanged));
const Mistakes = part(() => import('../mistake/Mistakes').then((it) => it.Mistakes));

const pace = 2200;

interface Props {
  worked: Worked;
  method: string | null;
  step: number | null;
  onMove: (method: string, step: number) => void;
  onBoard: () => void;
  /** Puts sums on the sheet. */
  onAdd: (sums: readonly string[]) => Promise<void>;
}

/** In place of a method: what might go wrong. */
const mistakes = 'mistakes';

/** A sum worked in each of its methods, one step at a time. */
export function WorkedSum({ worked, method, step, onMove, onBoard, onAdd }: Props) {
  const chosen = worked.methods.find((one) => one.id === method) ?? worked.methods[0];
  if (!chosen) {
    return null;
  }
  const last = chosen.steps.length - 1;
  return (
    <Steps
      key={lineOf(worked)}
      worked={worked}
      chosen={chosen}
      step={Math.min(Math.max(step ?? 0, 0), last)}
      onMove={onMove}
      onBoard={onBoard}
      onAdd={onAdd}
      aside={method === mistakes}
    />
  );
}

function Steps({
  worked,
  chosen,
  step,
  onMove,
  onBoard,
  onAdd,
  aside,
}: {
  worked: Worked;
  chosen: WorkedMethod;
  step: number;
  onMove: (method: string, step: number) => void;
  onBoard: () => void;
  onAdd: (sums: readonly string[]) => Promise<void>;
  /** Whether what might go wrong is shown in place of the working. */
  aside: boolean;
}) {
  const last = chosen.steps.length - 1;
  const [playing, setPlaying] = useState(false);
  const go = (to: number) => {
    onMove(chosen.id, Math.min(Math.max(to, 0), last));
  };
  const play = () => {
    if (playing) {
      setPlaying(false);
      return;
    }
    if (step === last) {
      go(0);
    }
    setPlaying(true);
  };
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => {
    if (!playing) {
      return;
    }
    timer.current = setTimeout(() => {
      if (step >= last) {
        setPlaying(false);
      } else {
        onMove(chosen.id, step + 1);
      }
    }, pace);
    return () => {
      clearTimeout(timer.current);
    };
  }, [playing, step, last, chosen.id, onMove]);

  const move = (to: number) => () => {
    setPlaying(false);
    go(to);
  };
  useKeys({
    ArrowRight: move(step + 1),
    ArrowLeft: move(step - 1),
    Home: move(0),
    End: move(last),
    p: play,
    w: () => {
      setPlaying(false);
      onMove(aside ? chosen.id : mistakes, 0);
    },
    ...Object.fromEntries(
      worked.methods.map((one, i) => [
        String(i + 1),
        () => {
          setPlaying(false);
          onMove(one.id, 0);
        },
      ]),
    ),
  });

  const now = chosen.steps[step];
  const end = chosen.steps[last];
  // the last line is about the whole sum
  const changed = step === last ? worked.changed : step > 0 ? now?.changed : null;
  if (!now || !end) {
    return null;
  }
  return (
    <div className="flex flex-1 flex-col">
      <Tabs.Root
        value={aside ? mistakes : chosen.id}
        onValueChange={(id) => {
          setPlaying(false);
          onMove(id, 0);
        }}
        className="flex flex-1 flex-col"
      >
        <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
          <Tabs.List aria-label="Methods" className="flex flex-wrap gap-x-5" data-own-keys>
            {worked.methods.map((one, i) => (
              <Tabs.Trigger
                key={one.id}
                value={one.id}
                className="flex min-h-9 items-center gap-2 border-b-4 border-transparent text-lg low:min-h-7 low:text-base data-[state=active]:border-ink data-[state=active]:font-bold"
              >
                {one.title}
                <Key of={String(i + 1)} className="max-[1500px]:hidden" />
              </Tabs.Trigger>
            ))}
            {worked.answer && (
              <Tabs.Trigger
                value={mistakes}
                className="flex min-h-9 items-center gap-2 border-b-4 border-transparent text-lg low:min-h-7 low:text-base data-[state=active]:border-ink data-[state=active]:font-bold"
              >
                Common mistakes
                <Key of="W" className="max-[1500px]:hidden" />
              </Tabs.Trigger>
            )}
          </Tabs.List>
          {!aside && <Because recommended={worked.recommended} chosen={chosen.id} />}
        </div>
        <Tabs.Content value={chosen.id} className="flex flex-1 flex-col pt-2" tabIndex={-1}>
          {/* the model takes the room that is left, and is seen whole; a long table or list moves within it */}
          <div className="relative min-h-44 flex-1 low:min-h-36">
            <div className="absolute inset-0 flex items-center overflow-auto [&>svg]:max-h-full">
              <Model picture={now.picture} last={end.picture} />
            </div>
          </div>
        </Tabs.Content>
        <Tabs.Content value={mistakes} className="flex flex-1 flex-col pt-2" tabIndex={-1}>
          {aside && (
            <Suspense fallback={null}>
              <Mistakes sum={lineOf(worked)} onAdd={onAdd} />
            </Suspense>
          )}
        </Tabs.Content>
      </Tabs.Root>
      {!aside && (
        // however much stands above, what is said and the way on are in sight
        <div className="bottom-0 bg-paper roomy:sticky">
          <div className="min-h-28 border-t-2 low:min-h-14 border-ink pt-2">
            <p className="text-2xl leading-snug low:text-xl low:leading-tight" data-testid="say" aria-live="polite">
              <Marked text={now.say} />
            </p>
            {changed && (
              <Suspense fallback={null}>
                <WhatChanged changed={changed} />
              </Suspense>
            )}
          </div>
          <div className="flex flex-wrap items-center gap-2.5 py-2 low:py-1.5">
            <Button onClick={move(0)} aria-disabled={step === 0} aria-label="First step">
              <SkipBack size={18} aria-hidden="true" />
            </Button>
            <Button onClick={move(step - 1)} aria-disabled={step === 0} aria-label="Step back">
              <StepBack size={18} aria-hidden="true" />
            </Button>
            <span className="px-1 tabular-nums" data-testid="place">
              <span className="sr-only">Step </span>
              {step + 1} of {last + 1}
            </span>
            <Button look="strong" onClick={move(step + 1)} aria-disabled={step === last} shortcut="→">
              Next step
            </Button>
            <Button onClick={play} shortcut="P" aria-label={playing ? 'Stop playing' : 'Play through'}>
              {playing ? <Pause size={18} aria-hidden="true" /> : <Play size={18} aria-hidden="true" />}
              {playing ? 'Stop' : 'Play'}
            </Button>
            <Button onClick={move(last)} aria-disabled={step === last} shortcut="End">
              <SkipForward size={18} aria-hidden="true" />
              All at once
            </Button>
            <Button onClick={onBoard} shortcut="B" className="ml-auto">
              {called.onTheBoard}
            </Button>
          </div>
        </div>
      )}
    </div>
  );
}

function Because({ recommended, chosen }: { recommended: Recommended | null; chosen: string }) {
  if (!recommended || recommended.method !== chosen) {
    return null;
  }
  return <p className="text-soft low:hidden">{recommended.because}</p>;
}
