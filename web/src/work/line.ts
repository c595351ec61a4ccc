import type { UseQueryResult } from '@tanstack/react-query';
import { createContext, useContext } from 'react';
import type { WorkedSum } from '../api/types';

/** The sum line, as the screens below it see it. */
export interface Line {
  text: string;
  /** The text once typing has paused for a moment: what `work` is about. */
  settled: string;
  work: UseQueryResult<WorkedSum>;
  open: (sum: string) => void;
  /** Changes parts of the address of the working screen; null takes a part away. */
  place: (parts: Record<string, string | null>) => void;
  /** Sums that are to go on the sheet, in order; they were asked for before they were worked. */
  wishes: readonly string[];
  /** One more sum that is to go on the sheet. */
  wish: (sum: string) => void;
  /** Takes the first wish off the list. */
  granted: () => void;
}

export const LineContext = createContext<Line | null>(null);

export function useLine(): Line {
  const line = useContext(LineContext);
  if (!line) {
    throw new Error('Only within the frame.');
  }
  return line;
}
