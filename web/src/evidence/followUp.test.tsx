// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { ChildSeenReply, ClassReply, FollowUpReply, GroupText } from '../api/types';
import { usualStyle } from '../classroom/styles';
import { show, silentServer } from '../testing/show';
import { FollowUp } from './FollowUp';
import { standingOf } from './standings';

const child = (id: string, part: Partial<ChildSeenReply> = {}): ChildSeenReply => ({
  id,
  name: `Child ${id}`,
  count: part.answers?.length ?? 0,
  answers: [],
  rungs: [],
  causes: [],
  next: null,
  ...part,
});
const group = (kind: GroupText['kind'], children: string[], part: Partial<GroupText> = {}): GroupText => ({
  kind,
  cause: null,
  rung: kind === 'unsure' ? null : 'add-regroup',
  reason: 'They may be adding apart.',
  look: kind === 'cause' ? 'Can a clock show it?' : '',
  children,
  ...part,
});
const kittiwakes = {
  id: 'k',
  name: 'Kittiwakes',
  children: [],
  taught: [],
  methods: [],
  inHand: true,
  style: usualStyle,
} as unknown as ClassReply;

/** As the server has it: the whole of each child is asked for by itself. */
const reply = (
  part: Partial<FollowUpReply & { children: ChildSeenReply[] }> = {},
): FollowUpReply & { children: ChildSeenReply[] } => ({
  classId: 'k',
  className: 'Kittiwakes',
  groups: [group('cause', ['a', 'b']), group('unsure', ['c'])],
  kept: false,
  children: [
    child('a', {
      answers: [
        { on: '2027-03-10', from: 'Ticket', asked: '2 h 30 min + 4 h 45 min', given: '6h75', right: false },
        { on: '2027-03-11', from: 'Tide', asked: '3 h + 2 h', given: '', right: true },
      ],
      causes: [
        {
          id: 'x',
          may: 'may be adding apart',
          look: 'Can a clock show it?',
          perhaps: true,
          lately: true,
          evidence: [0],
          times: 1,
          against: 1,
        },
      ],
      rungs: [
        {
          rung: 'add-regroup',
          can: 'I can add hours and minutes.',
          by: 'not-yet',
          word: null,
          wordOn: '',
          before: null,
          days: 0,
          answers: [0],
        },
        {
          rung: 'add-plain',
          can: 'I can add hours.',
          by: 'not-seen',
          word: null,
          wordOn: '',
          before: null,
          days: 0,
          answers: [1],
        },
      ],
      next: 'I can add hours and minutes.',
    }),
    child('b'),
    child('c'),
  ],
  tell: ['1 h 48 min - 50 min', '2 h - 5 min'],
  from: 'from 2 piles of papers',
  ...part,
});

describe('groups for tomorrow', () => {
  const asked = silentServer();
  const followUp = (seen = reply()) => {
    asked.mockImplementation((method, path) =>
      Promise.resolve(
        path === '/api/classes'
          ? [kittiwakes]
          : method === 'GET'
            ? (seen.children.find((one) => path === `/api/children/${one.id}`) ?? seen)
            : method === 'POST'
              ? { sheets: [], shortages: [] }
              : null,
      ),
    );
    show(<FollowUp />);
  };
  const sent = () =>
    asked.mock.calls.filter(([method]) => method !== 'GET').map(([method, path, body]) => [method, path, body]);

  it('say why, what to look at, and which three to ask those of whom there is not enough', async () => {
    followUp();
    const first = within(await screen.findByRole('region', { name: 'Group 1' }));
    expect(first.getByRole('heading', { name: '1. They may be adding apart' })).toBeTruthy();
    expect(first.getByText('Can a clock show it?')).toBeTruthy();
    expect(first.getAllByRole('listitem').map((one) => one.textContent)).toEqual(['Child a', 'Child b']);
    const last = within(screen.getByRole('region', { name: 'Group 2' }));
    const link = last.getByRole('link', { name: 'ask them these three' }).getAttribute('href') ?? '';
    expect(new URLSearchParams(link.split('?')[1]).get('queue')).toBe('2 h - 5 min');
    expect(last.queryByRole('button', { name: 'A sheet for them' })).toBeNull();
  });

  it('show a child with the answers behind what is said, and move it by the keys alone, with undo', async () => {
    followUp();
    await userEvent.click(await screen.findByRole('button', { name: 'Child a' }));
    const aside = within(screen.getByRole('complementary', { name: 'A child' }));
    expect(aside.getByText('may be adding apart')).toBeTruthy();
    expect(aside.getByText(/one answer speaks for it, 1 speak against it/)).toBeTruthy();
    expect(aside.getAllByText('6h75').length).toBeGreaterThan(0);
    // what rests on one answer is claimed of nobody
    expect(aside.queryByText(/add hours$/)).toBeNull();
    await userEvent.selectOptions(aside.getByLabelText('in group'), '2');
    await waitFor(() => {
      expect(within(screen.getByRole('region', { name: 'Group 2' })).getAllByRole('button')).toHaveLength(2);
    });
    expect(sent()[0]).toMatchObject([
      'PUT',
      '/api/classes/k/groups',
      { groups: [{ children: ['b'] }, { children: ['c', 'a'] }] },
    ]);
    await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(() => {
      expect(sent().at(-1)?.slice(0, 2)).toEqual(['DELETE', '/api/classes/k/groups']);
    });
  });

  it('take the teacher at her word over the answers', async () => {
    followUp();
    await userEvent.click(await screen.findByRole('button', { name: 'Child a' }));
    await userEvent.click(screen.getByText(/add hours and minutes/, { selector: 'summary' }));
    await userEvent.selectOptions(screen.getByLabelText('I have seen otherwise'), 'secure');
    await waitFor(() => {
      expect(sent()).toContainEqual(['PUT', '/api/children/a/rungs/add-regroup', { standing: 'secure' }]);
    });
    expect(standingOf({ by: 'not-yet', word: 'secure' })).toBe('secure');
    expect(standingOf({ by: 'not-yet', word: null })).toBe('not-yet');
  });

  it('have sheets made for all of them, and say so where there is nothing to work on', async () => {
    followUp();
    await userEvent.click(await screen.findByRole('button', { name: 'Sheets and keys for all groups' }));
    expect(await screen.findByText('None of these groups has something to work on yet.')).toBeTruthy();
    expect(sent()[0]?.[1]).toBe('/api/classes/k/groups/sheets');
  });

  it('show the class at a glance, in words for who does not see it', async () => {
    followUp();
    await userEvent.click(await screen.findByRole('radio', { name: 'Skills' }));
    const table = within(await screen.findByRole('region', { name: 'Skills and children' }));
    expect(table.getAllByText('not yet')).toHaveLength(1);
    // by a rung: who can do it first, who was not seen last
    expect(table.getAllByRole('rowheader').map((one) => one.textContent)).toEqual(['Child a', 'Child b', 'Child c']);
    await userEvent.click(table.getByRole('button', { name: 'add hours' }));
    expect(table.getByRole('columnheader', { name: 'add hours' }).getAttribute('aria-sort')).toBe('descending');
    await userEvent.click(table.getByRole('button', { name: 'Child a' }));
    expect(screen.getByRole('heading', { name: 'Child a' })).toBeTruthy();
  });

  it('lead to the marking where nothing was seen', async () => {
    followUp(reply({ children: [child('a')], groups: [] }));
    expect((await screen.findByRole('link', { name: 'Mark a pile of papers' })).getAttribute('href')).toBe('/mark');
  });
});
