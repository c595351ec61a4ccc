import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Refused } from '../api/client';
import type { SheetReply } from '../api/types';
import { newQuestion, plainSettings, textOf, type Draft } from './draft';
import { SheetKeeper } from './keeper';

const question = (id: string, sum: string) => ({ ...newQuestion(textOf(sum), { answer: 'x' }), id });
const sheet: SheetReply = {
  id: 's',
  version: 1,
  title: 'Tide',
  questions: [question('a', '1 h + 2 h')],
  settings: plainSettings,
  classId: null,
  levels: [],
  archived: false,
};

class Shelf {
  readonly texts = new Map<string, string>();
  /** Whether it takes anything more. */
  full = false;
  keep = (key: string, value: string) => {
    if (!this.full) {
      this.texts.set(key, value);
    }
    return !this.full;
  };
  kept = (key: string) => this.texts.get(key) ?? null;
  forget = (key: string) => void this.texts.delete(key);
}

const problem = { status: 0, code: '', detail: '', at: null, example: null };
const rename = (title: string) => (draft: Draft) => ({ ...draft, title });

describe('the keeper of a sheet', () => {
  let shelf: Shelf;
  beforeEach(() => {
    vi.useFakeTimers();
    shelf = new Shelf();
  });

  const saves = (version: number, draft: Draft): SheetReply => ({
    ...draft,
    id: 's',
    version: version + 1,
    levels: [],
    archived: false,
  });

  it('shows a change at once and sends several of them as one', async () => {
    const send = vi.fn((_: string, version: number, draft: Draft) => Promise.resolve(saves(version, draft)));
    const keeper = new SheetKeeper(sheet, shelf, send);
    keeper.change(rename('T'));
    keeper.change(rename('Ti'));
    expect(keeper.snapshot()).toMatchObject({ saving: 'saving', draft: { title: 'Ti' } });
    await vi.runAllTimersAsync();
    expect(send).toHaveBeenCalledTimes(1);
    expect(send).toHaveBeenCalledWith('s', 1, expect.objectContaining({ title: 'Ti' }));
    expect(keeper.snapshot().saving).toBe('saved');
    expect(shelf.texts.size).toBe(0);
    keeper.change(rename('Tide'));
    await vi.runAllTimersAsync();
    expect(send).toHaveBeenLastCalledWith('s', 2, expect.objectContaining({ title: 'Tide' }));
  });

  it('keeps what is typed while a save is under way', async () => {
    let done: (reply: SheetReply) => void = () => undefined;
    const send = vi.fn((_: string, version: number, draft: Draft) =>
      version === 1 ? new Promise<SheetReply>((resolve) => (done = resolve)) : Promise.resolve(saves(version, draft)),
    );
    const keeper = new SheetKeeper(sheet, shelf, send);
    keeper.change(rename('One'));
    await vi.advanceTimersByTimeAsync(400);
    keeper.change(rename('Two'));
    done({ ...sheet, version: 2, title: 'One' });
    await vi.runAllTimersAsync();
    expect(keeper.snapshot().draft.title).toBe('Two');
    expect(send).toHaveBeenLastCalledWith('s', 2, expect.objectContaining({ title: 'Two' }));
    expect(keeper.snapshot().saving).toBe('saved');
  });

  it('tries again until the connection is back, and keeps the draft in the browser meanwhile', async () => {
    let tries = 0;
    const keeper = new SheetKeeper(sheet, shelf, (_, version, draft) => {
      tries += 1;
      return tries < 3 ? Promise.reject(new Refused(0, problem)) : Promise.resolve(saves(version, draft));
    });
    keeper.change(rename('Kept'));
    await vi.advanceTimersByTimeAsync(500);
    expect(keeper.snapshot().saving).toBe('waiting');
    expect([...shelf.texts.values()].join()).toContain('Kept');
    await vi.advanceTimersByTimeAsync(7000);
    expect(tries).toBe(3);
    expect(keeper.snapshot().saving).toBe('saved');
  });

  it('takes up what a closed window had not sent', async () => {
    const lost = new SheetKeeper(sheet, shelf, () => new Promise(() => undefined));
    lost.change(rename('From before'));
    const send = vi.fn((_: string, version: number, draft: Draft) => Promise.resolve(saves(version, draft)));
    const keeper = new SheetKeeper(sheet, shelf, send);
    expect(keeper.snapshot().draft.title).toBe('From before');
    await vi.runAllTimersAsync();
    expect(send).toHaveBeenCalledTimes(1);
  });

  const conflict = (theirs: SheetReply) => new Refused(409, { ...problem, status: 409, sheet: theirs });

  it('stops where another window was faster, and puts both together', async () => {
    const theirs = { ...sheet, version: 5, title: 'Theirs', questions: [question('b', '3 h + 4 h')] };
    const send = vi.fn((_: string, version: number, draft: Draft) =>
      version === 5 ? Promise.resolve(saves(version, draft)) : Promise.reject(conflict(theirs)),
    );
    const keeper = new SheetKeeper(sheet, shelf, send);
    keeper.change((draft) => ({ ...draft, questions: [...draft.questions, question('c', '5 h + 6 h')] }));
    await vi.runAllTimersAsync();
    expect(keeper.snapshot()).toMatchObject({ saving: 'conflict', theirs: { title: 'Theirs' } });
    keeper.change(rename('typed on'));
    await vi.runAllTimersAsync();
    expect(send).toHaveBeenCalledTimes(1);
    keeper.putTogether();
    await vi.runAllTimersAsync();
    // a was taken off there and left alone here
    expect(keeper.snapshot().draft.questions.map((one) => one.id)).toEqual(['b', 'c']);
    expect(keeper.snapshot().draft.title).toBe('typed on');
    expect(keeper.snapshot().saving).toBe('saved');
  });

  it('knows its own change again when only the reply was lost', async () => {
    const keeper = new SheetKeeper(sheet, shelf, () =>
      Promise.reject(conflict({ ...sheet, version: 2, title: 'Mine' })),
    );
    keeper.change(rename('Mine'));
    await vi.runAllTimersAsync();
    expect(keeper.snapshot()).toMatchObject({ saving: 'saved', theirs: null });
  });

  it('goes on where its own change had arrived, and typing went on', async () => {
    const lost: Draft[] = [];
    const send = vi.fn((_: string, version: number, draft: Draft) => {
      if (lost.length === 0) {
        // it arrives, and the reply does not come back
        lost.push(draft);
        return Promise.reject(new Refused(0, problem));
      }
      return version === 1
        ? Promise.reject(conflict({ ...sheet, ...lost[0], version: 2 }))
        : Promise.resolve(saves(version, draft));
    });
    const keeper = new SheetKeeper(sheet, shelf, send);
    keeper.change(rename('Seals'));
    await vi.advanceTimersByTimeAsync(500);
    keeper.change(rename('Seals and terns'));
    await vi.runAllTimersAsync();
    expect(send).toHaveBeenLastCalledWith('s', 2, expect.objectContaining({ title: 'Seals and terns' }));
    expect(keeper.snapshot()).toMatchObject({ saving: 'saved', draft: { title: 'Seals and terns' } });
  });

  it('keeps what the change was made from, so that a window opened anew can put both together', async () => {
    const theirs = { ...sheet, version: 5, questions: [question('a', '1 h + 9 h'), question('b', '3 h + 4 h')] };
    const never = new SheetKeeper(sheet, shelf, () => new Promise(() => undefined));
    never.change((draft) => ({ ...draft, title: 'Mine' }));
    const keeper = new SheetKeeper(theirs, shelf, (_, version, draft) =>
      version === 5 ? Promise.resolve(saves(version, draft)) : Promise.reject(conflict(theirs)),
    );
    await vi.runAllTimersAsync();
    expect(keeper.snapshot().saving).toBe('conflict');
    keeper.putTogether();
    await vi.runAllTimersAsync();
    expect(keeper.snapshot().draft.title).toBe('Mine');
    expect(keeper.snapshot().draft.questions.map((one) => one.text.sum)).toEqual(['1 h + 9 h', '3 h + 4 h']);
  });

  it('takes up what a window of an earlier release kept', async () => {
    const { text, ...others } = question('a', '1 h + 7 h');
    const older = { title: 'Tide', questions: [{ ...others, ...text, wording: 'How long?' }], settings: plainSettings };
    shelf.texts.set('rostik.unsaved.s', JSON.stringify({ version: 1, draft: older, base: older }));
    const sent: Draft[] = [];
    new SheetKeeper(sheet, shelf, (_, version, draft) => {
      sent.push(draft);
      return Promise.resolve(saves(version, draft));
    });
    await vi.runAllTimersAsync();
    expect(sent[0]?.questions).toEqual([{ ...others, text: { ...textOf('1 h + 7 h'), wording: 'How long?' } }]);
  });

  it('takes theirs where that is wanted, and says when the sheet is gone', async () => {
    const theirs = { ...sheet, version: 5, title: 'Theirs' };
    let failure = conflict(theirs);
    const keeper = new SheetKeeper(sheet, shelf, () => Promise.reject(failure));
    keeper.change(rename('Mine'));
    await vi.runAllTimersAsync();
    keeper.takeTheirs();
    expect(keeper.snapshot()).toMatchObject({ saving: 'saved', draft: { title: 'Theirs' }, theirs: null });
    expect(shelf.texts.size).toBe(0);
    failure = new Refused(404, { ...problem, status: 404 });
    keeper.change(rename('Mine again'));
    await vi.runAllTimersAsync();
    expect(keeper.snapshot().saving).toBe('gone');
    expect([...shelf.texts.values()].join()).toContain('Mine again');
  });

  it('loses nothing where the browser has no room, and says so until it is saved', async () => {
    shelf.full = true;
    const send = vi.fn((_: string, version: number, draft: Draft) => Promise.resolve(saves(version, draft)));
    const keeper = new SheetKeeper(sheet, shelf, send);
    keeper.change(rename('No room'));
    expect(keeper.snapshot()).toMatchObject({ saving: 'saving', outlives: false, draft: { title: 'No room' } });
    await vi.runAllTimersAsync();
    expect(send).toHaveBeenCalledWith('s', 1, expect.objectContaining({ title: 'No room' }));
    expect(keeper.snapshot()).toMatchObject({ saving: 'saved', outlives: true, draft: { title: 'No room' } });
  });

  it('waits for somebody to sign in again, and saves then', async () => {
    let signedIn = false;
    const send = vi.fn((_: string, version: number, draft: Draft) =>
      signedIn
        ? Promise.resolve(saves(version, draft))
        : Promise.reject(new Refused(401, { ...problem, status: 401, code: 'sign-in-first' })),
    );
    const keeper = new SheetKeeper(sheet, shelf, send);
    keeper.change(rename('Away'));
    await vi.runAllTimersAsync();
    expect(keeper.snapshot()).toMatchObject({ saving: 'signed-out', draft: { title: 'Away' } });
    expect(send).toHaveBeenCalledTimes(1);
    signedIn = true;
    keeper.flush();
    await vi.runAllTimersAsync();
    expect(keeper.snapshot()).toMatchObject({ saving: 'saved', draft: { title: 'Away' } });
  });
});
