import { createContext, useContext, type KeyboardEvent, type ReactNode } from 'react';
import { runs, stretches } from './marks';

/** What can be hidden all over the board at once. */
export const parts = ['answer', 'changed', 'hour', 'minutes', 'half', 'jump', 'digit'] as const;
export type Part = (typeof parts)[number];

export interface Covers {
  /** Whether this thing is hidden. `parts` are the kinds it belongs to. */
  covered: (id: string, parts: readonly Part[]) => boolean;
  /** Shows what is hidden, or hides what is shown. */
  toggle: (id: string, hidden: boolean) => void;
  /** Whether things that are shown can be tapped to hide them. */
  covering: boolean;
}

/** Where nothing is ever hidden: everywhere but on the board. */
export const CoverContext = createContext<Covers>({
  covered: () => false,
  toggle: () => undefined,
  covering: false,
});

export const useCovers = () => useContext(CoverContext);

/** Within something that can be covered as a whole: a button holds no button. */
const Within = createContext(false);

/** What the runs of a marked text belong to. */
const partOf: Partial<Record<string, Part>> = { h: 'hour', m: 'minutes', s: 'minutes', x: 'half' };

/** Half of a day that is said by a name. */
const namedHalf = /\b(noon|midday|midnight|a\.?m\.?|p\.?m\.?|morning|afternoon|evening|night)\b/i;

/** The kinds of thing that a marked text tells. */
export function tells(text: string): Part[] {
  const found = new Set<Part>();
  for (const run of runs(text)) {
    const part = partOf[run.mark] ?? (namedHalf.test(run.text) ? 'half' : null);
    if (part) {
      found.add(part);
    }
  }
  return [...found];
}

/** A marked text as it may be told to who does not see it: what is covered is a question mark here, too. */
export function heard(covers: Covers, text: string, answers: readonly Part[] = []): string {
  const hidden = (part: Part) => covers.covered('', [part]);
  if (answers.some(hidden)) {
    return '?';
  }
  return stretches(text)
    .map((stretch) =>
      stretch.answer && hidden('answer')
        ? '?'
        : runs(stretch.text)
            .map((run) => {
              const part = partOf[run.mark];
              return part && hidden(part)
                ? '?'
                : hidden('half') && run.mark === ''
                  ? run.text.replace(namedHalf, '?')
                  : run.text;
            })
            .join(''),
    )
    .join('')
    .replaceAll('\u00a0', ' ');
}

function press(act: () => void) {
  return (event: KeyboardEvent) => {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      event.stopPropagation();
      act();
    }
  };
}

interface Place {
  id: string;
  parts: readonly Part[];
  /** What it is, for whoever cannot see it: "the minutes". */
  name: string;
}

/** Something in a paragraph that can be hidden; hidden, it is a button that shows it. */
export function Coverable({ id, parts, name, children }: Place & { children: ReactNode }) {
  const covers = useCovers();
  const within = useContext(Within);
  const hidden = covers.covered(id, parts);
  if (within) {
    return hidden ? <span className="cover">?</span> : children;
  }
  if (!hidden && !covers.covering) {
    return children;
  }
  return (
    <button
      type="button"
      className={hidden ? 'cover' : 'cover-able'}
      data-cover={hidden ? id : undefined}
      aria-label={hidden ? `Show ${name}` : `Hide ${name}`}
      onClick={() => {
        covers.toggle(id, hidden);
      }}
    >
      {hidden ? '?' : <Within value={true}>{children}</Within>}
    </button>
  );
}

/** The same within a drawing: a plate with a question mark over the place. */
export function CoverPlate({
  id,
  parts,
  name,
  x,
  y,
  width,
  height,
  children,
}: Place & { x: number; y: number; width: number; height: number; children: ReactNode }) {
  const covers = useCovers();
  const hidden = covers.covered(id, parts);
  if (!hidden && !covers.covering) {
    return children;
  }
  const toggle = () => {
    covers.toggle(id, hidden);
  };
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={hidden ? `Show ${name}` : `Hide ${name}`}
      data-cover={hidden ? id : undefined}
      data-own-keys
      className="cursor-pointer"
      onClick={toggle}
      onKeyDown={press(toggle)}
    >
      {!hidden && children}
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        rx="5"
        fill={hidden ? 'var(--color-wash)' : 'transparent'}
        stroke="var(--color-ink)"
        strokeWidth="2"
        strokeDasharray="5 4"
      />
      {hidden && (
        <text
          x={x + width / 2}
          y={y + height / 2 + Math.min(32, height * 0.72) * 0.35}
          textAnchor="middle"
          fontSize={Math.min(32, height * 0.72)}
          fontWeight="700"
        >
          ?
        </text>
      )}
    </g>
  );
}

const kinds: Record<string, { part: Part; name: string }> = {
  h: { part: 'hour', name: 'the hour' },
  m: { part: 'minutes', name: 'the minutes' },
  s: { part: 'minutes', name: 'the seconds' },
  x: { part: 'half', name: 'the half of the day' },
};

/** A time in marked text of which the hour, the minutes and the half of the day can each be hidden. */
export function CoverableTime({ id, text, asked = false }: { id: string; text: string; asked?: boolean }) {
  const answer: readonly Part[] = asked ? ['answer'] : [];
  return runs(text).map((run, i) => {
    const kind = kinds[run.mark];
    if (kind) {
      return (
        <Coverable key={i} id={`${id}.${run.mark}`} parts={[kind.part, ...answer]} name={kind.name}>
          {run.mark === 'x' ? run.text : <span className={`mark-${run.mark}`}>{run.text}</span>}
        </Coverable>
      );
    }
    // 12 noon and 12 midnight say their half by name
    const half = /^(\s*)(noon|midnight)(.*)$/.exec(run.text);
    return half ? (
      <span key={i}>
        {half[1]}
        <Coverable id={`${id}.x`} parts={['half', ...answer]} name="the half of the day">
          {half[2]}
        </Coverable>
        {half[3]}
      </span>
    ) : (
      run.text
    );
  });
}
