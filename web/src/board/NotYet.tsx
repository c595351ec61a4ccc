import { Refused } from '../api/client';

/** As much of a query as is looked at here. */
interface Asked {
  failureReason: Error | null;
  failureCount: number;
}

/** In place of what has not come: nothing for a moment, then why; a lost connection is called so, and nothing else is. */
export function NotYet({ of }: { of: readonly Asked[] }) {
  const failed = of.find((one) => one.failureReason !== null);
  const failure = failed?.failureReason;
  if (!failed || !failure) {
    return null;
  }
  if (failure instanceof Refused && failure.offline) {
    return failed.failureCount > 1 ? (
      <p role="status" className="p-8 text-2xl">
        No connection. Trying again…
      </p>
    ) : null;
  }
  return (
    <p role="alert" className="p-8 text-2xl">
      {failure.message}
    </p>
  );
}
