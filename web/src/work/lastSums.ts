import { useState } from 'react';
import { keep, kept } from '../ui/browserStore';

const place = 'rostik.sums';
const most = 4;

function read(): readonly string[] {
  try {
    const found: unknown = JSON.parse(kept(place) ?? '[]');
    return Array.isArray(found) ? found.filter((one): one is string => typeof one === 'string').slice(0, most) : [];
  } catch {
    return [];
  }
}

/** Remembers a sum that was looked at; the newest first, each once. */
export function rememberSum(sum: string): void {
  keep(place, JSON.stringify([sum, ...read().filter((one) => one !== sum)].slice(0, most)));
}

/** The sums that were looked at last in this browser, as they were when the screen was opened. */
export function useLastSums(): readonly string[] {
  const [last] = useState(read);
  return last;
}
