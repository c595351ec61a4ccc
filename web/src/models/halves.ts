import { createContext, useContext } from 'react';

/** How the class in hand writes the halves of the day. */
export interface Halves {
  am: string;
  pm: string;
  /** Whether it writes all times by the 24-hour clock. */
  by24: boolean;
}

export const HalvesContext = createContext<Halves>({ am: 'a.m.', pm: 'p.m.', by24: false });

export const useHalves = () => useContext(HalvesContext);
