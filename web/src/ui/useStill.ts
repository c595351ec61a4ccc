import { useEffect, useState } from 'react';
import { whenIdle } from './part';

/** True once the hands have been still for a moment: what comes then may take its time. */
export function useStill(): boolean {
  const [still, setStill] = useState(false);
  useEffect(() => {
    whenIdle(() => {
      setStill(true);
    });
  }, []);
  return still;
}
