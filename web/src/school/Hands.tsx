import { useState } from 'react';
import type { ColleagueReply, SchoolClassReply } from '../api/types';
import { Button } from '../ui/Button';
import { Section } from '../ui/Section';
import { Window } from '../ui/Window';
import { called } from '../ui/called';

interface Props {
  classes: readonly SchoolClassReply[];
  colleagues: readonly ColleagueReply[];
  onGive: (one: SchoolClassReply, teachers: readonly string[]) => void;
}

/** In whose hands each class is. */
export function Hands({ classes, colleagues, onGive }: Props) {
  const [open, setOpen] = useState<SchoolClassReply | null>(null);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const names = (one: SchoolClassReply) =>
    colleagues.filter((colleague) => one.teachers.includes(colleague.id)).map((colleague) => colleague.name);
  return (
    <Section title="Classes">
      {classes.length === 0 && <p className="mt-2 text-lg">No class yet. Teachers write theirs down themselves.</p>}
      <ul className="mt-2">
        {classes.map((one) => (
          <li key={one.id} className="flex flex-wrap items-center gap-x-4 border-b border-hair py-1.5 text-lg">
            <span className="min-w-0 flex-1 basis-64">
              {one.name}
              <span className="block text-base text-soft">
                {one.children === 1 ? '1 child' : `${one.children} children`} ·{' '}
                {one.teachers.length === 0 ? (
                  <strong className="text-ink">nobody teaches it</strong>
                ) : (
                  names(one).join(', ')
                )}
              </span>
            </span>
            <Button
              look="quiet"
              aria-label={`Hand ${one.name} over`}
              onClick={() => {
                setOpen(one);
                setChosen(one.teachers);
              }}
            >
              Hand over
            </Button>
          </li>
        ))}
      </ul>
      <Window
        open={open !== null}
        onOpenChange={() => {
          setOpen(null);
        }}
        title={open ? `Who teaches ${open.name}?` : ''}
      >
        <form
          onSubmit={(event) => {
            event.preventDefault();
            if (open) {
              onGive(open, chosen);
            }
            setOpen(null);
          }}
        >
          <p className="mt-2 text-lg">
            Whoever teaches a class sees its children and all that was marked. Who no longer does sees none of it.
          </p>
          <fieldset className="mt-3">
            <legend className="sr-only">Teachers</legend>
            {colleagues
              .filter((colleague) => !colleague.ended || chosen.includes(colleague.id))
              .map((colleague) => (
                <label key={colleague.id} className="flex min-h-11 items-center gap-3 border-b border-hair text-lg">
                  <input
                    type="checkbox"
                    className="size-5 shrink-0 accent-ink"
                    checked={chosen.includes(colleague.id)}
                    onChange={(event) => {
                      setChosen((now) =>
                        event.target.checked ? [...now, colleague.id] : now.filter((id) => id !== colleague.id),
                      );
                    }}
                  />
                  {colleague.name}
                  {colleague.ended && ' (ended)'}
                </label>
              ))}
          </fieldset>
          <Button look="strong" type="submit" className="mt-5">
            {called.save}
          </Button>
        </form>
      </Window>
    </Section>
  );
}
