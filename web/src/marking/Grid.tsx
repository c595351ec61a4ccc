import { useEffect, useRef, type KeyboardEvent } from 'react';
import type { CellReply, PaperReply } from '../api/types';
import { columnsOf, isMarked, isOpen, keyOf, type Place } from './cells';
import type { PileState } from './pileKeeper';

interface Props {
  state: PileState;
  /** The cell in hand. */
  at: Place;
  /** Changes whenever the field is to have the focus again. */
  back: number;
  typed: string;
  onType: (text: string) => void;
  onKey: (event: KeyboardEvent<HTMLInputElement>) => void;
  onGo: (place: Place) => void;
}

/** Papers down, questions across; the cell in hand is a field. */
export function Grid({ state, at, back, typed, onType, onKey, onGo }: Props) {
  const { pile, cells } = state;
  const columns = columnsOf(pile);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    field.current?.focus({ preventScroll: true });
    field.current?.closest('td')?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [at.paper, at.question, back]);
  const numbers = Array.from({ length: columns }, (_, i) => i);
  // with several levels, or copies, each paper asks something of its own
  const heads = pile.parts.length === 1 && pile.papers.every((paper) => paper.own === null) ? pile.parts[0] : undefined;
  return (
    <div className="min-h-0 flex-1 overflow-auto" role="region" aria-label="Papers and questions" tabIndex={-1}>
      <table className="border-separate border-spacing-0 text-lg leading-tight">
        <thead>
          <tr>
            <td className="sticky top-0 left-0 z-20 bg-paper" />
            {numbers.map((i) => (
              <th
                key={i}
                scope="col"
                className={`sticky top-0 z-10 border-b-2 border-ink px-2 pb-1 text-left align-bottom ${i === at.question ? 'bg-wash' : 'bg-paper'}`}
              >
                {i + 1}
                {heads && columns <= 8 && (
                  <span className="line-clamp-3 w-24 text-base xl:w-28 font-normal text-balance text-soft">
                    {heads.questions[i]?.asked ?? ''}
                  </span>
                )}
              </th>
            ))}
            <th
              scope="col"
              className="sticky top-0 right-0 z-20 border-b-2 border-ink bg-paper px-2 pb-1 text-right align-bottom"
            >
              <span className="sr-only">right</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {pile.papers.map((paper) => (
            <tr key={paper.id}>
              <th
                scope="row"
                className={`sticky left-0 z-10 max-w-44 truncate border-b border-hair pr-3 text-left ${paper.id === at.paper ? 'bg-wash' : 'bg-paper'} ${paper.absent ? 'font-normal text-soft' : ''}`}
              >
                {paper.name}
                {paper.code !== '' && paper.code !== paper.name && (
                  <span className="ml-1.5 text-base font-normal text-soft">{paper.code}</span>
                )}
                {pile.parts.length > 1 && (
                  <span className="ml-1.5 text-base font-normal text-soft">{pile.parts[paper.part]?.name}</span>
                )}
              </th>
              {paper.absent ? (
                <td colSpan={columns} className="border-b border-hair px-2 text-base text-soft">
                  absent
                </td>
              ) : (
                numbers.map((i) => {
                  const place = { paper: paper.id, question: i };
                  const found = cells.get(keyOf(place));
                  const cell = isMarked(found) ? found : undefined;
                  return paper.id === at.paper && i === at.question ? (
                    <td key={i} className="border-b border-hair p-0">
                      <input
                        ref={field}
                        value={typed}
                        maxLength={200}
                        autoComplete="off"
                        spellCheck={false}
                        placeholder={cell ? (cell.given === '' ? inWords(cell) : cell.given) : ''}
                        aria-label={`${paper.name}, question ${i + 1}${cell ? `: ${inWords(cell)}` : ''}`}
                        onChange={(event) => {
                          onType(event.target.value);
                        }}
                        onKeyDown={onKey}
                        className="min-h-10 w-28 border-3 border-ink bg-sheet px-1.5 text-xl xl:w-40 xl:text-2xl font-bold placeholder:font-normal placeholder:text-soft"
                      />
                    </td>
                  ) : (
                    <td
                      key={i}
                      className={`border-b border-hair p-0 ${i === at.question || paper.id === at.paper ? 'bg-wash' : ''}`}
                    >
                      <button
                        type="button"
                        tabIndex={-1}
                        aria-label={`${paper.name}, question ${i + 1}${cell ? `: ${inWords(cell)}` : ''}`}
                        className="min-h-8 w-full min-w-16 px-2 text-left whitespace-nowrap hover:bg-desk"
                        onClick={() => {
                          onGo(place);
                        }}
                      >
                        {cell ? <Cell cell={cell} /> : ' '}
                      </button>
                    </td>
                  );
                })
              )}
              <td className="sticky right-0 z-10 border-b border-hair bg-paper px-2 text-right text-soft tabular-nums">
                {rightOf(paper, state)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function rightOf(paper: PaperReply, { cells, pile }: PileState): string {
  if (paper.absent) {
    return '';
  }
  const own = Array.from({ length: columnsOf(pile) }, (_, i) => cells.get(keyOf({ paper: paper.id, question: i })));
  const marked = own.filter((cell) => cell && cell.counts !== null);
  return marked.length === 0 ? '' : String(marked.filter((cell) => cell?.counts === 'right').length);
}

const words = {
  right: 'right',
  nearly: 'nearly right',
  wrong: 'wrong',
  blank: 'blank',
  unreadable: 'unreadable',
} as const;

/** For who does not see it, and in the field. */
function inWords(cell: CellReply): string {
  const said = cell.counts === null || isOpen(cell) ? '…' : words[cell.counts];
  return cell.given === '' ? said : `${cell.given} (${said})`;
}

/** A mark that reads without colour. */
export function Cell({ cell }: { cell: CellReply }) {
  const own = cell.over === null ? '' : ' underline decoration-2 underline-offset-4';
  switch (cell.counts) {
    case 'right':
      return (
        <span className={own}>
          <span className="font-bold text-good">✓</span>
          {cell.verdict === 'incomplete' && <span className="ml-1 text-base text-soft">{cell.given}</span>}
        </span>
      );
    case 'nearly':
      return (
        <span className={own}>
          <span className="font-bold text-good">(✓)</span> <span className="text-base">{cell.given}</span>
        </span>
      );
    case 'wrong':
      return (
        <span className={own}>
          <span className="font-bold text-wrong">✕</span> {cell.given}
        </span>
      );
    case 'blank':
      return <span aria-hidden="true">–</span>;
    case 'unreadable':
      // what is still to be judged stands there as it was typed
      return isOpen(cell) ? (
        <span>{cell.given}</span>
      ) : (
        <span>? {cell.given !== '' && <span className="text-soft">{cell.given}</span>}</span>
      );
    default:
      return null;
  }
}
