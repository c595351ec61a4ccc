import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { Paper as PaperShown } from '../printing/Paper';
import { PaperChoice, paperIn, PrintAside } from '../printing/PrintAside';
import { usePdf } from '../printing/usePdf';
import { useAddress } from '../ui/useAddress';
import { useTitle } from '../ui/useTitle';
import { lessonQuery } from './queries';

/** A page from which somebody else can teach the lesson, and nothing about children on it. */
export function LessonPaper() {
  useTitle('Print');
  const { params, put } = useAddress();
  const id = params.get('lesson') ?? '';
  const lesson = useQuery({ ...lessonQuery(id), enabled: id !== '' });
  const it = lesson.data;
  const frame = useRef<HTMLIFrameElement>(null);
  const pdf = usePdf();
  const [pages, setPages] = useState(0);
  const paper = paperIn(params);
  if (id === '' || lesson.isError) {
    return (
      <p className="p-8 text-xl">
        {lesson.isError ? lesson.error.message : 'No lesson is chosen.'}{' '}
        <Link to="/today" className="underline underline-offset-4">
          Choose one under Today
        </Link>
      </p>
    );
  }
  return (
    <div className="flex min-h-0 flex-1 max-lg:flex-col">
      <PrintAside
        frame={frame}
        pdf={pdf}
        pages={pages}
        onPdf={() => {
          window.open(`/print/lessons/${id}.pdf?paper=${paper}`, '_blank', 'noopener');
        }}
      >
        <Link to={`/today?lesson=${id}`} className="underline underline-offset-4">
          Back to the lesson
        </Link>
        <h1 className="mt-1 mb-2 text-2xl font-bold">{it?.title ?? 'Print'}</h1>
        <PaperChoice
          value={paper}
          onChange={(value) => {
            put({ paper: value });
          }}
        />
        <p className="mt-3 text-lg">
          For a cover teacher: the parts with their times, the sums with their answers, how the activities go.
        </p>
        <p className="mt-2 text-lg">
          No child is named on it. A note that names one is left out; so is your note for the whole lesson.
        </p>
      </PrintAside>
      <PaperShown
        src={`/print/lessons/${id}?paper=${paper}`}
        version={`${id} ${paper} ${it?.revision ?? 0}`}
        frame={frame}
        onShown={(page) => {
          setPages(page.querySelectorAll('.page').length);
        }}
      />
    </div>
  );
}
