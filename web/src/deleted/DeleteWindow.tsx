import { useQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { meQuery } from '../api/queries';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { Window } from '../ui/Window';
import { called } from '../ui/called';

interface Props {
  title: string;
  /** What goes with it. */
  goes: readonly string[];
  /** What does not. */
  stays?: string;
  /** What is to be typed, so that one press takes nothing away, and what that is. */
  name?: { is: string; label: string };
  /** What the button says. */
  verb?: string;
  /** It cannot be brought back. */
  forGood?: boolean;
  onDelete: () => void;
  onClose: () => void;
}

/** Asked before something is deleted that takes more with it. */
export function DeleteWindow({
  title,
  goes,
  stays,
  name,
  verb = called.delete,
  forGood = false,
  onDelete,
  onClose,
}: Props) {
  const [typed, setTyped] = useState('');
  const listed = useId();
  const days = useQuery(meQuery).data?.deletedDays ?? 30;
  const ready = name === undefined || typed.trim().toLowerCase() === name.is.trim().toLowerCase();
  return (
    <Window
      open
      title={title}
      onOpenChange={(open) => {
        if (!open) {
          onClose();
        }
      }}
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (ready) {
            onDelete();
          }
        }}
      >
        <p id={listed} className="mt-3 text-lg">
          With it go:
        </p>
        <ul aria-labelledby={listed} className="mt-1 list-disc pl-6 text-lg">
          {goes.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </ul>
        {stays !== undefined && <p className="mt-3 text-lg">{stays}</p>}
        <p className="mt-3 text-lg">
          {forGood
            ? 'It cannot be brought back.'
            : `For ${days === 1 ? 'a day' : `${days} days`} it can be brought back, under Deleted in the account menu.`}
        </p>
        {name && <Field label={name.label} value={typed} autoComplete="off" onChange={setTyped} />}
        <div className="mt-5 flex flex-wrap gap-3">
          <Button type="submit" look="strong" aria-disabled={!ready}>
            {forGood ? 'Delete for good' : verb}
          </Button>
          <Button onClick={onClose}>Keep</Button>
        </div>
      </form>
    </Window>
  );
}
