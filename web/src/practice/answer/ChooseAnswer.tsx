import type { OfferReply } from '../../api/types';
import { Typed } from '../Typed';

const said: Record<string, string> = {
  '<': 'is less than',
  '=': 'is equal to',
  '>': 'is more than',
  true: 'True',
  false: 'False',
};

/** One of a few is tapped. */
export function ChooseAnswer({ offer, onAnswer }: { offer: OfferReply; onAnswer: (given: string) => void }) {
  const { choose } = offer.pad;
  const signs = choose.includes('<');
  return (
    <div
      className={`grid w-full max-w-xl gap-3 ${signs ? 'grid-cols-3' : choose.length === 7 ? 'grid-cols-2' : 'grid-cols-1 sm:grid-cols-2'}`}
      role="group"
      aria-label="Choose one"
    >
      {choose.map((one, i) => (
        <button
          key={one}
          type="button"
          className="min-h-20 rounded-lg border-2 border-ink bg-sheet px-4 text-3xl font-bold hover:bg-wash active:bg-wash"
          aria-label={signs ? said[one] : undefined}
          onClick={() => {
            onAnswer(offer.form.type === 'choice' ? String.fromCharCode(97 + i) : one);
          }}
        >
          {said[one] && !signs ? said[one] : <Typed text={one} />}
        </button>
      ))}
    </div>
  );
}
