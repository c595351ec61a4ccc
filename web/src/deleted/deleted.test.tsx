// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { DeletedReply } from '../api/types';
import { show, silentServer } from '../testing/show';
import { Deleted } from './Deleted';

const gone = (
  kind: DeletedReply['kind'],
  id: string,
  name: string,
  more: Partial<DeletedReply> = {},
): DeletedReply => ({
  kind,
  id,
  name,
  with: '',
  className: '',
  at: '2026-11-28T10:00:00+00:00',
  until: '2026-12-28',
  ...more,
});

describe('what was deleted', () => {
  const asked = silentServer();
  const page = () => {
    const left = [
      gone('sheet', 's', 'Tide', { with: 'support, core', className: 'Kittiwakes' }),
      gone('class', 'k', 'Terns', { with: '4 children, its plan, papers and practices' }),
    ];
    asked.mockImplementation((method, path) => {
      if (method !== 'GET') {
        left.splice(
          left.findIndex((one) => path.includes(`/${one.kind}/${one.id}`)),
          1,
        );
        return Promise.resolve(null);
      }
      return Promise.resolve(path === '/api/deleted' ? [...left] : null);
    });
    show(<Deleted />);
  };
  const sent = () =>
    asked.mock.calls.filter(([method]) => method !== 'GET').map(([method, path]) => `${method} ${path}`);
  const press = async (text: string) => userEvent.click(await screen.findByRole('button', { name: text }));

  it('says what each is and until when, and brings it back', async () => {
    page();
    expect((await screen.findByText('Tide')).parentElement?.textContent).toBe(
      'Tidesheet · support, core · Kittiwakesdeleted Sat 28 November, goes for good Mon 28 December',
    );
    await press('Bring back Tide, sheet');
    await waitFor(() => {
      expect(screen.queryByText('Tide')).toBeNull();
    });
    expect(sent()).toEqual(['POST /api/deleted/sheet/s/restore']);
  });

  it('shows one kind where that is wanted', async () => {
    page();
    await screen.findByText('Tide');
    await userEvent.selectOptions(screen.getByLabelText('Show'), 'Classes');
    expect([screen.queryByText('Tide'), screen.queryByText('Terns') === null]).toEqual([null, false]);
    await userEvent.selectOptions(screen.getByLabelText('Show'), 'Piles');
    expect(screen.getByText('Nothing has been deleted lately.')).toBeTruthy();
  });

  it('asks before anything goes for good, and for the name of a class', async () => {
    page();
    await press('Delete Terns for good, class');
    const dialog = screen.getByRole('dialog');
    expect(dialog.textContent).toContain('It cannot be brought back.');
    await userEvent.click(within(dialog).getByRole('button', { name: 'Delete for good' }));
    expect(sent()).toEqual([]);
    await userEvent.type(within(dialog).getByLabelText('Type Terns'), 'terns');
    await userEvent.click(within(dialog).getByRole('button', { name: 'Delete for good' }));
    await press('Delete Tide for good, sheet');
    await userEvent.click(screen.getByRole('button', { name: 'Delete for good' }));
    await waitFor(() => {
      expect(sent()).toEqual(['DELETE /api/deleted/class/k', 'DELETE /api/deleted/sheet/s']);
    });
  });
});
