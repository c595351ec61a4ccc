import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { dayQuery } from '../api/queries';
import { GearedClock, handsAt, plainFace } from '../models/GearedClock';
import { Marked } from '../models/Marked';
import { Button } from '../ui/Button';
import { useAddress } from '../ui/useAddress';
import { useTitle } from '../ui/useTitle';
import { leftInWords, useLeft } from './left';
import { lessonQuery } from './queries';
import { useTaught } from './teach';

const does: Partial<Record<string, string>> = {
  'on-your-own': 'Work on your own sheet.',
  ticket: 'Alone, without help. Then hand it in.',
  'tidy-up': 'Count everything back in.',
  'warm-up': 'To begin with.',
  activity: 'Play.',
  explain: 'Look at the board.',
  together: 'Say what comes next.',
  'look-back': 'Who still has it?',
};

/** On the board while children work on paper: what is to be done, and until when. */
export function TeachPart() {
  const { params } = useAddress();
  const lesson = useQuery(lessonQuery(params.get('lesson') ?? ''));
  const part = lesson.data?.parts.find((one) => one.text.id === params.get('part'));
  useTitle(part?.title ?? 'The lesson');
  if (lesson.isError || (lesson.data && !part)) {
    return (
      <p className="p-6 text-lg">
        {lesson.isError ? lesson.error.message : 'This part is not in the lesson any more.'}{' '}
        <Link to="/today" className="underline underline-offset-4">
          Today
        </Link>
      </p>
    );
  }
  if (!part) {
    return <p className="late p-8 text-xl">One moment.</p>;
  }
  return (
    <section
      aria-label={part.title}
      className="grid min-h-0 flex-1 items-center gap-x-[calc(var(--u)*4)] gap-y-6 px-[calc(var(--u)*4)] py-4 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]"
    >
      <div className="space-y-[calc(var(--u)*1.2)]">
        <h1 className="wall-sum leading-tight font-bold">{part.title}</h1>
        <p className="wall-say">
          {does[part.text.kind]}
          {part.text.questions > 0 &&
            ` ${part.text.questions} ${part.text.questions === 1 ? 'question' : 'questions'}.`}
        </p>
        {(part.text.done !== '' || part.more.length > 0) && (
          <div className="border-t-2 border-ink pt-[calc(var(--u)*1)]">
            <h2 className="wall-note font-bold">When you are done</h2>
            {part.text.done !== '' ? (
              <p className="wall-say">{part.text.done}</p>
            ) : (
              <ol className="wall-say">
                {part.more.map((sum) => (
                  <li key={sum}>
                    <Marked text={sum} />
                  </li>
                ))}
              </ol>
            )}
          </div>
        )}
      </div>
      <Remaining minutes={part.minutes} />
    </section>
  );
}

/** How much is left, as the slice that the minute hand has still to go, and in words. No sound, unless it is wanted. */
function Remaining({ minutes }: { minutes: number }) {
  const taught = useTaught();
  const day = useQuery(dayQuery()).data;
  const left = useLeft(taught.value.began, minutes);
  const [sound, setSound] = useState(false);
  const over = left.share === 0;
  useEffect(() => {
    if (over && sound) {
      ring();
    }
  }, [over, sound]);
  const minuteOf = (moment: number) => {
    const at = new Date(moment);
    return at.getHours() * 60 + at.getMinutes() + at.getSeconds() / 60;
  };
  const ends = Math.floor(minuteOf(left.ends));
  const now = minuteOf(left.ends - left.share * minutes * 60_000);
  // more than a whole turn is not to be seen on a face
  const turn = Math.min(60, left.share * minutes);
  return (
    <div className="flex flex-col items-center gap-3">
      <div className="h-[min(calc(var(--u)*28),50dvh)] w-full">
        <GearedClock
          hands={handsAt(now)}
          face={{ ...plainFace, fives: false }}
          reads="A clock with what is left as a slice"
          sweep={over ? undefined : { from: now, to: now + turn }}
          className="mx-auto h-full"
        />
      </div>
      <p className="wall-say font-bold" role="timer" aria-live="off">
        {leftInWords(left)}
      </p>
      <p className="wall-note">
        until{' '}
        <strong>
          <Marked text={day?.table.digits[ends] ?? ''} />
        </strong>
      </p>
      <div className="flex gap-2">
        <Button
          className="min-h-11"
          onClick={() => {
            taught.addMinutes(1);
          }}
        >
          One minute more
        </Button>
        <Button
          className={`min-h-11 ${sound ? 'underline decoration-4 underline-offset-6' : ''}`}
          aria-pressed={sound}
          onClick={() => {
            setSound(!sound);
          }}
        >
          Sound at the end
        </Button>
      </div>
    </div>
  );
}

/** A soft tone of a second. */
function ring(): void {
  const audio = new AudioContext();
  const tone = audio.createOscillator();
  const loudness = audio.createGain();
  tone.frequency.value = 660;
  loudness.gain.setValueAtTime(0.15, audio.currentTime);
  loudness.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 1);
  tone.connect(loudness).connect(audio.destination);
  tone.start();
  tone.stop(audio.currentTime + 1);
}
