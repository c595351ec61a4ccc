import type { ReactNode, RefObject } from 'react';
import type { Paper } from '../api/types';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Line } from '../ui/Pick';
import type { PdfMaking } from './usePdf';
import { usePrintKey } from '../ui/keys';

const papers = [
  { value: 'a4', text: 'A4' },
  { value: 'letter', text: 'US Letter' },
] as const;

/** On which paper. */
export function PaperChoice({ value, onChange }: { value: Paper; onChange: (value: Paper) => void }) {
  return (
    <Line label="Paper">
      <Choice label="Paper" value={value} options={papers} onChange={onChange} />
    </Line>
  );
}

/** What an address says of the paper. */
export const paperIn = (params: URLSearchParams): Paper => (params.get('paper') === 'letter' ? 'letter' : 'a4');

/** Beside a paper: what can be chosen about it, and below that *Print* and *PDF*. */
export function PrintAside({
  frame,
  pdf,
  pages,
  about = false,
  ready = true,
  onPdf,
  children,
}: {
  /** in which the paper is shown */
  frame: RefObject<HTMLIFrameElement | null>;
  pdf: PdfMaking;
  /** that the PDF will have */
  pages: number;
  /** whether that number is not certain */
  about?: boolean;
  /** false while something is not saved yet */
  ready?: boolean;
  onPdf: () => void;
  children: ReactNode;
}) {
  const print = () => {
    frame.current?.contentWindow?.print();
  };
  usePrintKey(print);
  return (
    <aside
      aria-label="How it is printed"
      className="flex shrink-0 flex-col border-ink max-lg:border-b-2 lg:w-88 lg:border-r-2"
    >
      <div className="min-h-0 flex-1 px-5 py-4 lg:overflow-y-auto">{children}</div>
      <div className="border-t-2 border-ink px-5 py-3">
        {pdf.page === null ? (
          <div className="flex gap-2.5">
            <Button look="strong" className="flex-1 justify-center text-lg" shortcut="Ctrl P" onClick={print}>
              Print
            </Button>
            <Button
              className="text-lg"
              aria-disabled={!ready}
              onClick={() => {
                if (ready) {
                  onPdf();
                }
              }}
            >
              PDF
            </Button>
          </div>
        ) : (
          <div>
            <p role="status">
              Making the PDF:{' '}
              {pdf.page === 0
                ? 'one moment'
                : `page ${pdf.page} of ${about ? 'about ' : ''}${Math.max(pages, pdf.page)}`}
            </p>
            <div className="mt-1 flex items-center gap-3">
              <progress
                aria-label="Pages made"
                className="h-3 min-w-0 flex-1 appearance-none [&::-moz-progress-bar]:bg-ink [&::-webkit-progress-bar]:bg-hair [&::-webkit-progress-value]:bg-ink"
                value={pdf.page}
                max={Math.max(pages, pdf.page, 1)}
              />
              <Button onClick={pdf.stop}>Stop</Button>
            </div>
          </div>
        )}
      </div>
    </aside>
  );
}
