import { isLetter } from './keys';
import { useLetterKeys } from './letterKeys';

/** The key that does the same, shown beside what it does; none where letters are no keys. */
export function Key({ of, className = '' }: { of: string; className?: string }) {
  const letters = useLetterKeys();
  return !letters && isLetter(of) ? null : (
    <kbd className={`key font-sans font-normal ${className}`} aria-hidden="true">
      {of}
    </kbd>
  );
}
