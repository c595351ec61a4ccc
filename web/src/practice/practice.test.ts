import { describe, expect, it, vi } from 'vitest';
import { Refused } from '../api/client';
import type { AnswersRequest, OfferReply, SeatReply } from '../api/types';
import { SeatKeeper, type Wire } from './keeper';
import { handsText, saidBefore } from './saying';
import { typedRuns, withKey, withoutLast } from './words';
import { answerOf } from './answer/squares';

const offer = (id: string, place: number): OfferReply => ({
  id,
  place,
  turn: '',
  asked: '{h:10}:{m:35} {x:a.m.} + {m:40 min}',
  task: 'What time is it then?',
  clocks: [],
  roman: false,
  form: { type: 'write', room: null, within: false, long: false },
  pad: { digits: true, keys: [':', 'a.m.', 'p.m.'], choose: [], order: [] },
  steps: [],
  answer: '{h:11}:{m:15} {x:a.m.}',
  table: null,
  reading: [],
  aloud: '',
  stepsAloud: [],
  turns: 1,
  usual: [
    { text: '11:15 a.m.', signal: 'right', say: '', read: '11:15 a.m.', hands: null, aloud: '' },
    { text: '11:15', signal: 'ask', say: 'Nearly. Is it a.m. or p.m.?', read: '11:15', hands: null, aloud: '' },
    {
      text: '10:75 a.m.',
      signal: 'look',
      say: 'Can a clock show so many minutes?',
      read: '10:75 a.m.',
      hands: null,
      aloud: '',
    },
  ],
});

const seat = (over: Partial<SeatReply> = {}): SeatReply => ({
  name: 'Cleo',
  two: [],
  done: 0,
  of: 12,
  open: true,
  lastWord: '',
  waiting: ['a', 'b', 'c'],
  offers: [offer('a', 0), offer('b', 1), offer('c', 2)],
  said: [],
  more: false,
  id: '01900000-0000-7000-8000-000000000001',
  target: null,
  ...over,
});

/** A browser's store, and a server that can be cut off. */
function tablet() {
  const kept = new Map<string, string>();
  const store = {
    keep: (name: string, text: string) => (kept.set(name, text), true),
    kept: (name: string) => kept.get(name) ?? null,
    forget: (name: string) => void kept.delete(name),
  };
  const got: AnswersRequest['answers'] = [];
  const server = { cut: false, closed: false };
  const gone = () =>
    Promise.reject(new Refused(0, { status: 0, code: 'offline', detail: '', at: null, example: null }));
  const line: Wire = {
    now: () => (server.cut ? gone() : Promise.resolve(seat())),
    send: vi.fn((sent: AnswersRequest) => {
      if (server.cut) {
        return gone();
      }
      if (server.closed) {
        return Promise.reject(
          new Refused(410, { status: 410, code: 'practice-over', detail: 'To the quay!', at: null, example: null }),
        );
      }
      got.push(...sent.answers);
      const right = new Set(got.filter((one) => one.given === '11:15 a.m.' || one.over).map((one) => one.question));
      return Promise.resolve(
        seat({
          done: right.size,
          waiting: ['a', 'b', 'c'].filter((id) => !right.has(id)),
          offers: [],
          said: sent.answers.map(({ question, n, given }) => ({
            question,
            n,
            signal: given === '11:15 a.m.' ? 'right' : 'look',
            say: 'Look at the hour.',
            read: given,
            aloud: '',
          })),
        }),
      );
    }),
    out: () => Promise.resolve(null),
  };
  return { store, server, line, got, keeper: new SeatKeeper(line, store) };
}

const settled = () => new Promise((go) => setTimeout(go, 0));

describe('what is said at once', () => {
  it('is what PHP has said beforehand, whatever makes no difference to the eye', () => {
    expect(saidBefore(offer('a', 0), ' 11:15 A.M ')).toEqual({ signal: 'right', say: '', aloud: '' });
    expect(saidBefore(offer('a', 0), '11:15')?.signal).toBe('ask');
    expect(saidBefore(offer('a', 0), '1:15 a.m.')).toBeNull();
    expect(saidBefore(offer('a', 0), 'quarter past eleven')).toBeNull();
  });

  it('takes hands as near as a finger sets them', () => {
    const set: OfferReply = {
      ...offer('a', 0),
      usual: [
        { text: 'hands 337.5 90 a.m.', signal: 'right', say: '', read: '', hands: [337.5, 90], aloud: '' },
        { text: 'hands 337.5 90', signal: 'ask', say: 'Is it a.m. or p.m.?', read: '', hands: [337.5, 90], aloud: '' },
      ],
    };
    expect(saidBefore(set, handsText(-20, 451, 'a.m.'))?.signal).toBe('right');
    expect(saidBefore(set, handsText(337.5, 90, null))?.signal).toBe('ask');
    expect(saidBefore(set, handsText(330, 90, 'a.m.'))).toBeNull();
    expect(saidBefore(set, handsText(337.5, 96, 'a.m.'))).toBeNull();
  });
});

describe('a tablet', () => {
  it('goes on without a connection, and sends everything once and in its order when it is back', async () => {
    const { keeper, server, got, line } = tablet();
    keeper.begin(seat());
    server.cut = true;
    for (const given of ['11:15 a.m.', '10:75 a.m.']) {
      keeper.answer(given);
      await settled();
      if (given === '11:15 a.m.') {
        keeper.next();
      }
    }
    expect(keeper.look().offline).toBe(true);
    expect(keeper.look().current?.id).toBe('b');
    expect(keeper.tried('b').said?.say).toBe('Can a clock show so many minutes?');
    keeper.answer('11:15 a.m.');
    keeper.next();
    expect(keeper.look().done).toBe(2);
    expect(got).toEqual([]);
    server.cut = false;
    await keeper.refresh();
    expect(got.map((one) => [one.question, one.n, one.given])).toEqual([
      ['a', 0, '11:15 a.m.'],
      ['b', 0, '10:75 a.m.'],
      ['b', 1, '11:15 a.m.'],
    ]);
    const calls = vi.mocked(line.send).mock.calls.length;
    await keeper.refresh();
    expect(vi.mocked(line.send).mock.calls.length).toBe(calls);
  });

  it('has an answer that nobody foresaw judged when the connection is back, and comes back to it', async () => {
    const { keeper, server } = tablet();
    keeper.begin(seat());
    server.cut = true;
    keeper.answer('1:15 a.m.');
    await settled();
    expect(keeper.tried('a')).toMatchObject({ open: true, said: null });
    keeper.next();
    expect(keeper.look().current?.id).toBe('b');
    server.cut = false;
    await keeper.refresh();
    keeper.answer('11:15 a.m.');
    await settled();
    keeper.next();
    expect(keeper.look().current?.id).toBe('a');
    expect(keeper.tried('a')).toMatchObject({ open: false, said: { signal: 'look', say: 'Look at the hour.' } });
  });

  it('goes on where it was when it was closed, with what was still to be sent', async () => {
    const { keeper, server, store, line, got } = tablet();
    keeper.begin(seat());
    server.cut = true;
    keeper.answer('11:15 a.m.');
    keeper.next();
    await settled();
    server.cut = false;
    const again = new SeatKeeper(line, store);
    expect(again.look().current?.id).toBe('b');
    await again.refresh();
    expect(got).toHaveLength(1);
  });

  it('asks for what is half right, and takes it when it is written once more', () => {
    const { keeper } = tablet();
    keeper.begin(seat());
    keeper.answer('11:15');
    expect(keeper.tried('a').said).toEqual({ signal: 'ask', say: 'Nearly. Is it a.m. or p.m.?', aloud: '' });
    keeper.answer('11:15');
    expect(keeper.tried('a').said?.signal).toBe('right');
  });

  it('helps more with each look, and shows all of it with the third', async () => {
    const { keeper, got } = tablet();
    keeper.begin(seat());
    const helps = [];
    for (let i = 0; i < 3; i += 1) {
      keeper.answer('10:75 a.m.');
      helps.push(keeper.tried('a').help);
    }
    expect(helps).toEqual([1, 2, 3]);
    keeper.next();
    await settled();
    expect(keeper.look().current?.id).toBe('b');
    expect(got.at(-1)).toMatchObject({ question: 'a', over: true, help: 3 });
  });

  it('is not given back while answers are still to be sent', async () => {
    const { keeper, server } = tablet();
    keeper.begin(seat());
    server.cut = true;
    keeper.answer('11:15 a.m.');
    expect(await keeper.leave()).toBe(false);
    expect(keeper.look().seat).not.toBeNull();
    server.cut = false;
    expect(await keeper.leave()).toBe(true);
    expect(keeper.look()).toMatchObject({ seat: null, empty: true });
  });

  it('shows the last word of a practice that is closed', async () => {
    const { keeper, server } = tablet();
    keeper.begin(seat());
    server.closed = true;
    keeper.answer('11:15 a.m.');
    await settled();
    expect(keeper.look().seat).toMatchObject({ open: false, lastWord: 'To the quay!' });
    expect(keeper.look().current).toBeNull();
  });
});

describe('the pad', () => {
  it('writes signs where a child would write them', () => {
    const typed = (...keys: string[]) => keys.reduce(withKey, '');
    expect(typed('1', ':', '1', '5', 'p.m.')).toBe('1:15 p.m.');
    expect(typed('1', ':', '1', '5', 'p.m.', 'a.m.')).toBe('1:15 a.m.');
    expect(typed('2', 'h', '5', 'min')).toBe('2 h 5 min');
    expect(typed('quarter', 'past', 'two')).toBe('quarter past two');
    expect(typed('9', ':', '0', '5', ',', '9', ':', '3', '0')).toBe('9:05, 9:30');
  });

  it('rubs out a sign at a time', () => {
    expect(withoutLast('2 h 35 min')).toBe('2 h 35');
    expect(withoutLast('2 h 35')).toBe('2 h 3');
    expect(withoutLast('2 h')).toBe('2');
    expect(withoutLast('1:15 p.m.')).toBe('1:15');
    expect(withoutLast('quarter past')).toBe('quarter');
    expect(withoutLast('')).toBe('');
  });

  it('colours hours and minutes', () => {
    const marks = (text: string) => typedRuns(text).map((run) => `${run.mark}${run.text}`);
    expect(marks('12:2')).toEqual(['h12', ':', 'm2']);
    expect(marks('2 h 35 min')).toEqual(['h2 h', ' ', 'm35 min']);
    expect(marks('half past two')).toEqual(['half past two']);
  });
});

describe('squares', () => {
  it('are the answer when every column has something', () => {
    const picture = {
      type: 'columns' as const,
      heads: [
        { unit: 'h', words: 'hours', mark: 'h', squares: 2 },
        { unit: 'min', words: 'minutes', mark: 'm', squares: 2 },
      ],
      rows: [],
      sign: '+',
      carry: [],
      answer: [],
      rough: [],
      active: -1,
      after: '',
    };
    const squares = { carry: {}, instead: {}, answer: { '0.1': '5', '1.0': '2' } };
    expect(answerOf(picture, squares)).toBe('5 h 2 min');
    expect(answerOf(picture, { ...squares, answer: { '0.1': '5' } })).toBe('');
  });
});
