import { useCallback, useEffect, useRef, useState } from 'react';
import { forget as forgetKept, keep, kept } from './browserStore';

const keyOf = (name: string) => `rostik.kept.${name}`;

function read<Value extends object>(name: string): Partial<Value> {
  try {
    return JSON.parse(kept(keyOf(name)) ?? '{}') as Partial<Value>;
  } catch {
    return {};
  }
}

/**
 * What one has typed into a form, kept in this browser until it is sent: closing the tab loses nothing. Changes are parts
 * of the value; `forget` goes back to how it began.
 */
export function useKept<Value extends object>(
  name: string,
  initial: Value,
): { value: Value; change: (part: Partial<Value> | ((now: Value) => Partial<Value>)) => void; forget: () => void } {
  const first = useRef(initial);
  const [value, setValue] = useState<Value>(() => ({ ...initial, ...read<Value>(name) }));
  const [touched, setTouched] = useState(false);
  useEffect(() => {
    if (touched) {
      keep(keyOf(name), JSON.stringify(value));
    }
  }, [name, value, touched]);
  const change = useCallback((part: Partial<Value> | ((now: Value) => Partial<Value>)) => {
    setTouched(true);
    setValue((now) => ({ ...now, ...(typeof part === 'function' ? part(now) : part) }));
  }, []);
  const forget = useCallback(() => {
    setTouched(false);
    forgetKept(keyOf(name));
    setValue(first.current);
  }, [name]);
  return { value, change, forget };
}
