import { useCallback } from 'react';
import { useSearchParams } from 'react-router';

/** What the address says of the screen, and a way to change parts of it; null takes a part away. */
export function useAddress(): {
  params: URLSearchParams;
  put: (parts: Record<string, string | number | null>) => void;
} {
  const [params, setParams] = useSearchParams();
  const put = useCallback(
    (parts: Record<string, string | number | null>) => {
      setParams(
        (now) => {
          for (const [name, value] of Object.entries(parts)) {
            if (value === null) {
              now.delete(name);
            } else {
              now.set(name, String(value));
            }
          }
          return now;
        },
        { replace: true },
      );
    },
    [setParams],
  );
  return { params, put };
}
