import { Link } from 'react-router';
import type { Layout, ShelfReply } from '../api/types';
import { More } from '../ui/More';
import { called } from '../ui/called';
import { dateWriter } from '../ui/dates';

const when = dateWriter({ weekday: 'short', day: 'numeric', month: 'long' });
const papers: Record<Layout, string> = {
  page: '',
  tickets: 'exit tickets, ',
  slips: 'warm-up slips, ',
  home: 'homework, ',
};

interface Props {
  /** One sheet, or the levels of one that were made together. */
  sheets: readonly [ShelfReply, ...ShelfReply[]];
  className: string | null;
  onDuplicate: () => void;
  onShare: () => void;
  onArchive: () => void;
  onDelete: () => void;
}

/** A sheet on the shelf, with its levels where it has several. */
export function ShelfRow({ sheets, className, onDuplicate, onShare, onArchive, onDelete }: Props) {
  const [sheet] = sheets;
  const isFamily = sheets.length > 1;
  return (
    <li className="flex flex-wrap items-center gap-x-4 border-b border-hair py-2">
      <div className="min-w-60 flex-1 py-2">
        <Link to={`/prepare?sheet=${sheet.id}`} className="block text-xl [overflow-wrap:anywhere] hover:underline">
          <span className="font-bold">{sheet.title}</span>
          <span className="block text-base text-soft">
            {papers[sheet.layout]}
            {sheet.questions === 1 ? '1 question' : `${sheet.questions} questions`}
            {sheet.level === null || isFamily ? '' : `, ${sheet.level} level`}
            {className === null ? '' : `, ${className}`}
            {sheet.givenBy === '' ? '' : `, from ${sheet.givenBy}`}
            {sheet.shared ? ', on the school’s shelf' : ''}, changed {when.format(new Date(sheet.changedAt))}
          </span>
        </Link>
        {isFamily && (
          <span className="flex gap-4">
            {sheets.map((one) => (
              <Link key={one.id} to={`/prepare?sheet=${one.id}`} className="underline underline-offset-4">
                {one.level}
              </Link>
            ))}
          </span>
        )}
      </div>
      <span className="flex items-center gap-1">
        <Link
          to={`/sheets/${sheet.id}/print${isFamily ? '?levels=1' : ''}`}
          className="inline-flex min-h-10 items-center gap-2 px-2 underline underline-offset-4"
          aria-label={`Print ${sheet.title}`}
        >
          Print
        </Link>
        <More
          name={sheet.title}
          items={[
            { text: 'Duplicate', onSelect: onDuplicate },
            { text: 'Share', onSelect: onShare },
            { text: sheet.archived ? 'Put back' : 'Archive', onSelect: onArchive },
            { text: called.delete, onSelect: onDelete },
          ]}
        />
      </span>
    </li>
  );
}
