import type { MonthPage, MonthPicture } from '../api/types';
import { useCovers } from './cover';

const looks: Record<string, string> = {
  start: 'bg-ink text-paper rounded-full',
  end: 'bg-found rounded-full ring-4 ring-ink',
  passed: 'bg-found rounded-full',
};

/** What a mark is, for who does not see it. */
const reads: Record<string, string> = { start: 'start', end: 'end', passed: 'passed' };

/** A page of a calendar, or two beside each other: weeks go down, days along. */
export function Month({ picture, large = false }: { picture: MonthPicture; large?: boolean }) {
  return (
    // pages are as high as there is room for, six weeks of them
    <div className="[container-type:size] h-full min-h-44 w-full" data-testid="months">
      <div className={`flex h-full items-center gap-x-[4cqw] ${large ? 'justify-center' : ''}`}>
        {picture.pages.map((page) => (
          <Page key={page.title} page={page} large={large} wide={picture.pages.length > 1} />
        ))}
      </div>
    </div>
  );
}

/** One of the twelve of a year: as small as the back row lets it be, its days of the week by their first letters. */
export function MonthOfYear({ page }: { page: MonthPage }) {
  return (
    <table className="wall-small w-full table-fixed self-start bg-sheet leading-[1.12] tabular-nums">
      <caption className="pb-0.5 text-left font-bold">{page.title}</caption>
      <thead>
        <tr>
          {page.heads.map((head, column) => (
            <th
              key={head}
              scope="col"
              className={`border-b-2 border-ink p-0 ${page.weekend.includes(column) ? 'bg-wash' : ''}`}
            >
              <abbr title={head} className="no-underline">
                {head.slice(0, 1)}
              </abbr>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {page.weeks.map((week, row) => (
          <tr key={row}>
            {week.map((day, column) => (
              <td key={column} className={`p-0 text-center ${page.weekend.includes(column) ? 'bg-wash' : ''}`}>
                {day}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Page({ page, large, wide }: { page: MonthPage; large: boolean; wide: boolean }) {
  const covers = useCovers();
  // a page of six weeks is seen whole, at whatever height
  const height = large
    ? 'h-[min(calc(var(--u)*6.4),12.4cqh)] text-[min(calc(var(--u)*3.4),7.6cqh)]'
    : 'h-[min(2.75rem,12.6cqh)] text-[min(1.25rem,7cqh)]';
  const width = wide ? 'w-[min(calc(var(--u)*6),6.4cqw)]' : 'w-[min(calc(var(--u)*8),13cqw)]';
  const cell = `${height} ${large ? width : wide ? 'w-[min(3rem,6.4cqw)]' : 'w-[min(3rem,13cqw)]'}`;
  const hidden = covers.covered('found', ['answer']);
  // which day of the week is looked at is what is asked for
  const lookedAt = hidden ? null : page.column;
  const marks = new Map(page.marks.filter((mark) => !(mark.asked && hidden)).map((mark) => [mark.day, mark]));
  return (
    <table className="border-collapse bg-sheet">
      <caption
        className={`pb-1 text-left font-bold ${large ? 'text-[min(calc(var(--u)*2.4),8cqh)] leading-tight' : 'text-[min(1.5rem,8cqh)] leading-tight'}`}
      >
        {page.title}
      </caption>
      <thead>
        <tr>
          {page.heads.map((head, column) => (
            <th
              key={head}
              scope="col"
              className={`border-b-2 border-ink px-1 text-center ${large ? 'text-[min(calc(var(--u)*1.9),7cqh)]' : 'text-[min(1rem,6cqh)]'} leading-tight ${lookedAt === column ? 'bg-found' : page.weekend.includes(column) ? 'bg-wash' : ''}`}
            >
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {page.weeks.map((week, row) => (
          <tr key={row}>
            {week.map((day, column) => {
              const mark = day === null ? undefined : marks.get(day);
              return (
                <td
                  key={column}
                  className={`border border-hair p-0 text-center tabular-nums ${lookedAt === column ? 'bg-found' : page.weekend.includes(column) ? 'bg-wash' : ''}`}
                >
                  {day !== null && (
                    <span className={`relative m-auto flex items-center justify-center ${cell}`}>
                      <span
                        className={`flex aspect-square h-[84%] items-center justify-center ${mark ? `font-bold ${looks[mark.role] ?? ''}` : ''}`}
                        data-mark={mark?.role}
                      >
                        {day}
                      </span>
                      {mark && <span className="sr-only"> {reads[mark.role] ?? ''}</span>}
                      {mark && mark.label !== '' && (
                        <span
                          className={`absolute top-0.5 right-0.5 ${large ? 'text-[0.75em]' : 'text-[0.55em]'} leading-none font-bold`}
                        >
                          {mark.label}
                        </span>
                      )}
                    </span>
                  )}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
