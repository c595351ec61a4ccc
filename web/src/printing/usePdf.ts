import { useCallback, useEffect, useRef, useState } from 'react';
import { linesOf } from '../api/lines';
import { useNotice } from '../ui/notices';

interface Said {
  page?: number;
  name?: string;
  pdf?: string;
  /** Why it cannot be made now. */
  no?: string;
}

function keep(name: string, base64: string): void {
  const bytes = Uint8Array.from(atob(base64), (sign) => sign.charCodeAt(0));
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([bytes], { type: 'application/pdf' }));
  link.download = name;
  link.click();
  setTimeout(() => {
    URL.revokeObjectURL(link.href);
  }, 60_000);
}

/** A PDF in the making. */
export interface PdfMaking {
  /** it is at; null while none is made */
  page: number | null;
  make: (address: string) => void;
  stop: () => void;
}

/** Has a PDF made and keeps it as a file; says the page it is at while that takes. */
export function usePdf(): PdfMaking {
  const notice = useNotice();
  const [page, setPage] = useState<number | null>(null);
  const running = useRef<AbortController | null>(null);
  const stop = useCallback(() => {
    running.current?.abort();
    running.current = null;
    setPage(null);
  }, []);
  useEffect(() => () => running.current?.abort(), []);
  const make = useCallback(
    (address: string) => {
      if (running.current) {
        return;
      }
      const controller = new AbortController();
      running.current = controller;
      setPage(0);
      const work = async () => {
        const response = await fetch(address, { credentials: 'same-origin', signal: controller.signal });
        if (!response.ok) {
          throw new Error();
        }
        for await (const said of linesOf<Said>(response)) {
          if (said.pdf !== undefined) {
            keep(said.name ?? 'sheet.pdf', said.pdf);
            notice('The PDF is made.');
            return;
          }
          if (said.no !== undefined) {
            notice(said.no);
            return;
          }
          setPage(said.page ?? 0);
        }
        throw new Error();
      };
      work()
        .catch(() => {
          if (!controller.signal.aborted) {
            notice('The PDF could not be made. Try again, or print from here.');
          }
        })
        .finally(() => {
          if (running.current === controller) {
            stop();
          }
        });
    },
    [notice, stop],
  );
  return { page, make, stop };
}
