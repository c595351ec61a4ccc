import { useState } from 'react';
import type { Estimate } from '../../api/types';
import { Choice } from '../../ui/Choice';
import { AtTablets } from './AtTablets';
import { Feel } from './Feel';
import { HowOften } from './HowOften';

const ways = [
  { value: 'feel', text: 'Feel it' },
  { value: 'tablets', text: 'At tablets' },
  { value: 'often', text: 'How often?' },
] as const;

/** A watch that shows nothing while it runs, and the tally of what it measured. */
export function HalfAMinute({ numbers, classId }: { numbers: Estimate; classId: string }) {
  const [way, setWay] = useState<'feel' | 'tablets' | 'often'>('feel');
  return (
    <div className="flex min-h-0 flex-1 flex-col px-6 py-4">
      <div>
        <Choice label="How" value={way} options={ways} onChange={setWay} />
      </div>
      {way === 'often' ? (
        <HowOften target={numbers.target} />
      ) : way === 'tablets' ? (
        <AtTablets key={`${classId} ${numbers.target}`} numbers={numbers} classId={classId} />
      ) : (
        <Feel key={`${classId} ${numbers.target}`} numbers={numbers} classId={classId} />
      )}
    </div>
  );
}
