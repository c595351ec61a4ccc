import { typedRuns } from './words';

/** What is typed, or to be chosen, with hours and minutes in their colours. */
export function Typed({ text }: { text: string }) {
  return typedRuns(text).map((run, i) => (
    <span key={i} className={run.mark === '' ? undefined : `mark-${run.mark}`}>
      {run.text}
    </span>
  ));
}
