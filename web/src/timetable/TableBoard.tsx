import { useQuery } from '@tanstack/react-query';
import { useSearchParams } from 'react-router';
import { Timetable } from '../models/Timetable';
import { Button } from '../ui/Button';
import { Rail, RailSpace, RailToggle } from '../ui/Rail';
import { useAddress } from '../ui/useAddress';
import { useTitle } from '../ui/useTitle';
import { Asked } from './Asked';
import { DayOrder } from './DayOrder';
import { DayTable } from './DayTable';
import { askedQuery, sheetTableQuery } from './queries';
import { useReading, type ReadTable } from './useReading';
import { wantedOf } from './wanted';

/** A timetable before the class, over the whole width: the table, the question, where one looks. */
export function TableBoard() {
  const [params] = useSearchParams();
  const sheet = params.get('sheet');
  return sheet === null ? <OfThePlace /> : <OfTheSheet sheet={sheet} />;
}

function OfThePlace() {
  useTitle('Timetable');
  const { params, put } = useAddress();
  const wanted = wantedOf(params);
  const asked = useQuery({ ...askedQuery(wanted), enabled: wanted.day === null });
  const other = () => {
    put({ seed: wanted.seed + 1, q: null, step: null });
  };
  if (wanted.day !== null) {
    const day = { day: wanted.day, level: wanted.level, seed: wanted.seed };
    return (
      <section aria-label={wanted.day} className="min-h-0 flex-1 overflow-y-auto px-6 py-3">
        <h1 className="wall-say font-bold">{wanted.day}</h1>
        {wanted.told ? <DayOrder wanted={day} onOther={other} /> : <DayTable wanted={day} onOther={other} />}
      </section>
    );
  }
  if (!asked.data) {
    return <p className="late wall-note p-8">{asked.isError ? asked.error.message : 'One moment.'}</p>;
  }
  return (
    <Read
      key={`${wanted.table},${wanted.level},${wanted.drawn}`}
      asked={asked.data}
      current={(Number(params.get('q')) || 1) - 1}
      step={Number(params.get('step') ?? '0')}
      onMove={(q, step) => {
        put({ q: q + 1, step });
      }}
      onOther={other}
    />
  );
}

function OfTheSheet({ sheet }: { sheet: string }) {
  useTitle('Timetable of the sheet');
  const { params, put } = useAddress();
  const asked = useQuery(sheetTableQuery(sheet));
  if (!asked.data) {
    return (
      <p className="late wall-note p-8">
        {asked.isError ? 'There is no timetable on this sheet any more.' : 'One moment.'}
      </p>
    );
  }
  return (
    <Read
      asked={asked.data}
      current={(Number(params.get('q')) || 1) - 1}
      step={Number(params.get('step') ?? '0')}
      onMove={(q, step) => {
        put({ q: q + 1, step });
      }}
    />
  );
}

function Read(read: ReadTable) {
  const reading = useReading(read);
  const { question, now, last, go, answer, another, covering, turnCovering, anyCovered, uncover, table } = reading;
  const { title, caution } = read.asked.table;
  return (
    <section aria-label={title} className="flex min-h-0 flex-1 flex-col">
      <div className="flex min-h-0 flex-1 flex-col gap-3 overflow-y-auto px-6 py-3">
        <h1 className="wall-note leading-tight font-bold">{title}</h1>
        <Timetable {...table} wall />
        {caution !== '' && <p className="wall-small leading-snug">{caution}</p>}
        {question ? (
          <Asked
            reading={reading}
            questionLook="wall-say mt-2 leading-tight"
            sayLook="wall-say min-h-[2.6em] leading-tight"
          />
        ) : (
          <p className="wall-say">This table has no such questions. Try another level, or another kind.</p>
        )}
      </div>
      <Rail>
        <Button className="min-h-12" onClick={go(now - 1)} aria-disabled={now === 0} aria-label="Back">
          ←
        </Button>
        <Button className="min-h-12 px-6" look="strong" onClick={go(now + 1)} aria-disabled={now === last} shortcut="→">
          {now === 0 ? 'Where do we look?' : now + 1 >= last ? 'Answer' : 'Next step'}
        </Button>
        {now + 1 < last && (
          <Button className="min-h-12" onClick={answer} shortcut="A">
            Answer
          </Button>
        )}
        <RailSpace />
        <RailToggle on={covering} shortcut="H" onToggle={turnCovering}>
          Cover times
        </RailToggle>
        {anyCovered && (
          <Button className="min-h-12" onClick={uncover}>
            Show all
          </Button>
        )}
        <Button className="min-h-12" onClick={another} shortcut="N">
          Next question
        </Button>
      </Rail>
    </section>
  );
}
