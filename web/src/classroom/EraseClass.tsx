import { useId, useState } from 'react';
import type { ClassReply } from '../api/types';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { Window } from '../ui/Window';

interface Props {
  of: ClassReply;
  onErase: () => void;
  onClose: () => void;
}

/** Asked before a class is erased: what goes with it, and its name, so that one press takes nothing away. */
export function EraseClass({ of, onErase, onClose }: Props) {
  const [typed, setTyped] = useState('');
  const listed = useId();
  const alike = typed.trim().toLowerCase() === of.name.trim().toLowerCase();
  return (
    <Window
      open
      title={`Erase ${of.name}?`}
      onOpenChange={(open) => {
        if (!open) {
          onClose();
        }
      }}
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (alike) {
            onErase();
          }
        }}
      >
        <p id={listed} className="mt-3 text-lg">
          With it go:
        </p>
        <ul aria-labelledby={listed} className="mt-1 list-disc pl-6 text-lg">
          <li>
            {of.children.length === 0
              ? 'the names of its children'
              : `the names of its ${of.children.length === 1 ? 'one child' : `${of.children.length} children`}`}
          </li>
          <li>its plan and its lessons</li>
          <li>its papers and their marks</li>
          <li>its practices, and all that was seen of the children</li>
        </ul>
        <p className="mt-3 text-lg">Its sheets stay.</p>
        <Field label="Type the name of the class" value={typed} autoComplete="off" onChange={setTyped} />
        <div className="mt-5 flex flex-wrap gap-3">
          <Button type="submit" look="strong" aria-disabled={!alike}>
            Erase it
          </Button>
          <Button onClick={onClose}>Keep it</Button>
        </div>
      </form>
    </Window>
  );
}
