import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useClasses } from '../classroom/useClasses';
import { Paper as PaperShown } from '../printing/Paper';
import { PaperChoice, paperIn, PrintAside } from '../printing/PrintAside';
import { usePdf } from '../printing/usePdf';
import { useAddress } from '../ui/useAddress';
import { useTitle } from '../ui/useTitle';
import { activityQuery, wantedOf } from './queries';

/** All the paper of an activity, for every group, with the teacher's page first. */
export function ActivityPaper() {
  useTitle('Print');
  const { id = '' } = useParams();
  const { params, put } = useAddress();
  const { inHand } = useClasses();
  const wanted = wantedOf(params, inHand?.id);
  const it = useQuery(activityQuery(id, wanted, inHand?.id ?? '')).data;
  const frame = useRef<HTMLIFrameElement>(null);
  const pdf = usePdf();
  const [pages, setPages] = useState(0);
  const paper = paperIn(params);
  const version = `${wanted} ${inHand?.id ?? ''}`;
  return (
    <div className="flex min-h-0 flex-1 max-lg:flex-col">
      <PrintAside
        frame={frame}
        pdf={pdf}
        pages={pages}
        onPdf={() => {
          pdf.make(`/print/activities/${id}.pdf/progress?${wanted}`);
        }}
      >
        <Link to={`/activities/${id}?${params.toString()}`} className="underline underline-offset-4">
          Back to the activity
        </Link>
        <h1 className="mt-1 mb-2 text-2xl font-bold">{it?.title ?? 'Print'}</h1>
        <PaperChoice
          value={paper}
          onChange={(value) => {
            put({ paper: value });
          }}
        />
        <p className="mt-3 text-lg">
          {pages > 0 && `${pages} ${pages === 1 ? 'page' : 'pages'}. `}
          Print at actual size, not “fit to page”. Backs, where cards have them, stand behind their cards: print on both
          sides, turned on the long edge.
        </p>
        {it && it.materials.length > 0 && (
          <ul className="mt-3" aria-label="Get ready">
            {it.materials.map((one) => (
              <li key={one.what} className="flex justify-between gap-4 border-b border-hair py-1">
                <span>{one.what}</span>
                <span className="font-bold tabular-nums">{one.count}</span>
              </li>
            ))}
          </ul>
        )}
      </PrintAside>
      <PaperShown
        src={`/print/activities/${id}?${wanted}`}
        version={version}
        frame={frame}
        onShown={(page) => {
          setPages(page.querySelectorAll('.page').length);
        }}
      />
    </div>
  );
}
