import type { MonthPage } from '../api/types';
import { Month, MonthOfYear } from '../models/Month';

/** A month, large; of a year all twelve. */
export function CalendarPages({ pages }: { pages: readonly MonthPage[] }) {
  return pages.length === 1 ? (
    <Month picture={{ type: 'month', pages: [...pages] }} large />
  ) : (
    <div className="grid h-full grid-cols-4 grid-rows-3 gap-x-4 gap-y-1 max-md:grid-cols-2 max-md:grid-rows-6">
      {pages.map((page) => (
        <MonthOfYear key={page.title} page={page} />
      ))}
    </div>
  );
}
