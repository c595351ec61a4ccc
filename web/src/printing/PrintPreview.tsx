import { useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import type { PrintPart, SheetSettings } from '../api/types';
import { Pick } from '../ui/Pick';
import { useAddress } from '../ui/useAddress';
import { useTitle } from '../ui/useTitle';
import { Copies } from '../sheet/Copies';
import { Paper as PaperShown } from './Paper';
import { PaperChoice, paperIn, PrintAside } from './PrintAside';
import { PrintSettings } from './PrintSettings';
import { piecesToAPage, type Fitting } from './pieces';
import { usePdf } from './usePdf';
import { useSheet } from '../sheet/useSheet';

const parts: readonly { value: PrintPart; text: string }[] = [
  { value: 'both', text: 'sheet and key' },
  { value: 'sheet', text: 'sheet' },
  { value: 'key', text: 'key' },
  { value: 'worked', text: 'key, worked' },
];
const files = [
  ['text', 'text'],
  ['csv', 'CSV'],
  ['qti', 'QTI'],
] as const;

/** About how many pages will come out of the printer: each sheet on the screen is as long as its pages together. */
function pagesOf(frame: HTMLIFrameElement | null): number {
  const pages = frame?.contentDocument?.querySelectorAll<HTMLElement>('.page') ?? [];
  return [...pages].reduce((sum, page) => {
    const one = parseFloat(getComputedStyle(page).minHeight);
    return sum + Math.max(1, Math.ceil((page.clientHeight - 2 * 60) / one - 0.05));
  }, 0);
}

/** The sheet and its key as they will be printed, with all that can be chosen beside it. */
export function PrintPreview() {
  useTitle('Print');
  const { id = '' } = useParams();
  const { params, put: set } = useAddress();
  const { keeper, state, error } = useSheet(id);
  const { settings } = state.draft;
  const pdf = usePdf();
  const frame = useRef<HTMLIFrameElement>(null);
  const [pages, setPages] = useState(0);
  const change = (part: Partial<SheetSettings>) => {
    keeper?.change((now) => ({ ...now, settings: { ...now.settings, ...part } }));
  };
  const paper = paperIn(params);
  const part = parts.find((one) => one.value === params.get('part'))?.value ?? 'both';
  const copies = params.get('set');
  const code = copies === null ? null : params.get('code');
  const family = keeper?.levels ?? [];
  const all = code === null && params.get('levels') === '1' && family.length > 1;
  const query = new URLSearchParams({
    paper,
    part,
    ...(all ? { levels: '1' } : {}),
    ...(copies === null ? {} : { set: copies }),
    ...(code === null ? {} : { code }),
  }).toString();
  const shown = `${query}&v=${JSON.stringify(settings)}`;
  // what has not been saved yet would not be on the paper
  const ready = keeper !== null && state.saving === 'saved';
  // while something is being saved the paper stays as it was, so that nothing flickers under one's typing
  const [fitting, setFitting] = useState<Fitting | null>(null);
  const [paperShown, setPaperShown] = useState<{ query: string; key: string } | null>(null);
  if (ready && paperShown?.key !== shown) {
    setPaperShown({ query, key: shown });
  }
  if (error) {
    return <p className="p-6 text-lg">{error.message}</p>;
  }
  return (
    <div className="flex min-h-0 flex-1 max-lg:flex-col">
      <PrintAside
        frame={frame}
        pdf={pdf}
        pages={pages}
        about
        ready={ready}
        onPdf={() => {
          setPages(pagesOf(frame.current));
          pdf.make(`/print/sheets/${id}.pdf/progress?${query}`);
        }}
      >
        <Link to={`/prepare?sheet=${id}`} className="underline underline-offset-4">
          Back to the sheet
        </Link>
        <h1 className="mt-1 mb-2 text-2xl font-bold [overflow-wrap:anywhere]">{state.draft.title || 'Print'}</h1>
        {code !== null && (
          <p className="mb-2 text-lg">
            Copy <strong>{code}</strong> alone.{' '}
            <button
              type="button"
              className="underline underline-offset-4"
              onClick={() => {
                set({ code: null });
              }}
            >
              All copies
            </button>
          </p>
        )}
        <div className="gap-x-10 max-lg:grid max-lg:sm:grid-cols-2">
          <Pick
            label="Print"
            value={part}
            options={parts}
            onChange={(value) => {
              set({ part: value });
            }}
          />
          {family.length > 1 && code === null && (
            <Pick
              label="Levels"
              value={all ? 'all' : 'one'}
              options={[
                { value: 'one', text: settings.level === null ? 'this one' : `${settings.level} only` },
                { value: 'all', text: copies === null ? `all ${family.length}` : `last copies of all` },
              ]}
              onChange={(value) => {
                set({ levels: value === 'all' ? '1' : null });
              }}
            />
          )}
          <PaperChoice
            value={paper}
            onChange={(value) => {
              set({ paper: value });
            }}
          />
          <PrintSettings
            settings={settings}
            classId={state.draft.classId}
            fitting={fitting}
            onChange={change}
            onClass={(classId) => {
              keeper?.change((now) => ({ ...now, classId }));
            }}
          />
        </div>
        <Copies
          reads={(state.draft.settings.table ?? null) !== null}
          sheetId={id}
          classId={state.draft.classId}
          ready={ready}
          shown={copies}
          onShow={(value) => {
            set({ set: value, code: null });
          }}
        />
        <p className="mt-5">
          <Link
            to={`/mark?sheet=${id}${copies === null ? '' : `&set=${copies}`}`}
            className="underline underline-offset-4"
          >
            Mark these papers
          </Link>
        </p>
        <p className="mt-3 flex gap-4">
          Keep the questions as
          {files.map(([format, name]) => (
            <a key={format} href={`/api/sheets/${id}/file/${format}`} className="underline underline-offset-4" download>
              {name}
            </a>
          ))}
        </p>
        {(state.draft.settings.table ?? null) !== null && (
          <p className="mt-1 text-soft">Questions about the timetable are not in these files.</p>
        )}
      </PrintAside>
      {paperShown ? (
        <PaperShown
          src={`/print/sheets/${id}?${paperShown.query}`}
          version={paperShown.key}
          frame={frame}
          onShown={(page) => {
            setFitting(piecesToAPage(page));
          }}
        />
      ) : (
        <p className="flex-1 p-6">One moment: the sheet is being saved.</p>
      )}
    </div>
  );
}
