/**
 * Days as the class writes them: 26 November, or November 26. The frame says which, before anything is drawn; without a
 * class it is the day that comes first.
 */
let locale: 'en-GB' | 'en-US' = 'en-GB';

export function writeMonthFirst(monthFirst: boolean): void {
  locale = monthFirst ? 'en-US' : 'en-GB';
}

const writers = new Map<string, Intl.DateTimeFormat>();

/** Writes dates with these parts; a time of day is by the 24-hour clock, whatever is written first. */
export function dateWriter(options: Intl.DateTimeFormatOptions): { format: (date: Date) => string } {
  const name = JSON.stringify(options);
  return {
    format: (date) => {
      const key = locale + name;
      const writer = writers.get(key) ?? new Intl.DateTimeFormat(locale, { ...options, hourCycle: 'h23' });
      writers.set(key, writer);
      return writer.format(date);
    },
  };
}
