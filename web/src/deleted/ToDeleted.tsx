import { Link } from 'react-router';
import type { DeletedKind } from '../api/types';

/** The way to what was deleted of one kind, in the place where it was. */
export function ToDeleted({ of, className = '' }: { of: DeletedKind; className?: string }) {
  return (
    <Link
      to={`/deleted?of=${of}`}
      className={`inline-flex min-h-10 items-center text-soft underline underline-offset-4 hover:text-ink ${className}`}
    >
      Deleted
    </Link>
  );
}
