import { useRef } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { Paper, PrintPart } from '../api/types';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { useTitle } from '../ui/useTitle';
import { useSheet } from './useSheet';

const papers: readonly { value: Paper; text: string }[] = [
  { value: 'a4', text: 'A4' },
  { value: 'letter', text: 'US Letter' },
];
const parts: readonly { value: PrintPart; text: string }[] = [
  { value: 'both', text: 'Sheet and key' },
  { value: 'sheet', text: 'Sheet' },
  { value: 'key', text: 'Key' },
];
const spaces = [
  { value: '1', text: 'Squared paper' },
  { value: '0', text: 'A line' },
] as const;

/** The sheet and its key as they will be printed. */
export function PrintPreview() {
  useTitle('Print');
  const { id = '' } = useParams();
  const [params, setParams] = useSearchParams();
  const { state } = useSheet(id);
  const frame = useRef<HTMLIFrameElement>(null);
  const set = (name: string) => (value: string) => {
    setParams(
      (now) => {
        now.set(name, value);
        return now;
      },
      { replace: true },
    );
  };
  const paper = papers.find((one) => one.value === params.get('paper'))?.value ?? 'a4';
  const part = parts.find((one) => one.value === params.get('part'))?.value ?? 'both';
  const squares = params.get('squares') === '0' ? '0' : '1';
  const query = `paper=${paper}&part=${part}&squares=${squares}`;
  // what has not been saved yet would not be on the paper
  const ready = state.saving === 'saved';
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2 border-b-2 border-ink px-6 py-2.5">
        <h1 className="sr-only">Print</h1>
        <Link to={`/prepare?sheet=${id}`} className="underline underline-offset-4">
          Back to the sheet
        </Link>
        <Choice label="Paper" value={paper} options={papers} onChange={set('paper')} />
        <Choice label="What to print" value={part} options={parts} onChange={set('part')} />
        <Choice label="Room for working" value={squares} options={spaces} onChange={set('squares')} />
        <span className="ml-auto flex gap-2.5">
          <a
            href={`/print/sheets/${id}.pdf?${query}`}
            target="_blank"
            rel="noreferrer"
            className="inline-flex min-h-10 items-center rounded-md border-2 border-ink bg-sheet px-3.5 font-bold hover:bg-wash"
          >
            PDF
          </a>
          <Button
            look="strong"
            onClick={() => {
              frame.current?.contentWindow?.print();
            }}
          >
            Print
          </Button>
        </span>
      </div>
      {ready ? (
        <iframe
          ref={frame}
          key={query}
          title="Print preview"
          src={`/print/sheets/${id}?${query}`}
          className="min-h-96 w-full flex-1 bg-desk"
        />
      ) : (
        <p className="p-6">One moment: the sheet is being saved.</p>
      )}
    </div>
  );
}
