// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useSyncExternalStore } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { Refused } from '../api/client';
import type { QuestionReply, QuestionText, SheetReply } from '../api/types';
import { pressMore, show, silentServer } from '../testing/show';
import { newQuestion, plainSettings, textOf } from './draft';
import { SheetKeeper } from './keeper';
import { SheetPanel } from './SheetPanel';

const question = (
  id: string,
  sum: string,
  { text, ...part }: Partial<Omit<QuestionReply, 'text'>> & { text?: Partial<QuestionText> } = {},
): QuestionReply => ({
  ...newQuestion({ ...textOf(sum), ...text }, { answer: 'x' }),
  id,
  ...part,
});

/** A panel with three questions whose keeper saves nowhere. */
function panel(questions: QuestionReply[]) {
  const sheet: SheetReply = {
    id: 's',
    version: 1,
    title: 'The tide',
    questions,
    settings: plainSettings,
    classId: null,
    levels: [],
    archived: false,
  };
  const storage = { keep: () => true, kept: () => null, forget: () => undefined };
  const keeper = new SheetKeeper(sheet, storage, () => new Promise(() => undefined));
  const opened = vi.fn();
  function Shown() {
    const state = useSyncExternalStore(keeper.subscribe, keeper.snapshot);
    return <SheetPanel keeper={keeper} state={state} current="" onOpen={opened} />;
  }
  show(<Shown />);
  return { keeper, opened, sums: () => keeper.snapshot().draft.questions.map(({ text }) => text.sum) };
}

const three = [question('a', '1 h + 2 h'), question('b', '4 h - 1 h'), question('c', '2 x 3 h')];

describe('the questions of the sheet in hand', () => {
  const asked = silentServer();
  const press = (name: string) => userEvent.click(screen.getByRole('button', { name }));

  it('are opened, and their title is changed', async () => {
    const { keeper, opened } = panel(three);
    await press('Question 2: 4 h - 1 h. Show it worked');
    expect(opened).toHaveBeenCalledWith('4 h - 1 h');
    await userEvent.type(screen.getByLabelText('Title of the sheet'), '!{Enter}');
    expect(keeper.snapshot().draft.title).toBe('The tide!');
    expect(screen.getByLabelText('Title of the sheet')).not.toBe(document.activeElement);
  });

  it('are changed by the keys alone: Enter takes it, Escape leaves it as it was', async () => {
    const { sums, keeper } = panel(three);
    await pressMore('question 2', 'Change');
    const field = screen.getByLabelText('Question 2', { selector: 'input' });
    expect(document.activeElement).toBe(field);
    await userEvent.clear(field);
    await userEvent.type(field, '5 h - 1 h{Enter}');
    expect(sums()).toEqual(['1 h + 2 h', '5 h - 1 h', '2 x 3 h']);
    // until the server has looked at it, it has no answer
    expect(keeper.snapshot().draft.questions[1]?.answer).toBeNull();

    await pressMore('question 1', 'Change');
    await userEvent.type(screen.getByLabelText('Question 1', { selector: 'input' }), ' + 9 h{Escape}');
    expect(sums()[0]).toBe('1 h + 2 h');
    // nothing typed is nothing changed
    await pressMore('question 3', 'Change');
    await userEvent.clear(screen.getByLabelText('Question 3', { selector: 'input' }));
    await userEvent.keyboard('{Enter}');
    expect(sums()[2]).toBe('2 x 3 h');
  });

  it('show their answer as the numbers are typed, and what is not understood in its words', async () => {
    panel(three);
    asked.mockImplementation((_, path, body) => {
      const { sum } = body as { sum: string };
      return path !== '/api/work'
        ? new Promise(() => undefined)
        : sum === '5 h - 1 h'
          ? Promise.resolve({ sum, answer: { shown: '{h:4 h}' } })
          : sum === '9:15 to 8:15'
            ? Promise.resolve({ sum, answer: null, open: { code: 'half-not-said', text: 'a.m. or p.m. is not said.' } })
            : Promise.reject(
                new Refused(422, {
                  status: 422,
                  code: 'x',
                  detail: '“bana” was not understood.',
                  at: 0,
                  example: null,
                }),
              );
    });
    await pressMore('question 2', 'Change');
    const field = screen.getByLabelText('Question 2', { selector: 'input' });
    const answer = () => field.parentElement?.querySelector('output')?.textContent;
    const type = async (sum: string) => {
      await userEvent.clear(field);
      await userEvent.type(field, sum);
      // never the answer of another sum
      expect(answer()).toBe('…');
    };
    await type('5 h - 1 h');
    await waitFor(() => {
      expect(answer()).toBe('= 4 h');
    });
    await type('bana');
    await waitFor(() => {
      expect(answer()).toBe('“bana” was not understood.');
    });
    await type('9:15 to 8:15');
    await waitFor(() => {
      expect(answer()).toBe('a.m. or p.m. is not said.');
    });
  });

  it('are taken as typed when one goes elsewhere', async () => {
    const { keeper } = panel(three);
    await pressMore('question 1', 'Change');
    await userEvent.type(screen.getByLabelText('Question 1 in words'), 'How long are both at sea?');
    await userEvent.click(screen.getByLabelText('Title of the sheet'));
    const [first] = keeper.snapshot().draft.questions;
    expect(first).toMatchObject({
      text: { sum: '1 h + 2 h', wording: 'How long are both at sea?' },
      answer: 'x',
    });
    expect(screen.getByText('How long are both at sea?')).toBeTruthy();
  });

  it('are not changed, nor saved, by being looked into', async () => {
    const { keeper } = panel(three);
    const before = keeper.snapshot().draft;
    await pressMore('question 1', 'Change');
    await press('Save');
    expect(keeper.snapshot().draft).toBe(before);
    expect(keeper.snapshot().saving).toBe('saved');
  });

  it('have a form of their own, or that of the sheet again', async () => {
    const { keeper } = panel([question('a', '1:50 pm + 20 min', { text: { answers: 'table' } })]);
    expect(screen.getByText('Answers: complete a table')).toBeTruthy();
    await pressMore('question 1', 'Change');
    await userEvent.selectOptions(screen.getByLabelText('Answers'), 'as on the sheet');
    await userEvent.selectOptions(screen.getByLabelText('Times given'), 'in words');
    await press('Save');
    expect(keeper.snapshot().draft.questions[0]).toMatchObject({
      text: { answers: null, times: 'words' },
      answer: 'x',
    });
    expect(screen.queryByText(/^Answers:/)).toBeNull();
    expect(screen.getByText('Times: in words')).toBeTruthy();
  });

  it('stand last as challenges', async () => {
    const { keeper, sums } = panel(three);
    await pressMore('question 1', 'Change');
    await userEvent.click(screen.getByLabelText('a challenge at the end'));
    await press('Save');
    expect(sums()).toEqual(['4 h - 1 h', '2 x 3 h', '1 h + 2 h']);
    expect(keeper.snapshot().draft.questions.map(({ text }) => text.challenge)).toEqual([false, false, true]);
    const last = screen.getAllByRole('listitem').find((item) => item.textContent.includes('1 h + 2 h'));
    expect(last?.textContent).toContain('Challenge');
  });

  it('are taken off, and come back to their place', async () => {
    const { sums } = panel(three);
    await pressMore('question 2', 'Remove');
    expect(sums()).toEqual(['1 h + 2 h', '2 x 3 h']);
    expect(screen.getAllByText('Question 2 is removed.').length).toBeGreaterThan(0);
    await press('Undo');
    expect(sums()).toEqual(['1 h + 2 h', '4 h - 1 h', '2 x 3 h']);
  });

  it('are moved by presses alone, without dragging, as far as there is room', async () => {
    const { sums } = panel(three);
    expect(screen.queryByRole('button', { name: 'Move question 2 up' })).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Move question 2' }));
    await press('Move question 2 up');
    expect(sums()).toEqual(['4 h - 1 h', '1 h + 2 h', '2 x 3 h']);
    // it goes along, and stays where there is no more room
    await press('Move question 1 up');
    expect(sums()).toEqual(['4 h - 1 h', '1 h + 2 h', '2 x 3 h']);
    await press('Move question 1 down');
    await press('Move question 2 down');
    expect(sums()).toEqual(['1 h + 2 h', '2 x 3 h', '4 h - 1 h']);
    await userEvent.click(screen.getByRole('button', { name: 'Move question 3' }));
    expect(screen.queryByRole('button', { name: 'Move question 3 up' })).toBeNull();
  });

  it('get other numbers where they are not kept; the words go with the old numbers, and undo brings all back', async () => {
    const { sums, keeper } = panel([
      question('a', '1 h + 2 h', { locked: true }),
      question('b', '4 h - 1 h', { text: { wording: 'How long is left?', answers: 'hands' } }),
      question('c', '2 x 3 h'),
    ]);
    asked.mockResolvedValueOnce({ sums: ['7 h - 2 h', null], wordings: ['', ''] });
    await press('New numbers for the open ones');
    await waitFor(() => {
      expect(sums()).toEqual(['1 h + 2 h', '7 h - 2 h', '2 x 3 h']);
    });
    expect(asked).toHaveBeenCalledWith(
      'POST',
      '/api/sheets/others',
      expect.objectContaining({ sums: ['4 h - 1 h', '2 x 3 h'], keep: ['1 h + 2 h', '4 h - 1 h', '2 x 3 h'] }),
    );
    expect(keeper.snapshot().draft.questions[1]).toMatchObject({
      text: { wording: '', answers: 'hands' },
      answer: null,
    });
    expect(screen.getAllByText(/New numbers; 1 stayed/).length).toBeGreaterThan(0);
    await press('Undo');
    expect(keeper.snapshot().draft.questions[1]?.text).toMatchObject({
      sum: '4 h - 1 h',
      wording: 'How long is left?',
    });
  });

  it('are told again with other numbers, where a story tells them; words of one’s own are no longer the story’s', async () => {
    const { keeper } = panel([
      question('a', '9:10 am + 25 min', { text: { wording: 'A ferry …?', story: 'ferry-crosses' } }),
    ]);
    asked.mockResolvedValueOnce({ sums: ['8:05 am + 40 min'], wordings: ['Another ferry …?'] });
    await pressMore('question 1', 'New numbers');
    await waitFor(() => {
      expect(keeper.snapshot().draft.questions[0]?.text).toMatchObject({
        sum: '8:05 am + 40 min',
        wording: 'Another ferry …?',
        story: 'ferry-crosses',
      });
    });
    expect(asked).toHaveBeenCalledWith(
      'POST',
      '/api/sheets/others',
      expect.objectContaining({ stories: ['ferry-crosses'] }),
    );
    await pressMore('question 1', 'Change');
    await userEvent.type(screen.getByLabelText('Question 1 in words'), ' Really?');
    await userEvent.keyboard('{Enter}');
    await waitFor(() => {
      expect(keeper.snapshot().draft.questions[0]?.text.story).toBeNull();
    });
  });

  it('say so where there is no other, and where there is no connection', async () => {
    const { sums } = panel(three);
    asked.mockResolvedValueOnce({ sums: [null], wordings: [''] });
    await pressMore('question 1', 'New numbers');
    expect((await screen.findAllByText('There is no other question quite like this.')).length).toBeGreaterThan(0);
    asked.mockRejectedValueOnce(new Error('No connection at the moment.'));
    await pressMore('question 2', 'New numbers');
    expect((await screen.findAllByText('No connection at the moment.')).length).toBeGreaterThan(0);
    expect(sums()).toEqual(['1 h + 2 h', '4 h - 1 h', '2 x 3 h']);
  });

  it('are kept by the lock, which says so', async () => {
    const { keeper } = panel(three);
    expect(screen.queryByText('these numbers stay')).toBeNull();
    await pressMore('question 3', 'Keep these numbers');
    expect(screen.getByText('these numbers stay')).toBeTruthy();
    expect(keeper.snapshot().draft.questions.map(({ locked }) => locked)).toEqual([false, false, true]);
    // with all kept there is nothing to draw anew
    await pressMore('question 1', 'Keep these numbers');
    await pressMore('question 2', 'Keep these numbers');
    asked.mockClear();
    await press('New numbers for the open ones');
    expect(asked).not.toHaveBeenCalled();
  });

  it('show what is worth a second look, and what is wrong, beside them', () => {
    panel([
      question('a', 'bananas', { answer: null, problem: '“bananas” was not understood.' }),
      question('b', '9 am + 3 h', {
        warnings: [{ code: 'twelve', text: 'The answer is exactly 12: noon or midnight may need a word.' }],
      }),
    ]);
    const [first, second] = screen.getAllByRole('listitem');
    expect(first && within(first).getByText('“bananas” was not understood.')).toBeTruthy();
    expect(second && within(second).getByTestId('warning').textContent).toContain('exactly 12');
  });

  it('go to the board in their order', () => {
    panel(three);
    const address = screen.getByRole('link', { name: 'Sheet on the board' }).getAttribute('href') ?? '';
    const search = new URLSearchParams(address.split('?')[1]);
    expect([search.get('sum'), search.get('queue')]).toEqual(['1 h + 2 h', '4 h - 1 h|2 x 3 h']);
  });

  it('are none at the beginning: it says what to do first', () => {
    panel([]);
    expect(screen.getByText(/Nothing on it yet/)).toBeTruthy();
    expect(screen.queryByRole('link', { name: 'Sheet on the board' })).toBeNull();
    expect(screen.getByRole('link', { name: 'have a sheet made' }).getAttribute('href')).toBe('/sheets/make');
  });

  it('about a timetable are asked on the board with it, renewed from it, and go when it goes', async () => {
    const line = 'table next {"stop":"Little Sand","at":"10:07"}';
    const { keeper, opened, sums } = panel([
      question('a', line, { shown: 'You get to Little Sand at {h:10}:{m:07}. When does the next boat leave?' }),
      question('b', '4 h - 1 h'),
    ]);
    const table = { title: 'The Pintail', vehicle: 'boat' as const, csv: 'Stop,1' };
    keeper.change((now) => ({ ...now, settings: { ...now.settings, table } }));
    expect(await screen.findByText('The Pintail')).toBeTruthy();
    // it has no numbers to be typed
    await userEvent.click(screen.getByRole('button', { name: 'More: question 1' }));
    expect(screen.getAllByRole('menuitem').map((one) => one.textContent)).toEqual(['New numbers', 'Remove']);
    await userEvent.keyboard('{Escape}');
    expect(screen.getByRole('link', { name: 'Sheet on the board' }).getAttribute('href')).not.toContain('table');
    expect(screen.getByRole('link', { name: 'Timetable on the board' }).getAttribute('href')).toBe(
      '/teach/timetable?sheet=s&q=1',
    );
    await userEvent.click(screen.getByRole('button', { name: /^Question 1:/ }));
    expect(opened).not.toHaveBeenCalled();
    asked.mockResolvedValueOnce({ sums: ['table next {"stop":"Fell Harbour","at":"11:00"}'], wordings: [''] });
    await pressMore('question 1', 'New numbers');
    await waitFor(() => {
      expect(sums()[0]).toContain('Fell Harbour');
    });
    expect(asked.mock.lastCall?.[2]).toMatchObject({ sums: [line], table });
    await press('Remove it');
    expect(sums()).toEqual(['4 h - 1 h']);
    expect(keeper.snapshot().draft.settings.table).toBeNull();
    // the last notice is that of the timetable
    await userEvent.click(screen.getAllByRole('button', { name: 'Undo' }).at(-1) ?? screen.getByRole('status'));
    expect(sums()).toHaveLength(2);
    expect(keeper.snapshot().draft.settings.table).toEqual(table);
  });
});
