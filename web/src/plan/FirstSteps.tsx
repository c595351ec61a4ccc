import { Link } from 'react-router';
import type { PlanReply } from '../api/types';
import { useClasses } from '../classroom/useClasses';
import { PlanForm } from './PlanForm';
import { called } from '../ui/called';

/** For who has no plan yet: three steps to a first lesson; and everything else works without. */
export function FirstSteps({ plan }: { plan: PlanReply | null }) {
  const { inHand } = useClasses();
  return (
    <section aria-label="A first lesson" className="mx-auto w-full max-w-4xl min-w-0 flex-1 px-6 py-6">
      <h1 className="text-3xl font-bold">
        {inHand && plan ? `Plan the lessons of ${inHand.name}` : 'Begin with your class'}
      </h1>
      {inHand && plan ? (
        <PlanForm key={inHand.id} plan={plan} classId={inHand.id} taught={inHand.taught} />
      ) : (
        <p className="mt-3 text-xl">
          <Link
            to="/classes?new"
            className="inline-flex min-h-11 items-center rounded-md border-2 border-ink bg-ink px-4 text-lg font-bold text-paper hover:opacity-85"
          >
            Write down a class
          </Link>{' '}
          A name is enough; the children can come later.
        </p>
      )}
      <h2 className="mt-8 border-t-2 border-ink pt-4 text-xl font-bold">Or without a plan</h2>
      <ul className="mt-1 flex flex-wrap gap-x-6 gap-y-1 text-lg">
        {[
          ['/sheets/make', 'Make a sheet'],
          ['/prepare', 'Work a sum'],
          ['/teach', called.onTheBoard],
          ['/activities', 'Find an activity'],
        ].map(([to = '', text]) => (
          <li key={to}>
            <Link to={to} className="inline-flex min-h-10 items-center underline underline-offset-4">
              {text}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
