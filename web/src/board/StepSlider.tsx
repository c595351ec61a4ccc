import { Slider } from 'radix-ui';

/** So many steps are dots; where there are more, it is said at which one is. */
const MOST = 8;

interface Props {
  /** How many steps there are. */
  steps: number;
  /** Where it stands, between the steps while one drags. */
  place: number;
  step: number;
  onDrag: (place: number) => void;
  onSettle: () => void;
  /** By key one goes from step to step, as everywhere on the board. */
  keys: Record<string, () => void>;
}

/** The steps of the working as a line to drag back and forth on. */
export function StepSlider({ steps, place, step, onDrag, onSettle, keys }: Props) {
  if (steps > MOST) {
    return (
      <span className="min-w-24 text-center text-xl" aria-hidden="true">
        {step + 1} of {steps}
      </span>
    );
  }
  return (
    <Slider.Root
      className="relative flex h-12 w-36 touch-none items-center"
      min={0}
      max={Math.max(steps - 1, 1)}
      step={0.01}
      value={[place]}
      onValueChange={([to]) => {
        onDrag(to ?? 0);
      }}
      onValueCommit={onSettle}
      onKeyDownCapture={(event) => {
        // by key one goes from step to step, as everywhere on the board
        const act = keys[event.key];
        if (act) {
          event.preventDefault();
          event.stopPropagation();
          act();
        }
      }}
      disabled={steps < 2}
      data-own-keys
    >
      <Slider.Track className="relative h-1 w-full bg-ink">
        {Array.from({ length: steps }, (_, i) => (
          <span
            key={i}
            className={`absolute top-1/2 size-3 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-ink ${i <= place ? 'bg-ink' : 'bg-paper'}`}
            style={{ left: `${steps < 2 ? 0 : (i / (steps - 1)) * 100}%` }}
          />
        ))}
      </Slider.Track>
      <Slider.Thumb
        className="block size-7 rounded-full border-[3px] border-ink bg-sheet"
        aria-label="Step"
        aria-valuetext={`step ${step + 1} of ${steps}`}
      />
    </Slider.Root>
  );
}
