import { Link, useLocation } from 'react-router';
import { useTitle } from '../ui/useTitle';

/** An address of which there is no view: mistyped, or of something that has gone. */
export function NotHere() {
  const { pathname } = useLocation();
  useTitle('Not here');
  return (
    <div className="px-6 py-5">
      <h1 className="text-3xl font-bold">That is not here</h1>
      <p className="mt-3 max-w-prose text-xl [overflow-wrap:anywhere]">
        Nothing of Rostik is at {pathname}. The address may have been typed wrongly, or what was there is no longer
        kept.
      </p>
      <p className="mt-4 text-xl">
        <Link to="/today" className="underline underline-offset-4">
          Today
        </Link>
      </p>
    </div>
  );
}
