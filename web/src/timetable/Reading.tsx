import type { TableQuestionReply } from '../api/types';
import { Marked } from '../models/Marked';
import { Timetable } from '../models/Timetable';
import { Button } from '../ui/Button';
import { Asked } from './Asked';
import { useReading, type ReadTable } from './useReading';
import { called } from '../ui/called';

/** The table with the question in hand, and the others beside it. */
export function Reading({
  kind,
  onKind,
  onSheet,
  ...read
}: ReadTable & {
  kind: string;
  onKind: (id: string) => void;
  /** Puts them on a sheet, or on one for each level. */
  onSheet?: ((levels: boolean) => void) | undefined;
}) {
  const { asked, onMove, onOther } = read;
  const reading = useReading(read);
  const { at, question, now, last, go, answer, another, covering, turnCovering, anyCovered, uncover, table } = reading;
  const { questions } = asked;
  return (
    <div className="mt-3 grid min-h-0 flex-1 gap-x-6 gap-y-4 xl:grid-cols-[minmax(0,1fr)_22rem]">
      <div className="flex min-w-0 flex-col">
        <Timetable {...table} />
        {asked.table.caution !== '' && <p className="mt-2 text-lg">{asked.table.caution}</p>}
        {question ? (
          <div className="mt-4">
            <Asked
              reading={reading}
              questionLook="text-[clamp(1.4rem,2.2vw,2rem)] leading-snug"
              sayLook="mt-2 min-h-16 text-2xl leading-snug"
            />
            <div className="flex flex-wrap items-center gap-2.5">
              <Button onClick={go(now - 1)} aria-disabled={now === 0}>
                Back
              </Button>
              <Button look="strong" onClick={go(now + 1)} aria-disabled={now === last} shortcut="→">
                {now === 0 ? 'Where do we look?' : 'Next step'}
              </Button>
              <Button onClick={answer} shortcut="A">
                Answer
              </Button>
              <Button onClick={another} shortcut="N">
                Next question
              </Button>
              <Button aria-pressed={covering} onClick={turnCovering} shortcut="H">
                Cover times
              </Button>
              {anyCovered && <Button onClick={uncover}>Show all</Button>}
            </div>
            {now === last && <Wrong question={question} />}
          </div>
        ) : (
          <p className="mt-4 text-xl">This table has no such questions. Try another level, or another kind.</p>
        )}
      </div>
      <aside aria-label="Questions" className="min-w-0 bg-desk px-4 py-3">
        <div className="flex items-center justify-between gap-2">
          <h2 className="text-xl font-bold">Questions</h2>
          {onOther && (
            <Button onClick={onOther} shortcut="O">
              {called.otherQuestions}
            </Button>
          )}
        </div>
        {asked.kinds.length > 0 && (
          <label className="mt-2 block">
            <span className="sr-only">Kind of question</span>
            <select
              className="min-h-9 w-full rounded-md border-2 border-ink bg-sheet px-1.5"
              value={kind}
              onChange={(event) => {
                onKind(event.target.value);
              }}
            >
              <option value="">of every kind</option>
              {asked.kinds.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.said}
                </option>
              ))}
            </select>
          </label>
        )}
        {onSheet && questions.length > 0 && (
          <div className="mt-2 flex flex-wrap gap-2">
            <Button
              onClick={() => {
                onSheet(false);
              }}
            >
              Put them on a sheet
            </Button>
            <Button
              onClick={() => {
                onSheet(true);
              }}
            >
              Sheets at three levels
            </Button>
          </div>
        )}
        <ol className="mt-2 divide-y divide-hair">
          {questions.map((one, i) => (
            <li key={one.text}>
              <button
                type="button"
                aria-current={i === at}
                className="w-full py-2 text-left hover:bg-wash aria-[current=true]:font-bold"
                onClick={() => {
                  onMove(i, 0);
                }}
              >
                {i + 1}. <Marked text={one.text} />
              </button>
            </li>
          ))}
        </ol>
      </aside>
    </div>
  );
}

/** What may be written instead, for the teacher. */
function Wrong({ question }: { question: TableQuestionReply }) {
  return (
    <details className="mt-3">
      <summary className="cursor-pointer text-lg text-soft">Common mistakes</summary>
      <ul className="mt-1 text-lg">
        {question.wrong.map((one) => (
          <li key={one.may}>
            <strong>{one.text}</strong>: whoever writes it {one.may}. <span className="text-soft">{one.look}</span>
          </li>
        ))}
      </ul>
    </details>
  );
}
