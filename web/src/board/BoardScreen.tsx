import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { Refused } from '../api/client';
import { boardQuery, dayQuery, settingQuery } from '../api/queries';
import { NotYet } from './NotYet';
import { useTitle } from '../ui/useTitle';
import { WhichSum } from '../work/Told';
import { lineOf, withSum } from '../models/told';
import { afresh, useBoardAddress } from './address';
import { remember } from './history';
import { NextUp } from './NextUp';
import { OpenClock } from './OpenClock';
import { SumBoard } from './SumBoard';

/** The board: a sum with its models, or a clock to turn. */
export function BoardScreen() {
  useTitle('Teach');
  const [board, change] = useBoardAddress();
  const day = useQuery(dayQuery());
  const client = useQueryClient();
  const [paused, setSettled] = useState(board.sum);
  // what has been got ready is there at once
  const settled = client.getQueryData(boardQuery(board.sum).queryKey) ? board.sum : paused;
  useEffect(() => {
    // while somebody types in the sum line the board waits for a pause
    const timer = setTimeout(() => {
      setSettled(board.sum);
    }, 120);
    return () => {
      clearTimeout(timer);
    };
  }, [board.sum]);
  // the list stays open when another sum comes on the board behind it
  const [listed, setListed] = useState(false);
  const shown = useQuery(boardQuery(settled));
  // what is no sum may be a time, a length, or a month
  const refused = shown.error instanceof Refused && !shown.error.offline && !shown.isPlaceholderData;
  // … and what can be a sum in several ways may be a time: "ten to four"
  const unclear = (shown.data?.worked.readings.length ?? 0) > 0 && !shown.isPlaceholderData;
  const setting = useQuery({ ...settingQuery(settled, board.at), enabled: refused || unclear });
  const [asSum, setAsSum] = useState('');
  const sum = shown.data ? lineOf(shown.data.worked) : '';
  useEffect(() => {
    if (sum !== '' && !shown.isPlaceholderData) {
      remember(sum);
    }
  }, [sum, shown.isPlaceholderData]);

  if (!day.data) {
    return <NotYet of={[day]} />;
  }
  if (board.sum.trim() === '') {
    return <OpenClock key="open" day={day.data} board={board} change={change} setting={null} />;
  }
  if ((refused || unclear) && asSum !== settled) {
    if (setting.data) {
      const taken = settled;
      return (
        <OpenClock
          key={settled}
          day={day.data}
          board={board}
          change={change}
          setting={setting.data}
          onSum={
            unclear
              ? () => {
                  setAsSum(taken);
                }
              : undefined
          }
        />
      );
    }
    if (setting.isPending) {
      return null;
    }
  }
  const unsure = shown.error instanceof Refused && !shown.isPlaceholderData ? (shown.error.problem.told ?? null) : null;
  if (unsure) {
    return (
      <div className="px-8 py-4">
        <WhichSum
          told={unsure}
          onChoose={(meant) => {
            change(afresh(withSum(unsure.text, meant)), 'push');
          }}
        />
      </div>
    );
  }
  if (!shown.data) {
    return shown.error instanceof Refused && !shown.error.offline ? (
      <Refusal error={shown.error} />
    ) : (
      <NotYet of={[shown]} />
    );
  }
  return (
    <>
      <SumBoard
        key={sum}
        data={shown.data}
        day={day.data}
        board={board}
        change={change}
        waiting={shown.isPlaceholderData || board.sum !== settled}
        onList={() => {
          setListed(true);
        }}
      />
      <NextUp open={listed} onOpenChange={setListed} board={board} change={change} />
    </>
  );
}

/** The sum in the address cannot be read, and there is no earlier one to keep on the board. */
function Refusal({ error }: { error: Refused }) {
  const { detail, example } = error.problem;
  return (
    <div className="p-8 text-2xl">
      <h1 className="text-3xl font-bold">This sum was not understood</h1>
      <p className="mt-3">{detail}</p>
      {example !== null && (
        <p className="mt-3">
          One that works:{' '}
          <Link className="font-bold underline" to={`/teach?sum=${encodeURIComponent(example)}`}>
            {example}
          </Link>
        </p>
      )}
    </div>
  );
}
