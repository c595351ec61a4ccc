import { describe, expect, it, vi } from 'vitest';
import { Refused } from '../api/client';
import type { CellReply, CellsReply, CellsRequest, PileReply, ToMarkReply } from '../api/types';
import {
  atOnce,
  beside,
  isOpen,
  keyOf,
  median,
  nothing,
  questionsOf,
  saidAtOnce,
  samePaper,
  sameQuestion,
  step,
  tallyOf,
} from './cells';
import { PileKeeper } from './pileKeeper';

const question: ToMarkReply = {
  asked: '3 h 40 min + 2 h 45 min',
  answer: '6 h 25 min',
  usual: [
    { text: '5 h 85 min', fits: ['leaves-over-sixty'] },
    { text: '5 h 25 min', fits: ['drops-the-carry'] },
  ],
  choices: [],
  drawn: false,
};

const pile = (part: Partial<PileReply> = {}): PileReply => ({
  id: 'p',
  title: 'Tide',
  on: '2027-03-11',
  className: 'Kittiwakes',
  classId: null,
  byChildren: false,
  nearlyCounts: true,
  revision: 4,
  parts: [{ name: '', sheetId: null, questions: [question, question] }],
  papers: ['a', 'b', 'c'].map((id) => ({
    id,
    name: id,
    childId: null,
    code: '',
    part: 0,
    absent: id === 'b',
    own: null,
  })),
  cells: [],
  causes: [],
  ...part,
});

const cell = (paper: string, number: number, part: Partial<CellReply> = {}): CellReply => ({
  paper,
  question: number,
  ...nothing,
  counts: 'right',
  verdict: null,
  read: '',
  fits: [],
  slip: false,
  followed: false,
  ...part,
});

describe('cells of a pile', () => {
  it('say at once what is usual, however it is typed, and leave the rest to be judged', () => {
    for (const typed of ['6h25', '6 h 25', '6 hours 25 mins', '6H25MIN', '6 hrs 25 minutes']) {
      expect(saidAtOnce(question, typed)).toEqual({ counts: 'right', fits: [] });
    }
    expect(saidAtOnce(question, '5h85')).toEqual({ counts: 'wrong', fits: ['leaves-over-sixty'] });
    expect(saidAtOnce(question, '6h26')).toBeNull();
    // a point or a missing unit is for the server to judge
    const short = { ...question, answer: '45 min' };
    expect(saidAtOnce(short, '45mins')).toEqual({ counts: 'right', fits: [] });
    for (const typed of ['45', '4.5', '4.5 min', '45 h']) {
      expect(saidAtOnce(short, typed)).toBeNull();
    }
    expect(saidAtOnce({ ...question, answer: '5:20 p.m.' }, '5:20pm')?.counts).toBe('right');
    expect(saidAtOnce(question, ' ')).toBeNull();
    expect(saidAtOnce({ ...question, answer: '' }, '')).toBeNull();
  });

  it('count by the sign, and by the own word over all else', () => {
    const place = { paper: 'a', question: 0 };
    expect(atOnce(place, { ...nothing, sign: 'blank' }, question).counts).toBe('blank');
    expect(atOnce(place, { ...nothing, given: '6h25', over: false }, question)).toMatchObject({
      counts: 'wrong',
      fits: [],
    });
    expect(atOnce(place, { ...nothing, given: '5h85', over: true }, question).counts).toBe('right');
    expect(atOnce(place, nothing, question).counts).toBeNull();
  });

  it('are tallied: what was written how often, the commonest first', () => {
    const tally = tallyOf([
      cell('a', 0),
      cell('b', 0, { counts: 'wrong', given: '5h25', read: '5 h 25 min', fits: ['x'] }),
      cell('c', 0, { counts: 'wrong', given: '5h85', read: '5 h 85 min' }),
      cell('d', 0, { counts: 'wrong', given: '5 h 85', read: '5 h 85 min' }),
      cell('e', 0, { counts: 'wrong', sign: 'wrong' }),
      cell('f', 0, { counts: 'blank' }),
      cell('g', 0, { counts: null }),
    ]);
    expect(tally.papers).toBe(6);
    // what is still to be judged counts as nothing yet
    const open = atOnce({ paper: 'a', question: 0 }, { ...nothing, given: '6h26' }, question);
    expect([isOpen(open), tallyOf([open]).papers]).toEqual([true, 0]);
    expect(isOpen(cell('a', 0, { counts: 'unreadable', sign: 'unreadable' }))).toBe(false);
    expect(tally.counts).toEqual({ right: 1, nearly: 0, wrong: 4, blank: 1, unreadable: 0 });
    expect(tally.wrong.map((one) => [one.text, one.times])).toEqual([
      ['5 h 85 min', 2],
      ['5 h 25 min', 1],
    ]);
    expect([median([]), median([3]), median([1, 4]), median([5, 1, 3])]).toEqual([null, 3, 2.5, 3]);
  });

  it('come one after the other, down or across, without those who were not there', () => {
    const all = pile();
    expect(step(all, { paper: 'a', question: 0 }, 'question', 1)).toEqual({ paper: 'c', question: 0 });
    expect(step(all, { paper: 'c', question: 0 }, 'question', 1)).toEqual({ paper: 'a', question: 1 });
    expect(step(all, { paper: 'c', question: 1 }, 'question', 1)).toBeNull();
    expect(step(all, { paper: 'a', question: 1 }, 'question', -1)).toEqual({ paper: 'c', question: 0 });
    expect(step(all, { paper: 'a', question: 1 }, 'child', 1)).toEqual({ paper: 'c', question: 0 });
    expect(step(all, { paper: 'c', question: 1 }, 'child', 1)).toBeNull();
    expect(step(all, { paper: 'c', question: 0 }, 'child', -1)).toEqual({ paper: 'a', question: 1 });
    expect(beside(all, { paper: 'a', question: 0 }, 1, 0)).toEqual({ paper: 'b', question: 0 });
    expect(beside(all, { paper: 'a', question: 0 }, 0, -1)).toBeNull();
    expect(beside(all, { paper: 'c', question: 1 }, 1, 0)).toBeNull();
  });
});

describe('a pile that is kept', () => {
  const store = () => {
    const all = new Map<string, string>();
    return {
      all,
      keep: (name: string, text: string) => {
        all.set(name, text);
        return true;
      },
      kept: (name: string) => all.get(name) ?? null,
      forget: (name: string) => {
        all.delete(name);
      },
    };
  };
  const offline = new Refused(0, { status: 0, code: 'offline', detail: 'No connection.', at: null, example: null });
  /** A server that judges nothing and counts revisions. */
  const server = () => {
    const sent: CellsRequest[] = [];
    let revision = 4;
    const answers: (() => CellReply[])[] = [];
    const send = vi.fn((_: string, body: CellsRequest): Promise<CellsReply> => {
      sent.push(body);
      revision += body.cells.length > 0 ? 1 : 0;
      const cells =
        answers.shift()?.() ??
        body.cells.map((one) =>
          cell(one.paper, one.question, { given: one.given ?? '', sign: one.sign ?? null, over: one.over ?? null }),
        );
      return Promise.resolve({ revision, cells });
    });
    return { sent, send, answers };
  };

  it('shows a mark at once, sends it a moment later, and takes what others marked', async () => {
    vi.useFakeTimers();
    const kept = store();
    const { sent, send, answers } = server();
    const keeper = new PileKeeper(pile(), kept, send, 100);
    keeper.mark({ paper: 'a', question: 0 }, { ...nothing, given: '5h85' });
    keeper.mark({ paper: 'c', question: 0 }, { ...nothing, sign: 'right' });
    expect(keeper.snapshot().cells.get('a/0')).toMatchObject({ counts: 'wrong', fits: ['leaves-over-sixty'] });
    expect([keeper.snapshot().saving, send.mock.calls.length]).toEqual(['saving', 0]);
    expect(JSON.parse(kept.all.get('rostik.marks.p') ?? '')).toHaveLength(2);
    answers.push(() => [
      cell('a', 0, { given: '5h85', counts: 'wrong' }),
      cell('c', 0, { sign: 'right' }),
      cell('b', 1, { counts: 'blank' }),
    ]);
    await vi.advanceTimersByTimeAsync(150);
    expect(sent).toHaveLength(1);
    expect(sent[0]).toMatchObject({ since: 4, cells: [{ paper: 'a', question: 0, given: '5h85' }, { paper: 'c' }] });
    expect(keeper.snapshot().saving).toBe('saved');
    expect(keeper.snapshot().cells.get('b/1')?.counts).toBe('blank');
    expect(kept.all.size).toBe(0);
    keeper.flush();
    await vi.advanceTimersByTimeAsync(10);
    expect(sent[1]).toEqual({ cells: [], since: 5 });
    vi.useRealTimers();
  });

  it('waits for a connection, and outlives the tab', async () => {
    vi.useFakeTimers();
    const kept = store();
    const { sent, send } = server();
    send.mockRejectedValueOnce(offline);
    const keeper = new PileKeeper(pile(), kept, send, 100);
    keeper.mark({ paper: 'a', question: 0 }, { ...nothing, sign: 'right' });
    await vi.advanceTimersByTimeAsync(150);
    expect(keeper.snapshot().saving).toBe('waiting');
    // the tab is closed; the next one has it, and sends it
    const next = new PileKeeper(pile(), kept, send, 100);
    expect(next.snapshot().cells.get('a/0')?.counts).toBe('right');
    await vi.advanceTimersByTimeAsync(150);
    expect(next.snapshot().saving).toBe('saved');
    expect(sent.at(-1)?.cells).toHaveLength(1);
    // the first one, were it still there, tries again by itself
    await vi.advanceTimersByTimeAsync(3100);
    expect(keeper.snapshot().saving).toBe('saved');
    vi.useRealTimers();
  });

  it('marks what is open of a question as right, and takes it back as one', () => {
    const one = pile();
    const keeper = new PileKeeper(one, store(), server().send, 100);
    const column = sameQuestion(one, { paper: 'a', question: 0 });
    expect(column.length).toBeGreaterThan(1);
    const [first = { paper: '', question: 0 }, ...others] = column;
    keeper.mark(first, { ...nothing, sign: 'wrong' });
    keeper.markAll(others, { ...nothing, sign: 'right' });
    const counts = () => column.map((place) => keeper.snapshot().cells.get(keyOf(place))?.counts ?? null);
    expect(counts()).toEqual(['wrong', ...others.map(() => 'right')]);
    expect(keeper.undo()).toMatchObject(others[0] ?? {});
    expect(counts()).toEqual(['wrong', ...others.map(() => null)]);
    // none at once is nothing to take back
    keeper.markAll([], nothing);
    keeper.undo();
    expect(keeper.snapshot().canUndo).toBe(false);
    expect(samePaper(one, first)).toHaveLength(questionsOf(one, one.papers[0] ?? { own: null, part: 0 }).length);
    expect(samePaper({ ...one, papers: one.papers.map((it) => ({ ...it, absent: true })) }, first)).toEqual([]);
  });

  it('keeps what is marked while something is under way, and takes back', async () => {
    vi.useFakeTimers();
    const { sent, send } = server();
    const keeper = new PileKeeper(pile(), store(), send, 100);
    expect(keeper.undo()).toBeNull();
    keeper.mark({ paper: 'a', question: 0 }, { ...nothing, sign: 'right' });
    vi.advanceTimersByTime(101);
    keeper.mark({ paper: 'a', question: 0 }, { ...nothing, given: '5h25' });
    await vi.advanceTimersByTimeAsync(0);
    // the answer to the first must not bring it back
    expect(keeper.snapshot().cells.get('a/0')?.given).toBe('5h25');
    await vi.advanceTimersByTimeAsync(300);
    expect(sent.at(-1)?.cells).toMatchObject([{ given: '5h25' }]);
    expect(keeper.undo()).toEqual({ paper: 'a', question: 0, given: '', sign: 'right', over: null });
    expect(keeper.snapshot().cells.get('a/0')?.counts).toBe('right');
    keeper.undo();
    expect(keeper.snapshot().cells.get('a/0')?.counts).toBeNull();
    expect(keeper.snapshot().canUndo).toBe(false);
    await vi.advanceTimersByTimeAsync(300);
    expect(sent.at(-1)?.cells).toMatchObject([{ given: '', sign: null }]);
    vi.useRealTimers();
  });

  it('says when it is gone, or the session has ended, and loses nothing of it when it is changed', async () => {
    vi.useFakeTimers();
    const { send } = server();
    send.mockRejectedValueOnce(
      new Refused(401, { status: 401, code: 'sign-in-first', detail: 'x', at: null, example: null }),
    );
    const keeper = new PileKeeper(pile(), store(), send, 100);
    const seen = vi.fn();
    const stop = keeper.subscribe(seen);
    keeper.mark({ paper: 'a', question: 1 }, { ...nothing, sign: 'blank' });
    await vi.advanceTimersByTimeAsync(150);
    expect(keeper.snapshot().saving).toBe('signed-out');
    keeper.adopt(pile({ nearlyCounts: false, revision: 9 }));
    expect(keeper.snapshot().cells.get(keyOf({ paper: 'a', question: 1 }))?.counts).toBe('blank');
    keeper.flush();
    await vi.advanceTimersByTimeAsync(150);
    expect(keeper.snapshot().saving).toBe('saved');
    send.mockRejectedValueOnce(
      new Refused(404, { status: 404, code: 'not-found', detail: 'x', at: null, example: null }),
    );
    keeper.flush();
    await vi.advanceTimersByTimeAsync(150);
    expect(keeper.snapshot().saving).toBe('gone');
    expect(seen).toHaveBeenCalled();
    stop();
    vi.useRealTimers();
  });
});
