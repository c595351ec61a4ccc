// @vitest-environment jsdom
import { cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { Refused } from '../api/client';
import type { ClassReply, ClassRequest, RungReply } from '../api/types';
import { child, classOf } from '../testing/classes';
import { show, silentServer } from '../testing/show';
import { Classes } from './Classes';
import { usualStyle } from './styles';

const rungs: RungReply[] = ['add-plain', 'add-regroup'].map((id) => ({
  id,
  can: `I can ${id}.`,
  strand: 'lengths',
  short: id,
  mistakes: [],
  told: false,
  read: false,
}));
const kittiwakes = classOf('k', 'Kittiwakes', {
  children: [child('Anouk'), child('Bram')],
  taught: ['add-plain'],
  inHand: true,
});

describe('the classes of a teacher', () => {
  const asked = silentServer();
  /** A server that has these classes, and refuses to write where `refusing`. */
  const page = (classes: ClassReply[], refusing: Refused | null = null) => {
    const shelf = new Map(classes.map((one) => [one.id, one]));
    asked.mockImplementation((method, path, body) => {
      const id = path.split('/')[3] ?? '';
      if (method !== 'GET' && refusing) {
        return Promise.reject(refusing);
      }
      if (method === 'PUT') {
        const saved = { ...classOf(id, ''), ...shelf.get(id), ...(body as ClassRequest) };
        shelf.set(id, saved);
        return Promise.resolve(saved);
      }
      if (method === 'DELETE') {
        shelf.delete(id);
        return Promise.resolve(null);
      }
      if (path === '/api/deleted/class/k/restore') {
        shelf.set('k', kittiwakes);
        return Promise.resolve(null);
      }
      return Promise.resolve(path === '/api/rungs' ? rungs : [...shelf.values()]);
    });
    show(<Classes />);
    return shelf;
  };
  const name = () => screen.findByLabelText<HTMLInputElement>('Name of the class');
  const names = () => screen.getByLabelText<HTMLTextAreaElement>(/^Children/);
  const press = (text: string) => userEvent.click(screen.getByRole('button', { name: text }));

  it('are written down: names by lines or commas, and what has been taught, in the order of the ladder', async () => {
    const shelf = page([kittiwakes]);
    await name();
    await userEvent.clear(names());
    await userEvent.type(names(), 'Anouk, Cleo;  Dovid\n\nEsme');
    expect(screen.getByText(/^4 children/)).toBeTruthy();
    await userEvent.click(await screen.findByLabelText('I can add-regroup.'));
    await press('Save');
    await userEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Save' }));
    await waitFor(() => {
      expect(shelf.get('k')).toMatchObject({ name: 'Kittiwakes', taught: ['add-plain', 'add-regroup'] });
      expect(shelf.get('k')?.children.map((one) => one.name)).toEqual(['Anouk', 'Cleo', 'Dovid', 'Esme']);
      expect(shelf.get('k')?.children[0]).toEqual(child('Anouk'));
    });
    expect((await screen.findAllByText('Kittiwakes is saved.')).length).toBeGreaterThan(0);
    expect(window.localStorage.length).toBe(0);
  });

  it('send nothing that has not changed', async () => {
    page([kittiwakes]);
    await name();
    await press('Save');
    expect(asked.mock.calls.filter(([method]) => method === 'PUT')).toEqual([]);
  });

  it('keep what is typed when it cannot be saved, and say why', async () => {
    page([kittiwakes], new Refused(422, { status: 422, code: 'x', detail: 'Too many.', at: null, example: null }));
    await userEvent.type(await name(), ' and Terns');
    await press('Save');
    expect((await screen.findAllByText('Too many.')).length).toBeGreaterThan(0);
    expect((await name()).value).toBe('Kittiwakes and Terns');
    cleanup();
    page([kittiwakes]);
    expect((await name()).value).toBe('Kittiwakes and Terns');
  });

  it('begin with a new one, which is there again when the tab was closed before it was saved', async () => {
    page([kittiwakes]);
    await name();
    await press('New class');
    await userEvent.type(await name(), 'Terns');
    await userEvent.type(names(), 'Farid');
    cleanup();
    const shelf = page([kittiwakes]);
    // the class that is saved comes first; the other is one tap away, and is gone on with rather than begun again
    expect((await name()).value).toBe('Kittiwakes');
    await userEvent.click(screen.getByRole('button', { name: 'Not saved yet' }));
    expect([(await name()).value, names().value]).toEqual(['Terns', 'Farid']);
    await press('New class');
    expect((await name()).value).toBe('Terns');
    await press('Save');
    await waitFor(() => {
      expect([...shelf.values()].map((one) => one.name)).toEqual(['Kittiwakes', 'Terns']);
    });
    await waitFor(() => {
      expect(window.localStorage.length).toBe(0);
    });
  });

  it('that were begun and not saved go without a trace', async () => {
    page([]);
    await press('New class');
    await userEvent.type(names(), 'Farid');
    await press('Cancel');
    expect(await screen.findByText(/^No class yet/)).toBeTruthy();
    expect(window.localStorage.length).toBe(0);
  });

  it('are deleted with all that was written, and brought back', async () => {
    const shelf = page([kittiwakes]);
    await userEvent.type(await name(), '!');
    expect(window.localStorage.length).toBe(1);
    await press('Delete this class…');
    // one press takes nothing away, nor does another name
    expect(screen.getByRole('dialog').textContent).toContain('its papers and their marks');
    expect(screen.getByRole('dialog').textContent).toContain('For 30 days it can be brought back');
    await userEvent.type(screen.getByLabelText('Type the name of the class'), 'terns');
    await press('Delete');
    expect(shelf.size).toBe(1);
    expect(screen.getByRole('dialog')).toBeTruthy();
    await userEvent.clear(screen.getByLabelText('Type the name of the class'));
    await userEvent.type(screen.getByLabelText('Type the name of the class'), ' kittiwakes ');
    await press('Delete');
    expect(await screen.findByText(/^No class yet/)).toBeTruthy();
    // no child's name stays behind in the browser
    expect(window.localStorage.length).toBe(0);
    expect(shelf.size).toBe(0);
    await press('Undo');
    expect((await name()).value).toBe('Kittiwakes');
    expect(shelf.get('k')).toEqual(kittiwakes);
  });

  it('say what goes with a child that leaves, before it is saved', async () => {
    const shelf = page([kittiwakes]);
    await name();
    await userEvent.clear(names());
    await userEvent.type(names(), 'Anouk');
    await press('Save');
    expect(screen.getByRole('dialog').textContent).toContain('Bram: papers, answers and what was seen');
    await press('Keep');
    expect([names().value, shelf.get('k')?.children.length]).toEqual(['Anouk', 2]);
    await press('Save');
    await userEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Save' }));
    await waitFor(() => {
      expect(shelf.get('k')?.children).toEqual([child('Anouk')]);
    });
  });

  it('have a way of writing of their own, with an example that follows', async () => {
    const shelf = page([kittiwakes]);
    await name();
    await userEvent.selectOptions(screen.getByLabelText('a.m. or p.m.'), 'am and pm');
    await userEvent.selectOptions(screen.getByLabelText('Hours and minutes'), '1.50');
    await userEvent.selectOptions(screen.getByLabelText('Regrouping in columns'), 'turn 105 min into 1 h 45');
    expect(asked.mock.calls.filter(([, path]) => path === '/api/work').at(-1)?.[2]).toMatchObject({
      style: { halves: 'am', separator: '.', converts: true },
    });
    await userEvent.selectOptions(screen.getByLabelText('Clock'), '24-hour clock');
    expect(screen.queryByLabelText('a.m. or p.m.')).toBeNull();
    await userEvent.selectOptions(screen.getByLabelText('Hours before ten'), '9:20');
    await press('Save');
    await waitFor(() => {
      expect(shelf.get('k')?.style).toEqual({
        ...usualStyle,
        halves: 'am',
        separator: '.',
        converts: true,
        always24: true,
        leadingNought: false,
      });
    });
  });

  it('have a week of their own', async () => {
    const shelf = page([kittiwakes]);
    await name();
    await userEvent.selectOptions(screen.getByLabelText('Weekend'), 'Friday, Saturday');
    await userEvent.selectOptions(screen.getByLabelText('The week begins on'), 'Sunday');
    await press('Save');
    await waitFor(() => {
      expect(shelf.get('k')).toMatchObject({ weekend: 'friday-saturday', weekBegins: 'sunday' });
    });
  });

  it('say what becomes of the names', async () => {
    page([kittiwakes]);
    await name();
    expect(screen.getByText(/First names, initials or numbers/).textContent).toContain('until you delete them');
  });
});
