import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { Marked } from '../models/Marked';
import { useAddress } from '../ui/useAddress';
import { useTitle } from '../ui/useTitle';
import { lessonQuery } from './queries';

const does: Partial<Record<string, string>> = {
  'on-your-own': 'Each works on the own sheet.',
  ticket: 'Alone, without help. Then hand it in.',
  'tidy-up': 'Count everything back.',
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
    <section aria-label={part.title} className="grid flex-1 content-center justify-items-center gap-6 px-6 text-center">
      <h1 className="text-6xl font-bold">{part.title}</h1>
      <p className="text-4xl">{does[part.text.kind]}</p>
      {part.text.questions > 0 && (
        <p className="text-3xl">
          {part.text.questions} {part.text.questions === 1 ? 'question' : 'questions'}
        </p>
      )}
      <p className="text-4xl">
        until{' '}
        <strong className="text-7xl">
          <Marked text={part.until} />
        </strong>
      </p>
    </section>
  );
}
