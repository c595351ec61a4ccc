import { Button } from '../ui/Button';

interface Props {
  open: number;
  all: number;
  what: string;
  shortcut: boolean;
  onPress: () => void;
}

/** What is open of a question, or of a paper, is right: one press, and one to take it back. */
export function AllRight({ open, all, what, shortcut, onPress }: Props) {
  return open < 2 ? null : (
    <Button
      className="mt-2"
      {...(shortcut ? { shortcut: 'Ctrl Enter' } : {})}
      aria-label={`${open === all ? 'All' : 'The other'} ${open} right: ${what}`}
      onClick={onPress}
    >
      {open === all ? `All ${open} right` : `The other ${open} right`}
    </Button>
  );
}
