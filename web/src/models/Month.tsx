import type { MonthPage, MonthPicture } from '../api/types';

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
    <div className="flex flex-wrap items-start gap-x-10 gap-y-4" data-testid="months">
      {picture.pages.map((page) => (
        <Page key={page.title} page={page} large={large} />
      ))}
    </div>
  );
}

function Page({ page, large }: { page: MonthPage; large: boolean }) {
  const cell = large ? 'h-16 w-16 text-3xl' : 'h-11 w-12 text-xl low:h-9 low:text-lg';
  const marks = new Map(page.marks.map((mark) => [mark.day, mark]));
  return (
    <table className="border-collapse bg-sheet">
      <caption className={`pb-1 text-left font-bold ${large ? 'text-4xl' : 'text-2xl'}`}>{page.title}</caption>
      <thead>
        <tr>
          {page.heads.map((head, column) => (
            <th
              key={head}
              scope="col"
              className={`border-b-2 border-ink px-1 text-center ${large ? 'text-2xl' : 'text-base'} ${page.column === column ? 'bg-found' : page.weekend.includes(column) ? 'bg-wash' : ''}`}
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
                  className={`border border-hair p-0 text-center tabular-nums ${page.column === column ? 'bg-found' : page.weekend.includes(column) ? 'bg-wash' : ''}`}
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
                          className={`absolute right-0 bottom-0 bg-paper px-0.5 leading-none font-bold ${large ? 'text-lg' : 'text-xs'}`}
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
