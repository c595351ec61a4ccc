import { Link } from 'react-router';

/** Why an activity cannot be had, and where all of them are. */
export function NotThere({ why }: { why: string }) {
  return (
    <p className="p-6 text-lg">
      {why}{' '}
      <Link to="/activities" className="underline underline-offset-4">
        All activities
      </Link>
    </p>
  );
}
