import { X } from 'lucide-react';
import { Window } from '../ui/Window';
import type { BoardAddress, ChangeBoard } from './address';
import { afresh } from './address';
import { useHistory } from './history';

/** The sums got ready for this lesson, and those that have stood on the board. */
export function NextUp({
  open,
  onOpenChange,
  board,
  change,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  board: BoardAddress;
  change: ChangeBoard;
}) {
  const history = useHistory();
  const take = (sum: string, queue: readonly string[]) => {
    change(afresh(sum, { queue }), 'push');
    onOpenChange(false);
  };
  const row = 'min-h-12 flex-1 rounded px-3 py-2 text-left text-2xl font-bold hover:bg-wash';
  return (
    <Window open={open} onOpenChange={onOpenChange} title="Next up" side>
      {board.queue.length === 0 ? (
        <p className="mt-2 text-xl text-soft">
          Nothing is waiting. Type a sum in the sum line and press <kbd className="key font-sans">Shift Enter</kbd>, or
          send a sheet to the board.
        </p>
      ) : (
        <ol className="mt-3">
          {board.queue.map((sum, i) => (
            <li key={`${i}${sum}`} className="flex items-center border-b border-hair">
              <button
                type="button"
                className={row}
                onClick={() => {
                  take(
                    sum,
                    board.queue.filter((_, n) => n !== i),
                  );
                }}
              >
                {sum}
              </button>
              <button
                type="button"
                className="grid size-11 place-items-center rounded hover:bg-wash"
                aria-label={`Remove ${sum} from the list`}
                onClick={() => {
                  change({ queue: board.queue.filter((_, n) => n !== i) });
                }}
              >
                <X aria-hidden="true" />
              </button>
            </li>
          ))}
        </ol>
      )}
      <h2 className="mt-8 text-2xl font-bold">Been on the board</h2>
      {history.length === 0 ? (
        <p className="mt-2 text-xl text-soft">Nothing yet.</p>
      ) : (
        <ul className="mt-2">
          {history.map((sum) => (
            <li key={sum} className="flex border-b border-hair">
              <button
                type="button"
                className={row}
                onClick={() => {
                  take(sum, board.queue);
                }}
              >
                {sum}
              </button>
            </li>
          ))}
        </ul>
      )}
    </Window>
  );
}
