// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { ClassReply, LessonReply, LessonRequest, PartReply, PartText, PlanReply } from '../api/types';
import { usualStyle } from '../classroom/styles';
import { show, silentServer } from '../testing/show';
import { placeOf } from './teach';
import { Today } from './Today';

const text = (id: string, kind: PartText['kind'], part: Partial<PartText> = {}): PartText => ({
  id,
  kind,
  rung: 'across-noon',
  minutes: null,
  activity: null,
  group: null,
  options: {},
  level: 'core',
  seed: 4,
  sums: [],
  questions: 0,
  why: '',
  note: '',
  done: '',
  says: {},
  ...part,
});
const part = (of: PartText, starts: number, minutes: number): PartReply => ({
  text: of,
  title: of.kind,
  content: '',
  sums: of.sums,
  says: of.sums.map(() => 'As the one before'),
  from: '',
  until: '',
  starts,
  minutes,
  takes: minutes,
  more: [],
  said: 'as usual',
});
const lesson: LessonReply = {
  id: 'l1',
  classId: 'k',
  revision: 1,
  on: '2026-11-26',
  start: '09:40',
  from: '{h:9}:{m:40} {x:a.m.}',
  until: '{h:10}:{m:40} {x:a.m.}',
  minutes: 60,
  title: 'Go across noon',
  rung: 'across-noon',
  purpose: 'new',
  why: 'You want it.',
  state: 'planned',
  parts: [
    part(text('warm', 'warm-up', { activity: 'last-ferry', group: 4, options: { rule: 'pass' } }), 580, 10),
    part(text('say', 'explain', { sums: ['10:50 a.m. + 2 h', '11:20 a.m. + 50 min'] }), 590, 10),
    part(text('own', 'on-your-own', { questions: 12 }), 600, 43),
  ],
  over: 3,
  changes: [{ said: '9 questions in place of 12', saves: 4, parts: [text('own', 'on-your-own', { questions: 9 })] }],
  ready: [
    { id: 'own:sheets', what: '7 support, 11 core, 6 stretch sheets', ready: false, printed: true, made: false },
    { id: 'warm:dice', what: '6 dice', ready: false, printed: false, made: true },
  ],
  sheets: {},
  levels: {},
  took: {},
  note: '',
};
const plan: PlanReply = {
  course: null,
  feed: false,
  lessons: [
    {
      id: 'l1',
      on: '2026-11-26',
      start: '09:40',
      from: '9:40 a.m.',
      minutes: 60,
      title: 'Go across noon',
      short: 'Across noon',
      rung: 'across-noon',
      purpose: 'new',
      state: 'planned',
      word: 'sheets to make',
    },
  ],
  waiting: [{ kind: 'ticket', id: 's9', what: 'Mark Wednesday’s ticket', more: '24 papers' }],
  said: [],
  today: '2026-11-26',
  now: '09:00',
};
const kittiwakes = {
  id: 'k',
  name: 'Kittiwakes',
  children: [],
  taught: [],
  methods: [],
  inHand: true,
  style: usualStyle,
} as unknown as ClassReply;

describe('the way to the board', () => {
  it('is the board with its sums, the activity with all that is chosen, or a screen that says what to do', () => {
    const [warm, say, own] = lesson.parts;
    if (!warm || !say || !own) {
      throw new Error('There are three parts.');
    }
    expect(placeOf(lesson, warm)).toBe('/teach/activity/last-ferry?level=core&seed=4&group=4&with.rule=pass');
    const board = new URLSearchParams(placeOf(lesson, say).split('?')[1]);
    expect([board.get('sum'), board.get('queue')]).toEqual(['10:50 a.m. + 2 h', '11:20 a.m. + 50 min']);
    expect(placeOf(lesson, own)).toBe('/teach/part?lesson=l1&part=own');
  });
});

describe('Today', () => {
  const asked = silentServer();
  const today = (it = lesson, until: () => Promise<void> = () => Promise.resolve()) => {
    let now = it;
    asked.mockImplementation((method, path, body) => {
      if (path === '/api/classes') {
        return Promise.resolve([kittiwakes]);
      }
      if (path.endsWith('/plan')) {
        return Promise.resolve(plan);
      }
      if (path.endsWith('/plan/path')) {
        return Promise.resolve([]);
      }
      if (method === 'PUT') {
        const { parts, ready, note } = body as LessonRequest;
        now = {
          ...now,
          revision: now.revision + 1,
          note: note ?? '',
          parts: now.parts.flatMap((one) => {
            const sent = parts.find((other) => other.id === one.text.id);
            return sent ? [{ ...one, text: sent, minutes: sent.minutes ?? one.takes }] : [];
          }),
          ready: now.ready.map((one) => ({ ...one, ready: ready?.includes(one.id) ?? false })),
        };
      }
      const reply = now;
      return method === 'PUT' ? until().then(() => reply) : Promise.resolve(reply);
    });
    show(<Today />, '/today');
  };
  const sent = () => asked.mock.calls.filter(([method]) => method === 'PUT').map(([, , body]) => body as LessonRequest);

  it('says what is over and what would fit, what must be ready and what waits', async () => {
    today();
    expect(await screen.findByText('3 minutes over.')).toBeTruthy();
    const waiting = within(screen.getByRole('region', { name: 'Still to do' }));
    expect(waiting.getByRole('link', { name: 'Mark Wednesday’s ticket' }).getAttribute('href')).toBe('/mark?sheet=s9');
    expect(screen.getByText('not made yet')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: /9 questions in place of 12/ }));
    await waitFor(() => {
      expect(sent()[0]?.parts.map((one) => one.questions)).toEqual([9]);
    });
  });

  it('sends quick changes one after the other, each on the one before, and takes them back', async () => {
    today();
    await userEvent.click(await screen.findByRole('button', { name: /^explain/ }));
    const more = await screen.findByRole('button', { name: 'Minutes of explain: one more' });
    await userEvent.click(more);
    await userEvent.click(more);
    await userEvent.click(more);
    await waitFor(() => {
      expect(sent()).toHaveLength(3);
    });
    expect(sent().map((one) => one.parts[1]?.minutes)).toEqual([11, 12, 13]);
    expect(sent().map((one) => one.revision)).toEqual([1, 2, 3]);
    await userEvent.click(screen.getByRole('button', { name: /^Undo/ }));
    await waitFor(() => {
      expect(sent()[3]?.parts[1]?.minutes).toBe(12);
    });
  });

  it('shows what was changed last, whatever comes back of what was changed before', async () => {
    const open: (() => void)[] = [];
    today(
      lesson,
      () =>
        new Promise((resolve) => {
          open.push(resolve);
        }),
    );
    await userEvent.click(await screen.findByRole('button', { name: /^explain/ }));
    const more = await screen.findByRole('button', { name: 'Minutes of explain: one more' });
    await userEvent.click(more);
    await userEvent.click(more);
    const minutes = () => screen.getByRole('button', { name: /^explain/ }).textContent;
    expect(minutes()).toContain('12 min');
    await waitFor(() => {
      expect(open).toHaveLength(1);
    });
    open[0]?.();
    // the second is on its way: the reply to the first has come
    await waitFor(() => {
      expect(open).toHaveLength(2);
    });
    expect(minutes()).toContain('12 min');
    open[1]?.();
    await waitFor(() => {
      expect(sent().map((one) => one.parts[1]?.minutes)).toEqual([11, 12]);
    });
    expect(minutes()).toContain('12 min');
  });

  it('says what each sum stands there for, has another for it, and keeps what was typed until it is understood', async () => {
    today();
    await userEvent.click(await screen.findByRole('button', { name: /^explain/ }));
    const list = await screen.findByRole('list', { name: 'Sums of explain' });
    expect(
      within(list)
        .getAllByRole('listitem')
        .map((one) => one.textContent),
    ).toEqual([expect.stringContaining('As the one before.'), expect.stringContaining('As the one before.')]);
    const posted = () => asked.mock.calls.filter(([method]) => method === 'POST').map(([, path, body]) => [path, body]);
    await userEvent.click(within(list).getByRole('button', { name: /in place of 11:20/ }));
    expect(posted()).toEqual([['/api/lessons/l1/parts/say/sums/1', { sum: '' }]]);
    const own = screen.getByLabelText<HTMLInputElement>('A sum of your own');
    asked.mockImplementationOnce(() => Promise.reject(new Error('“bananas” was not understood.')));
    await userEvent.type(own, '3 h + bananas{Enter}');
    expect((await screen.findAllByText('“bananas” was not understood.')).length).toBeGreaterThan(0);
    expect(own.value).toBe('3 h + bananas');
    await userEvent.clear(own);
    await userEvent.type(own, '11:45 am + 30 min{Enter}');
    await waitFor(() => {
      expect(own.value).toBe('');
    });
    expect(posted().at(-1)).toEqual(['/api/lessons/l1/parts/say/sums/2', { sum: '11:45 am + 30 min' }]);
    await userEvent.click(within(list).getByRole('button', { name: /^Remove 10:50/ }));
    await waitFor(() => {
      expect(sent().at(-1)?.parts[1]?.sums).toEqual(['11:20 a.m. + 50 min']);
    });
  });

  it('keeps what is ready, and offers paper only for what comes out of a printer', async () => {
    today();
    expect(await screen.findByRole('button', { name: 'Print what is missing' })).toBeTruthy();
    await userEvent.click(screen.getByRole('checkbox', { name: /7 support/ }));
    await waitFor(() => {
      expect(sent()[0]?.ready).toEqual(['own:sheets']);
    });
    expect(screen.queryByRole('button', { name: 'Print what is missing' })).toBeNull();
  });
});
