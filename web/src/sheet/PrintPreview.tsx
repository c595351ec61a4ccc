import { useRef, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { AnswerForm, Paper, PrintPart, Scaffold, SheetSettings } from '../api/types';
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
  { value: 'worked', text: 'Key, worked' },
];
const scaffolds: readonly { value: Scaffold; text: string }[] = [
  { value: 'full', text: 'Set out' },
  { value: 'outline', text: 'Empty paper' },
  { value: 'none', text: 'A line' },
];
const forms: readonly { value: AnswerForm; text: string }[] = [
  { value: 'write', text: 'write the answer' },
  { value: 'columns', text: 'fill columns' },
  { value: 'line', text: 'fill a number line' },
  { value: 'hands', text: 'draw the hands' },
  { value: 'choice', text: 'circle one of four' },
  { value: 'true-false', text: 'true or false' },
];

/** The sheet and its key as they will be printed. */
export function PrintPreview() {
  useTitle('Print');
  const { id = '' } = useParams();
  const [params, setParams] = useSearchParams();
  const { keeper, state } = useSheet(id);
  const { settings } = state.draft;
  const change = (part: Partial<SheetSettings>) => {
    keeper?.change((now) => ({ ...now, settings: { ...now.settings, ...part } }));
  };
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
  const query = `paper=${paper}&part=${part}`;
  const shown = `${query}&v=${JSON.stringify(settings)}`;
  // what has not been saved yet would not be on the paper
  const ready = state.saving === 'saved';
  // while something is being saved the paper stays as it was, so that nothing flickers under one's typing
  const [paperShown, setPaperShown] = useState<{ query: string; key: string } | null>(null);
  if (ready && paperShown?.key !== shown) {
    setPaperShown({ query, key: shown });
  }
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2 border-b-2 border-ink px-6 py-2.5">
        <h1 className="sr-only">Print</h1>
        <Link to={`/prepare?sheet=${id}`} className="underline underline-offset-4">
          Back to the sheet
        </Link>
        <Choice label="Paper" value={paper} options={papers} onChange={set('paper')} />
        <Choice label="What to print" value={part} options={parts} onChange={set('part')} />
        <Choice
          label="Room for working"
          value={settings.scaffold}
          options={scaffolds}
          onChange={(scaffold) => {
            change({ scaffold });
          }}
        />
        <label className="flex items-center gap-2">
          Answers
          <select
            className="min-h-9 rounded-md border-2 border-ink bg-sheet px-2"
            value={settings.answers}
            onChange={(event) => {
              const answers = forms.find((one) => one.value === event.target.value)?.value;
              if (answers) {
                change({ answers });
              }
            }}
          >
            {forms.map((form) => (
              <option key={form.value} value={form.value}>
                {form.text}
              </option>
            ))}
          </select>
        </label>
        <label className="flex min-h-9 items-center gap-2">
          <input
            type="checkbox"
            className="size-5 accent-ink"
            checked={settings.example}
            onChange={(event) => {
              change({ example: event.target.checked });
            }}
          />
          Worked example
        </label>
        <label className="flex min-h-9 items-center gap-2">
          <input
            type="checkbox"
            className="size-5 accent-ink"
            checked={settings.chart}
            onChange={(event) => {
              change({ chart: event.target.checked });
            }}
          />
          Chart of units
        </label>
        <label className="flex min-w-56 flex-1 items-center gap-2">
          Instruction
          <input
            className="min-h-9 min-w-0 flex-1 rounded-md border-2 border-ink bg-sheet px-2"
            value={settings.instruction}
            maxLength={200}
            onChange={(event) => {
              change({ instruction: event.target.value });
            }}
          />
        </label>
        <span className="flex gap-3">
          Keep as
          {(
            [
              ['text', 'text'],
              ['csv', 'CSV'],
              ['qti', 'QTI'],
            ] as const
          ).map(([format, name]) => (
            <a key={format} href={`/api/sheets/${id}/file/${format}`} className="underline underline-offset-4" download>
              {name}
            </a>
          ))}
        </span>
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
      {paperShown ? (
        <iframe
          ref={frame}
          key={paperShown.key}
          title="Print preview"
          src={`/print/sheets/${id}?${paperShown.query}`}
          className="min-h-96 w-full flex-1 bg-desk"
        />
      ) : (
        <p className="p-6">One moment: the sheet is being saved.</p>
      )}
    </div>
  );
}
