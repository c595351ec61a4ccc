import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { problemQuery, workQuery } from '../api/queries';
import { answerForms, type QuestionText } from '../api/types';
import { plain } from '../models/Marked';
import { Pick } from '../ui/Pick';
import { useSettled } from '../ui/useSettled';
import { timesGiven } from './forms';
import { called } from '../ui/called';

const asOnTheSheet = { value: '', text: 'as on the sheet' } as const;

/** The sum of a question, its words, and how this one is asked and answered. Enter or going elsewhere takes it; Escape leaves it. */
export function EditQuestion({
  number,
  before,
  onDone,
}: {
  number: number;
  before: QuestionText;
  onDone: (done: QuestionText | null) => void;
}) {
  const [text, setText] = useState(before);
  const change = (part: Partial<QuestionText>) => {
    setText((now) => ({ ...now, ...part }));
  };
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    field.current?.focus();
    field.current?.select();
  }, []);
  const done = () => {
    // words or numbers of one's own are no longer those of the story
    const own = text.sum.trim() !== before.sum || text.wording.trim() !== before.wording;
    onDone(text.sum.trim() === '' ? null : { ...text, wording: text.wording.trim(), story: own ? null : text.story });
  };
  const look = 'my-0.5 w-full rounded-md border-2 border-ink bg-sheet px-2 py-1 text-lg';
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        done();
      }}
      onBlur={(event) => {
        if (!event.currentTarget.contains(event.relatedTarget)) {
          done();
        }
      }}
      onKeyDown={(event) => {
        if (event.key === 'Escape') {
          onDone(null);
        }
      }}
    >
      <input
        ref={field}
        aria-label={`Question ${number}`}
        value={text.sum}
        maxLength={300}
        onChange={(event) => {
          change({ sum: event.target.value });
        }}
        className={look}
      />
      <AnswerSoFar text={text.sum.trim()} />
      <textarea
        aria-label={`Question ${number} in words`}
        placeholder="In words, for the paper (if you like)"
        value={text.wording}
        maxLength={1200}
        rows={2}
        onChange={(event) => {
          change({ wording: event.target.value });
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && !event.shiftKey) {
            event.preventDefault();
            done();
          }
        }}
        className={`${look} text-base`}
      />
      <WordsSoFar
        text={text.wording.trim()}
        sum={text.sum.trim()}
        onTake={(sum) => {
          change({ sum });
        }}
      />
      <Pick
        label="Answers"
        value={text.answers ?? ''}
        options={[asOnTheSheet, ...answerForms]}
        onChange={(value) => {
          change({ answers: value === '' ? null : value });
        }}
      />
      <Pick
        label="Times given"
        value={text.times ?? ''}
        options={[asOnTheSheet, ...timesGiven]}
        onChange={(value) => {
          change({ times: value === '' ? null : value });
        }}
      />
      <div className="flex items-center justify-between gap-3">
        <label className="flex min-h-9 items-center gap-2 text-base">
          <input
            type="checkbox"
            className="size-5 accent-ink"
            checked={text.challenge}
            onChange={(event) => {
              change({ challenge: event.target.checked });
            }}
          />
          a challenge at the end
        </label>
        <button type="submit" className="min-h-9 px-2 text-base font-bold underline underline-offset-4">
          {called.save}
        </button>
      </div>
    </form>
  );
}

/** What is understood of the words while they are typed, and whether they mean the sum that stands with them. */
function WordsSoFar({ text, sum, onTake }: { text: string; sum: string; onTake: (sum: string) => void }) {
  const settled = useSettled(text, 300);
  const read = useQuery(problemQuery(settled, sum));
  const told = settled === text && text !== '' && !read.isPlaceholderData ? read.data : undefined;
  // what asks nothing yet is being written; what tells no times is an instruction and no problem
  if (
    !told ||
    told.facts.length === 0 ||
    (!told.text.includes('?') && !told?.remarks.some((remark) => remark.code !== 'no-question'))
  ) {
    return null;
  }
  const means = told.questions.length === 1 ? (told.questions[0]?.means ?? null) : null;
  const offered = [
    ...(means && told.remarks.length > 0 ? [means] : []),
    ...told.questions.flatMap((one) => one.instead),
  ];
  return (
    <output className="block px-2 pb-1 text-base text-soft" data-testid="words">
      {told.sure && told.remarks.length === 0 && told.questions[0]?.sentence}
      {told.remarks.map((remark, i) => (
        <span key={`${remark.code}${i}`} className="block">
          {remark.text}
        </span>
      ))}
      {offered
        .filter((one) => one.sum !== sum)
        .slice(0, 4)
        .map((one) => (
          <button
            key={one.sum}
            type="button"
            className="block min-h-8 text-left font-bold text-ink underline underline-offset-4"
            onClick={() => {
              onTake(one.sum);
            }}
          >
            Take {plain(one.shown)} = {plain(one.answer.shown)}
          </button>
        ))}
    </output>
  );
}

/** The answer follows the numbers as they are typed. */
function AnswerSoFar({ text }: { text: string }) {
  const settled = useSettled(text, 200);
  const work = useQuery(workQuery(settled));
  const current = settled === text && text !== '' && !work.isPlaceholderData && !work.isFetching;
  return (
    <output className="block min-h-7 px-2 text-base text-soft">
      {!current
        ? '…'
        : work.error
          ? work.error.message
          : work.data?.answer
            ? `= ${plain(work.data.answer.shown)}`
            : work.data?.open?.text}
    </output>
  );
}
