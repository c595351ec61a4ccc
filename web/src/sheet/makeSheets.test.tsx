// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useLocation } from 'react-router';
import { describe, expect, it } from 'vitest';
import { Refused } from '../api/client';
import type { ClassReply, MadeSheetsReply, RungReply } from '../api/types';
import { classOf } from '../testing/classes';
import { show, silentServer } from '../testing/show';
import { newQuestion, plainSettings, textOf } from './draft';
import { MakeSheets } from './MakeSheets';

const rung = (id: string, can: string, mistakes: string[]): RungReply => ({
  id,
  can,
  strand: 'lengths',
  short: id,
  told: false,
  read: false,
  mistakes: mistakes.map((one) => ({ id: one, may: `may ${one}` })),
});
const rungs = [
  rung('add-regroup', 'I can regroup.', ['drops-the-carry', 'hundred-minutes']),
  rung('across-noon', 'I can cross noon.', ['keeps-am-pm']),
];
const classes: ClassReply[] = [
  classOf('k', 'Kittiwakes', { taught: ['add-regroup'], inHand: true }),
  classOf('t', 'Terns'),
];
const made: MadeSheetsReply = {
  sheets: ['one', 'two'].map((id) => ({
    id,
    version: 1,
    title: 'The tide',
    questions: [newQuestion(textOf('1 h + 2 h'))],
    settings: plainSettings,
    classId: null,
    levels: [],
    archived: false,
  })),
  shortages: ['“I can regroup.” has only 4 different questions.'],
};

function Where() {
  const { pathname, search } = useLocation();
  return <p data-testid="where">{pathname + search}</p>;
}

describe('making sheets', () => {
  const asked = silentServer();
  const page = async (answer: () => Promise<MadeSheetsReply> = () => Promise.resolve(made)) => {
    asked.mockImplementation((_, path) =>
      path === '/api/rungs'
        ? Promise.resolve(rungs)
        : path === '/api/classes'
          ? Promise.resolve(classes)
          : path === '/api/sheets/make'
            ? answer()
            : new Promise(() => undefined),
    );
    const shown = show(
      <>
        <MakeSheets />
        <Where />
      </>,
      '/sheets/make',
    );
    await screen.findByText('I can regroup.');
    return shown;
  };
  const press = (name: RegExp | string) => userEvent.click(screen.getByRole('button', { name }));
  const sent = () => asked.mock.calls.filter(([, path]) => path === '/api/sheets/make').map(([, , body]) => body);

  it('asks for what it is about first, and sends nothing before', async () => {
    await page();
    expect(screen.getByText('Choose a skill.')).toBeTruthy();
    await press('Make 3 sheets');
    expect(sent()).toEqual([]);
    // what has not been taught says so, in the class that comes first
    expect(screen.getByText('not yet taught').parentElement?.textContent).toContain('I can cross noon.');
  });

  it('takes six of an aim, keeps the shares when the total changes, and says them in hundredths', async () => {
    await page();
    await press('More: I can regroup.');
    expect(screen.getByLabelText<HTMLInputElement>('Questions in all').value).toBe('6');
    await press('More: I can cross noon.');
    await press('More: I can regroup. 6 now');
    await press('Fewer: I can regroup.');
    expect(screen.getAllByText('50 %')).toHaveLength(2);
    await press('More: I can cross noon. 6 now');
    await press('More: I can cross noon. 7 now');
    await press('Fewer: I can regroup.');
    await press('Fewer: I can regroup.');
    expect(screen.getByText('33 %').parentElement?.textContent).toContain('I can regroup.');
    const total = screen.getByLabelText('Questions in all');
    await userEvent.clear(total);
    // on the way to 24 it is nothing, and 2: neither undoes the shares
    await userEvent.type(total, '24');
    await userEvent.tab();
    await press('Make 3 sheets');
    expect(sent()[0]).toMatchObject({
      aims: [
        { rung: 'add-regroup', count: 8 },
        { rung: 'across-noon', count: 16 },
      ],
    });
  });

  it('sends all that was chosen, goes to the first sheet, and forgets the form', async () => {
    const { unmount } = await page();
    await userEvent.type(screen.getByLabelText('Title'), 'The tide');
    await press('More: I can cross noon.');
    await userEvent.click(screen.getByLabelText(/^Stretch/));
    await userEvent.click(screen.getByText('Numbers'));
    await userEvent.click(within(screen.getByLabelText('Regroup')).getByText('must not'));
    await userEvent.click(within(screen.getByLabelText('Unknown')).getByText('start'));
    expect(screen.getByText('regroup: must not, unknown: start')).toBeTruthy();
    await userEvent.click(screen.getByLabelText('may keeps-am-pm'));
    await userEvent.click(screen.getByLabelText('A challenge at the end'));
    await userEvent.selectOptions(screen.getByLabelText('Class'), 'Terns');
    await press('Make 2 sheets');
    await waitFor(() => {
      expect(screen.getByTestId('where').textContent).toBe('/prepare?sheet=one&sum=1+h+%2B+2+h');
    });
    expect(sent()[0]).toMatchObject({
      title: 'The tide',
      aims: [{ rung: 'across-noon', count: 6 }],
      levels: ['support', 'core'],
      fives: null,
      regroups: false,
      unknown: 'start',
      mistakes: ['keeps-am-pm'],
      challenge: true,
      layout: 'page',
      classId: 't',
    });
    expect(screen.getAllByText(/2 sheets are made\. .*only 4 different questions/).length).toBeGreaterThan(0);
    unmount();
    await page();
    expect(screen.getByLabelText<HTMLInputElement>('Title').value).toBe('');
  });

  it('has room for three on an exit ticket, at one level, without a challenge', async () => {
    await page();
    await userEvent.click(screen.getByLabelText('A challenge at the end'));
    await userEvent.click(screen.getByText('Exit ticket'));
    expect(screen.queryByLabelText('A challenge at the end')).toBeNull();
    await press('More: I can regroup.');
    await press('More: I can cross noon.');
    expect(screen.getByRole('status', { name: '' }).textContent).toContain('only the first 3 are printed');
    await press('Make the sheet');
    expect(sent()[0]).toMatchObject({ layout: 'tickets', levels: ['core'], challenge: false });
  });

  it('sends only mistakes that can show in what the sheet is about', async () => {
    await page();
    expect(screen.getByText('choose a skill first')).toBeTruthy();
    await press('More: I can regroup.');
    await userEvent.click(screen.getByLabelText('may drops-the-carry'));
    expect(screen.getByText('1 of 2')).toBeTruthy();
    await press('More: I can cross noon.');
    await userEvent.click(screen.getByLabelText('may keeps-am-pm'));
    for (let i = 0; i < 6; i += 1) {
      await press('Fewer: I can regroup.');
    }
    await press('Make 3 sheets');
    expect(sent()[0]).toMatchObject({ mistakes: ['keeps-am-pm'] });
  });

  it('keeps what was chosen when it cannot be sent, and when the tab is closed', async () => {
    const offline = new Refused(0, { status: 0, code: 'offline', detail: 'No connection.', at: null, example: null });
    const { unmount } = await page(() => Promise.reject(offline));
    await userEvent.type(screen.getByLabelText('Title'), 'The tide');
    await press('More: I can regroup.');
    await press('Make 3 sheets');
    expect((await screen.findAllByText('No connection.')).length).toBeGreaterThan(0);
    expect(screen.getByTestId('where').textContent).toBe('/sheets/make');
    unmount();
    await page();
    expect(screen.getByLabelText<HTMLInputElement>('Title').value).toBe('The tide');
    expect(screen.getByLabelText<HTMLInputElement>('Questions in all').value).toBe('6');
  });
});
