import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { workQuery } from '../api/queries';
import type { QuestionReply } from '../api/types';
import { plain } from '../models/Marked';
import { Pick as PickOne } from '../ui/Pick';
import { useSettled } from '../ui/useSettled';
import { answerForms, timesGiven } from './forms';

/** What a teacher decides of a question. */
export type Changed = Pick<QuestionReply, 'sum' | 'wording' | 'challenge' | 'answers' | 'times'>;

const asOnTheSheet = { value: '', text: 'as on the sheet' } as const;

/** The sum of a question, its words, and how this one is asked and answered. Enter or going elsewhere takes it; Escape leaves it. */
export function EditQuestion({
  number,
  before,
  onDone,
}: {
  number: number;
  before: Changed;
  onDone: (done: Changed | null) => void;
}) {
  const [text, setText] = useState(before.sum);
  const [words, setWords] = useState(before.wording);
  const [challenge, setChallenge] = useState(before.challenge);
  const [answers, setAnswers] = useState(before.answers);
  const [times, setTimes] = useState(before.times);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    field.current?.focus();
    field.current?.select();
  }, []);
  const done = () => {
    onDone(text.trim() === '' ? null : { sum: text, wording: words.trim(), challenge, answers, times });
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
        value={text}
        maxLength={300}
        onChange={(event) => {
          setText(event.target.value);
        }}
        className={look}
      />
      <AnswerSoFar text={text.trim()} />
      <textarea
        aria-label={`Question ${number} in words`}
        placeholder="In words, for the paper (if you like)"
        value={words}
        maxLength={600}
        rows={2}
        onChange={(event) => {
          setWords(event.target.value);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && !event.shiftKey) {
            event.preventDefault();
            done();
          }
        }}
        className={`${look} text-base`}
      />
      <PickOne
        label="Answers"
        value={answers ?? ''}
        options={[asOnTheSheet, ...answerForms]}
        onChange={(value) => {
          setAnswers(value === '' ? null : value);
        }}
      />
      <PickOne
        label="Times given"
        value={times ?? ''}
        options={[asOnTheSheet, ...timesGiven]}
        onChange={(value) => {
          setTimes(value === '' ? null : value);
        }}
      />
      <div className="flex items-center justify-between gap-3">
        <label className="flex min-h-9 items-center gap-2 text-base">
          <input
            type="checkbox"
            className="size-5 accent-ink"
            checked={challenge}
            onChange={(event) => {
              setChallenge(event.target.checked);
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
