import { X } from 'lucide-react';
import { Dialog } from 'radix-ui';

const keys: readonly [string, string][] = [
  ['/', 'to the sum line'],
  ['Enter', 'work the sum'],
  ['Shift Enter', 'from the sum line: put the sum on the sheet'],
  ['S', 'put the sum on the sheet'],
  ['W', 'what might go wrong with it'],
  ['B', 'to the board'],
  ['→  ←', 'next step, step back'],
  ['Home  End', 'first step, all at once'],
  ['P', 'play through'],
  ['1  2  3 …', 'another method'],
  ['Space, then ↑ ↓', 'on a question’s handle: move it'],
  ['?', 'this list'],
];

const boardKeys: readonly [string, string][] = [
  ['→  ←', 'next step, step back'],
  ['Home  End', 'first step, last step'],
  ['A', 'show or hide the answer'],
  ['R', 'show the next hidden thing'],
  ['H', 'hide things for the class to say'],
  ['C  L  K', 'clock, line, columns: there or not'],
  ['T  W  Y', 'table, written, day'],
  ['J', 'our own jumps on the line'],
  ['V', 'the line upright or across'],
  ['M  1  2  3 …', 'another method'],
  ['O', 'what the clock face shows'],
  ['N', 'another like this, or the next on the list'],
  ['E  U', 'an easier one, a harder one (step up)'],
  ['Q', 'the list: what is next, what has been'],
  ['D  F', 'dark or light, full screen'],
  ['/', 'to the sum line; Shift Enter puts a sum on the list'],
  ['→ ← on the clock', '1 minute; 5 with Shift, an hour with Ctrl'],
  ['?', 'this list'],
];

/** Every key that does something. */
export function KeyList({
  open,
  onOpenChange,
  onBoard,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  onBoard: boolean;
}) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-50 max-h-[90dvh] w-[30rem] max-w-[94vw] -translate-x-1/2 -translate-y-1/2 overflow-y-auto border-2 border-ink bg-sheet p-6"
        >
          <Dialog.Title className="text-2xl font-bold">Keys</Dialog.Title>
          <dl className="mt-3 grid grid-cols-[auto_1fr] items-baseline gap-x-5 gap-y-2 text-lg">
            {(onBoard ? boardKeys : keys).map(([key, does]) => (
              <div key={key} className="contents">
                <dt>
                  <kbd className="key font-sans whitespace-pre">{key}</kbd>
                </dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
          <Dialog.Close
            className="absolute top-4 right-4 grid size-10 place-items-center rounded-md hover:bg-wash"
            aria-label="Close"
          >
            <X aria-hidden="true" />
          </Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
