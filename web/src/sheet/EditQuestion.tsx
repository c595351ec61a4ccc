import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { workQuery } from '../api/queries';
import { answerForms, type QuestionText } from '../api/types';
import { plain } from '../models/Marked';
import { Pick } from '../ui/Pick';
import { useSettled } from '../ui/useSettled';
import { timesGiven } from './forms';

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
        maxLength={600}
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
          Done
        </button>
      </div>
    </form>
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
