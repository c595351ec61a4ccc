import { useState } from 'react';
import type { ChildBriefReply, FollowUpReply, Standing } from '../api/types';
import { StandingSign } from './StandingSign';
import { said, standingOf } from './standings';
import { called } from '../ui/called';

/** From who can do it to who needs it; what was not seen last. */
const order: readonly Standing[] = ['secure', 'on-the-way', 'not-yet', 'not-seen'];

const standingIn = (child: ChildBriefReply, id: string): Standing => {
  const rung = child.rungs.find((one) => one.rung === id);
  return rung ? standingOf(rung) : 'not-seen';
};

/** Rungs by children: from "what does this child need" to "who is ready for this". */
export function ClassSeen({
  reply,
  onChild,
  onErase,
}: {
  reply: FollowUpReply;
  onChild: (id: string) => void;
  onErase: () => void;
}) {
  const [by, setBy] = useState<string | null>(null);
  // with a rung in hand: who can do it first, who needs it below
  const children =
    by === null
      ? reply.children
      : [...reply.children].sort((a, b) => order.indexOf(standingIn(a, by)) - order.indexOf(standingIn(b, by)));
  const rungs = [
    ...new Map(reply.children.flatMap((child) => child.rungs.map((rung) => [rung.rung, rung.can]))).entries(),
  ];
  return (
    <>
      <p className="mt-2 flex flex-wrap gap-x-5">
        {order.map((one) => (
          <span key={one}>
            <StandingSign of={one} /> {said[one]}
          </span>
        ))}
        <span className="ml-auto flex gap-4">
          <a href={`/api/classes/${reply.classId}/evidence.csv`} download className="underline underline-offset-4">
            {called.exportCsv}
          </a>
          <a
            href={`/api/classes/${reply.classId}/follow-up`}
            download="what-was-seen.json"
            className="underline underline-offset-4"
          >
            Export JSON
          </a>
          <button type="button" className="underline underline-offset-4" onClick={onErase}>
            Delete what was seen…
          </button>
        </span>
      </p>
      <div className="mt-2 overflow-x-auto" role="region" aria-label="Skills and children" tabIndex={0}>
        <table className="border-separate border-spacing-0">
          <thead>
            <tr>
              <td className="sticky left-0 bg-paper" />
              {rungs.map(([id, can]) => (
                <th
                  key={id}
                  scope="col"
                  aria-sort={by === id ? 'descending' : 'none'}
                  className="max-w-40 border-b-2 border-ink px-2 pb-1 text-left align-bottom text-base font-normal"
                >
                  <button
                    type="button"
                    className={`text-left hover:underline ${by === id ? 'font-bold' : ''}`}
                    onClick={() => {
                      setBy(by === id ? null : id);
                    }}
                  >
                    {can.replace(/^I can /, '').replace(/\.$/, '')}
                  </button>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {children.map((child) => (
              <tr key={child.id}>
                <th scope="row" className="sticky left-0 border-b border-hair bg-paper pr-3 text-left">
                  <button
                    type="button"
                    className="min-h-8 text-lg underline decoration-1 underline-offset-4"
                    onClick={() => {
                      onChild(child.id);
                    }}
                  >
                    {child.name}
                  </button>
                </th>
                {rungs.map(([id]) => {
                  const standing = standingIn(child, id);
                  return (
                    <td key={id} className="border-b border-hair px-2 text-xl">
                      <StandingSign of={standing} />
                      <span className="sr-only">{said[standing]}</span>
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
