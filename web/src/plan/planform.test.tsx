// @vitest-environment jsdom
import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { CourseText, LessonReply, PlanReply } from '../api/types';
import { show, silentServer } from '../testing/show';
import { After } from './After';
import { listOf } from './listOf';
import { PlanForm } from './PlanForm';

const ladder = [
  { id: 'am-pm', can: 'I can say what is before noon', needs: [] },
  { id: 'across-noon', can: 'I can go on across noon', needs: ['am-pm'] },
  { id: 'subtract-regroup', can: 'I can take away with regrouping', needs: [] },
];
const needed = [
  { rung: 'am-pm', title: 'Before noon, after noon', has: false, text: '12 of 24' },
  { rung: 'later-within-hour', title: 'On within the hour', has: true, text: '22 of 24' },
];
const plan: PlanReply = {
  course: null,
  feed: false,
  lessons: [],
  waiting: [],
  said: [],
  today: '2026-11-26',
  now: '09:30',
};

const input = (label: string | RegExp) => screen.getByLabelText<HTMLInputElement>(label);

describe('the plan of a class', () => {
  const asked = silentServer();
  const server = (answer: () => Promise<unknown> = () => new Promise(() => undefined)) => {
    asked.mockImplementation((_method, path, body) => {
      if (path === '/api/field') {
        // as it stands in a form; what PHP makes of other ways of writing is tested there
        const { text } = body as { text: string };
        return Promise.resolve({ value: text, text: `the ${text}` } as never);
      }
      const replies: Record<string, unknown> = { '/api/rungs': ladder, '/api/classes/k/plan/needed': needed };
      return path in replies ? Promise.resolve(replies[path] as never) : (answer() as never);
    });
  };
  const sent = () => asked.mock.calls.find(([method]) => method === 'PUT')?.[2] as CourseText | undefined;
  const form = () => show(<PlanForm plan={plan} classId="k" taught={['am-pm']} />);

  it('asks what it needs, and sends what was said', async () => {
    server();
    form();
    await userEvent.click(await screen.findByLabelText('I can go on across noon'));
    // what is had is ticked beforehand, and what everybody has cannot be taken away
    expect((await screen.findByLabelText<HTMLInputElement>(/Before noon, after noon/)).checked).toBe(true);
    expect(input(/On within the hour/).disabled).toBe(true);
    await userEvent.click(screen.getByLabelText(/Before noon, after noon/));
    fireEvent.change(screen.getByLabelText('Time of lesson 2'), { target: { value: '11:15' } });
    // not before it is read
    expect(input('Time of lesson 2').checkValidity()).toBe(false);
    fireEvent.blur(screen.getByLabelText('Time of lesson 2'));
    await waitFor(() => {
      expect(input('Time of lesson 2').value).toBe('the 11:15');
    });
    await userEvent.click(screen.getByRole('button', { name: /another lesson in the week/ }));
    await userEvent.click(screen.getByRole('button', { name: 'Lesson 1 of the week away' }));
    fireEvent.change(screen.getByLabelText('Lessons'), { target: { value: '9' } });
    await userEvent.click(screen.getByRole('button', { name: 'Plan the lessons' }));
    expect(sent()).toEqual({
      wanted: ['across-noon'],
      had: [],
      week: [
        { weekday: 3, start: '11:15', minutes: 60 },
        { weekday: 4, start: '11:15', minutes: 60 },
      ],
      first: '2026-11-26',
      lessons: 9,
      off: [],
      seed: 1,
    });
  });

  it('has days off that end no earlier than they begin', async () => {
    server();
    form();
    await userEvent.click(screen.getByRole('button', { name: /days without a lesson/ }));
    const stand = (from: string, to: string) =>
      waitFor(() => {
        expect([input('Days off 1: from').value, input('Days off 1: to').value]).toEqual([from, to]);
      });
    await stand('the 2026-12-03', 'the 2026-12-09');
    fireEvent.change(screen.getByLabelText('Days off 1: from'), { target: { value: '2026-12-21' } });
    fireEvent.blur(screen.getByLabelText('Days off 1: from'));
    await stand('the 2026-12-21', 'the 2026-12-21');
    await userEvent.click(screen.getByRole('button', { name: 'Days off 1 away' }));
    expect(screen.queryByLabelText('Days off 1: from')).toBeNull();
  });

  it('finds by what a rung is called inside, too, and says where there is none', async () => {
    server();
    form();
    await screen.findByLabelText('I can go on across noon');
    await userEvent.type(screen.getByRole('searchbox'), 'regroup');
    screen.getByLabelText('I can take away with regrouping');
    expect(screen.queryByLabelText('I can go on across noon')).toBeNull();
    await userEvent.type(screen.getByRole('searchbox'), 'x');
    screen.getByText(/Nothing on the ladder has these words/);
  });

  it('says why it cannot be planned, and keeps what was typed, over a reload as well', async () => {
    server(() => Promise.reject(new Error('There is time for 2 lessons only.')));
    const { unmount } = form();
    await userEvent.click(await screen.findByLabelText('I can go on across noon'));
    fireEvent.change(screen.getByLabelText('Lessons'), { target: { value: '14' } });
    await userEvent.click(screen.getByRole('button', { name: 'Plan the lessons' }));
    expect((await screen.findByRole('alert')).textContent).toBe('There is time for 2 lessons only.');
    expect(input('Lessons').value).toBe('14');
    unmount();
    form();
    expect(input('Lessons').value).toBe('14');
    await waitFor(() => {
      expect(input('I can go on across noon').checked).toBe(true);
    });
  });
});

describe('after a lesson', () => {
  const asked = silentServer();
  const text = (id: string) => ({ id, kind: 'explain' as const });
  const lesson = {
    id: 'l1',
    classId: 'k',
    state: 'planned',
    took: {},
    note: '',
    parts: [
      { text: text('warm'), title: 'Warm-up', minutes: 10 },
      { text: text('own'), title: 'On your own', minutes: 30 },
    ],
  } as unknown as LessonReply;
  const after = (of: Partial<LessonReply> = {}) =>
    show(<After lesson={{ ...lesson, ...of }} plan={plan} onClose={() => undefined} />);
  const sent = () => asked.mock.calls.at(-1);

  it('tells nothing of minutes that nobody has said', async () => {
    after();
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(sent()).toEqual(['POST', '/api/lessons/l1/after', { state: 'done', took: {}, note: '' }]);
  });

  it('tells the minutes that were said, whole and within a day of school', async () => {
    after();
    fireEvent.change(screen.getByLabelText(/On your own/), { target: { value: '41.6' } });
    fireEvent.change(screen.getByLabelText(/Warm-up/), { target: { value: '999' } });
    await userEvent.click(screen.getByRole('radio', { name: 'some of it' }));
    await userEvent.type(screen.getByLabelText('My notes'), 'Begin at the pier.');
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(sent()?.[2]).toEqual({ state: 'partly', took: { own: 42 }, note: 'Begin at the pier.' });
  });

  it('lets what was not taught slip, and then has no minutes', async () => {
    after({ took: { warm: 12 } });
    expect(input(/Warm-up/).value).toBe('12');
    await userEvent.click(screen.getByRole('radio', { name: 'none of it' }));
    expect(screen.queryByLabelText(/Warm-up/)).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(sent()?.[2]).toEqual({ state: 'not', took: {}, note: '' });
    screen.getByRole('button', { name: 'Move to the next lesson' });
  });
});

describe('a list in a form', () => {
  it('changes one line, takes one away, adds one, and leaves the others', () => {
    let list = [
      { a: 1, b: 1 },
      { a: 2, b: 2 },
    ];
    const of = () =>
      listOf(list, (now) => {
        list = now;
      });
    of().at(1)({ b: 5 });
    expect(list).toEqual([
      { a: 1, b: 1 },
      { a: 2, b: 5 },
    ]);
    of().add({ a: 3, b: 3 });
    of().remove(0);
    expect(list).toEqual([
      { a: 2, b: 5 },
      { a: 3, b: 3 },
    ]);
  });
});
