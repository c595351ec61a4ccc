// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useLocation } from 'react-router';
import { describe, expect, it } from 'vitest';
import type { ReadFileReply, ShelfReply, SheetReply } from '../api/types';
import { classOf } from '../testing/classes';
import { pressMore, show, silentServer } from '../testing/show';
import { plainSettings } from './draft';
import { textOf } from './draft';
import { Shelf } from './Shelf';

const line = (id: string, title: string, part: Partial<ShelfReply> = {}): ShelfReply => ({
  id,
  title,
  changedAt: '2026-11-25T10:15:00+00:00',
  level: null,
  layout: 'page',
  classId: null,
  archived: false,
  shared: false,
  givenBy: '',
  family: null,
  questions: 6,
  rungs: ['add-plain'],
  ...part,
});
const sheets = [
  line('a', 'The ferry', { rungs: ['across-noon'], classId: 'k' }),
  line('b', 'The tide', { family: 'f', level: 'support' }),
  line('c', 'The tide', { family: 'f', level: 'core' }),
  line('d', 'Lamp log', { layout: 'tickets', questions: 1, classId: 't' }),
  line('e', 'Old drill', { archived: true }),
];
const sheet = (id: string, title: string): SheetReply => ({
  id,
  version: 1,
  title,
  questions: [],
  settings: plainSettings,
  classId: null,
  levels: [],
  archived: false,
});

function Where() {
  const { pathname, search } = useLocation();
  return <p data-testid="where">{pathname + search}</p>;
}

describe('the shelf of sheets', () => {
  const asked = silentServer();
  const page = async (at = '/sheets', read: ReadFileReply = { title: '', questions: [], faults: [] }) => {
    let away: 'nowhere' | 'archive' | 'deleted' = 'nowhere';
    asked.mockImplementation((method, path) => {
      // the tide is the one that is put away here
      if (path.startsWith('/api/sheets/b')) {
        away =
          path.endsWith('/restore') || (path.includes('/archive') && method === 'DELETE')
            ? 'nowhere'
            : path.includes('/archive')
              ? 'archive'
              : method === 'DELETE'
                ? 'deleted'
                : away;
      }
      if (method === 'GET') {
        return Promise.resolve(
          path === '/api/sheets'
            ? sheets
                .filter((one) => away !== 'deleted' || one.family !== 'f')
                .map((one) => (one.family === 'f' ? { ...one, archived: away === 'archive' } : one))
            : path === '/api/classes'
              ? [classOf('k', 'Kittiwakes', { inHand: true }), classOf('t', 'Terns')]
              : path === '/api/rungs'
                ? ['add-plain', 'across-noon', 'roman-clock'].map((id) => ({ id, can: `I can ${id}.`, mistakes: [] }))
                : path === '/api/codes/K7QM'
                  ? { code: 'K7QM', name: 'Anouk', sheetId: 'a', setId: 's', title: 'The ferry' }
                  : null,
        );
      }
      return Promise.resolve(path === '/api/sheets/read' ? read : sheet('new', 'The ferry (2)'));
    });
    show(
      <main>
        <Shelf />
        <Where />
      </main>,
      at,
    );
    await screen.findByRole('heading', { name: 'Sheets' });
    await waitFor(() => {
      expect(screen.queryByRole('searchbox')).not.toBeNull();
    });
  };
  const rows = () =>
    within(screen.getByRole('main'))
      .getAllByRole('listitem')
      .map((row) => row.querySelector('a')?.firstElementChild?.textContent);
  const sent = () =>
    asked.mock.calls.filter(([method]) => method !== 'GET').map(([method, path]) => `${method} ${path}`);
  const press = (name: string) => userEvent.click(screen.getByRole('button', { name }));

  it('has a row for each sheet, one for levels that belong together, none for the archive', async () => {
    await page();
    // of the class in hand, and of none
    expect(rows()).toEqual(['The ferry', 'The tide']);
    await userEvent.selectOptions(screen.getByLabelText('Class'), 'any class');
    expect(screen.getByTestId('where').textContent).toBe('/sheets?class=any');
    expect(rows()).toEqual(['The ferry', 'The tide', 'Lamp log']);
    const tide = screen.getAllByRole('listitem')[1];
    expect(
      tide &&
        within(tide)
          .getAllByRole('link')
          .map((one) => one.textContent.trim()),
    ).toEqual([expect.stringMatching(/^The tide/), 'support', 'core', 'Print']);
    expect(screen.getByRole('link', { name: 'Print The tide' }).getAttribute('href')).toBe('/sheets/b/print?levels=1');
    expect(screen.getByText(/exit tickets, 1 question, Terns, changed Wed 25 November/)).toBeTruthy();
  });

  it('is searched by title, by what it is about, by class; the address keeps it', async () => {
    await page('/sheets?class=any');
    await userEvent.type(screen.getByRole('searchbox'), 'LAMP');
    expect(rows()).toEqual(['Lamp log']);
    expect(screen.getByTestId('where').textContent).toBe('/sheets?class=any&find=LAMP');
    await userEvent.clear(screen.getByRole('searchbox'));
    // only what some sheet is about is offered
    const about = screen.getByLabelText('Skill');
    expect(within(about).getAllByRole('option')).toHaveLength(3);
    await userEvent.selectOptions(about, 'I can across-noon.');
    expect(rows()).toEqual(['The ferry']);
    await userEvent.selectOptions(about, 'any skill');
    await userEvent.selectOptions(screen.getByLabelText('Class'), 'Terns');
    expect(rows()).toEqual(['The tide', 'Lamp log']);
    await userEvent.type(screen.getByRole('searchbox'), 'ferry');
    expect(screen.getByText(/No sheet here is like that/)).toBeTruthy();
    await press('Show all');
    expect(rows()).toHaveLength(3);
  });

  it('finds a copy by its code, and leads to the key of it', async () => {
    await page();
    await userEvent.type(screen.getByRole('searchbox'), 'k7qm');
    const key = await screen.findByRole('link', { name: 'its key' });
    expect(key.getAttribute('href')).toBe('/sheets/a/print?set=s&code=K7QM&part=key');
    expect(key.parentElement?.textContent).toContain('of Anouk');
    // what cannot be a code is not asked for
    asked.mockClear();
    await userEvent.type(screen.getByRole('searchbox'), 'x!');
    await new Promise((resolve) => setTimeout(resolve, 300));
    expect(asked.mock.calls.filter(([, path]) => path.startsWith('/api/codes'))).toEqual([]);
  });

  it('shows the archive, from which a sheet is put back', async () => {
    await page('/sheets?in=archive');
    expect(rows()).toEqual(['Old drill']);
    await pressMore('Old drill', 'Put back');
    expect(sent()).toEqual(['DELETE /api/sheets/e/archive']);
  });

  it('does to all levels together what is done to one of them, and undoes it for all', async () => {
    await page();
    await pressMore('The tide', 'Duplicate');
    await pressMore('The tide', 'Archive');
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => {
      expect(rows()).toEqual(['The ferry', 'The tide']);
    });
    await pressMore('The tide', 'Delete');
    expect(await screen.findByText('“The tide” is deleted.')).toBeTruthy();
    // in its place, and one goes on from there by keyboard
    const undo = screen.getByRole('button', { name: 'Undo' });
    await waitFor(() => {
      expect(document.activeElement).toBe(undo);
    });
    await userEvent.click(undo);
    await waitFor(() => {
      expect(sent()).toEqual([
        'POST /api/sheets/b/duplicate?levels=1',
        'PUT /api/sheets/b/archive?levels=1',
        'DELETE /api/sheets/b/archive?levels=1',
        'DELETE /api/sheets/b?levels=1',
        'POST /api/sheets/b/restore',
      ]);
    });
  });

  it('begins a sheet and goes to it', async () => {
    await page();
    await press('New sheet');
    await waitFor(() => {
      expect(screen.getByTestId('where').textContent).toBe('/prepare?sheet=new');
    });
  });

  it('takes a list whole or not at all, and says which lines are in the way', async () => {
    const faults = Array.from({ length: 10 }, (_, i) => ({ line: i + 2, message: `“bana${i}” was not understood.` }));
    await page('/sheets', { title: '', questions: [], faults });
    await press('Import a list');
    const dialog = screen.getByRole('dialog');
    const field = within(dialog).getByRole('textbox');
    await userEvent.click(within(dialog).getByRole('button', { name: 'Make a sheet of it' }));
    expect(sent()).toEqual([]);
    await userEvent.type(field, 'bananas');
    await userEvent.click(within(dialog).getByRole('button', { name: 'Make a sheet of it' }));
    expect((await within(dialog).findByRole('alert')).textContent).toContain('Line 2: “bana0” was not understood.');
    expect(within(dialog).getByText('and 2 more lines')).toBeTruthy();
    expect(sent()).toEqual(['POST /api/sheets/read']);
    // the list stays, to be mended; once it is touched the complaint goes
    await userEvent.type(field, '!');
    expect(within(dialog).queryByRole('alert')).toBeNull();
    expect((field as HTMLTextAreaElement).value).toBe('bananas!');
  });

  it('makes a sheet of a list that is right, with its words and its challenge', async () => {
    await page('/sheets', {
      title: 'Seal count',
      questions: [{ ...textOf('1 h + 2 h'), wording: 'How long are both?', challenge: true }],
      faults: [],
    });
    await press('Import a list');
    const dialog = screen.getByRole('dialog');
    const text = '1 h + 2 h | How long are both?';
    // a file in tests has no contents to read
    const file = Object.assign(new File([text], 'seals.txt', { type: 'text/plain' }), {
      text: () => Promise.resolve(text),
    });
    await userEvent.upload(within(dialog).getByLabelText(/or a file/), file);
    await waitFor(() => {
      expect(within(dialog).getByRole<HTMLTextAreaElement>('textbox').value).toContain('How long are both?');
    });
    await userEvent.click(within(dialog).getByRole('button', { name: 'Make a sheet of it' }));
    await waitFor(() => {
      expect(screen.getByTestId('where').textContent).toBe('/prepare?sheet=new');
    });
    expect(asked.mock.calls.find(([method, path]) => method === 'POST' && path === '/api/sheets')?.[2]).toMatchObject({
      title: 'Seal count',
      questions: [{ text: { sum: '1 h + 2 h', wording: 'How long are both?', challenge: true } }],
    });
  });
});
