import { Marked } from '../models/Marked';
import type { useReading } from './useReading';

/** The question in hand, and below it what is said at this step, or the answer. */
export function Asked({
  reading: { question, now, last, shown },
  questionLook,
  sayLook,
}: {
  reading: Pick<ReturnType<typeof useReading>, 'question' | 'now' | 'last' | 'shown'>;
  questionLook: string;
  sayLook: string;
}) {
  return (
    <>
      <p className={questionLook} data-testid="question">
        <Marked text={question?.text ?? ''} />
      </p>
      <p className={`${sayLook} border-t-2 border-ink pt-2`} aria-live="polite" data-testid="say">
        {now === last ? (
          <strong data-testid="answer">
            <Marked text={question?.answer ?? ''} />
          </strong>
        ) : (
          shown && <Marked text={shown.say} />
        )}
      </p>
    </>
  );
}
