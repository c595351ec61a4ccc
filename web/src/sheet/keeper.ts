import { askOnce, Refused } from '../api/client';
import type { BrowserStore } from '../ui/browserStore';
import type { SheetLevelReply, SheetReply } from '../api/types';
import { draftOf, sameContent, type Draft } from './draft';
import { nothing, putTogether } from './merge';
import { asKeptNow } from './olderDraft';

export type Saving = 'saved' | 'saving' | 'waiting' | 'signed-out' | 'conflict' | 'gone';

export interface KeeperState {
  draft: Draft;
  saving: Saving;
  /** Whether what is not saved yet would outlive the tab: false where this browser keeps nothing. */
  outlives: boolean;
  /** The sheet as another window left it, while there is something to decide. */
  theirs: SheetReply | null;
}

interface Kept {
  version: number;
  draft: Draft;
  /** As it was before the changes that are not sent yet; older windows kept none. */
  base?: Draft;
}

type Send = (id: string, version: number, draft: Draft) => Promise<SheetReply>;

const put: Send = (id, version, draft) =>
  askOnce<SheetReply>('PUT', `/api/sheets/${id}`, {
    version,
    title: draft.title,
    questions: draft.questions.map(({ id: key, text, locked }) => ({ id: key, text, locked })),
    settings: draft.settings,
    classId: draft.classId,
  });

/**
 * Keeps one sheet: what is on the screen changes at once, is kept in this browser, and is sent a moment later. One save
 * is under way at a time. Without a connection it tries again until it is through; where another window was faster it
 * stops and lets the teacher decide.
 */
export class SheetKeeper {
  private version: number;
  private state: KeeperState;
  /** The sheet as the server last had it from here or sent it. */
  private base: Draft;
  /** What was sent without an answer coming back: it may have arrived. */
  private unanswered: Draft[] = [];
  private timer: ReturnType<typeof setTimeout> | undefined;
  private sending = false;
  private edits = 0;
  private readonly listeners = new Set<() => void>();

  constructor(
    private readonly sheet: SheetReply,
    private readonly store: BrowserStore,
    private readonly send: Send = put,
    private readonly pause = 400,
  ) {
    this.version = sheet.version;
    this.base = draftOf(sheet);
    this.state = { draft: this.base, saving: 'saved', outlives: true, theirs: null };
    const kept = this.kept();
    if (kept) {
      // the window was closed before this was saved
      this.version = kept.version;
      this.base = kept.base ?? nothing;
      this.change(() => kept.draft);
    }
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
    };
  };

  readonly snapshot = (): KeeperState => this.state;

  /** The sheets that were made together with it, itself among them. */
  get levels(): readonly SheetLevelReply[] {
    return this.sheet.levels;
  }

  get id(): string {
    return this.sheet.id;
  }

  change(edit: (draft: Draft) => Draft): void {
    const draft = edit(this.state.draft);
    if (draft === this.state.draft) {
      return;
    }
    this.edits += 1;
    // the screen first: a full store must not swallow what was typed
    this.show({ draft, saving: this.state.saving === 'saved' ? 'saving' : this.state.saving });
    this.later(this.pause);
    this.keep(draft);
  }

  /** What was changed here and what was changed there: nothing of either is lost. */
  putTogether(): void {
    const { theirs, draft } = this.state;
    if (!theirs) {
      return;
    }
    const together = putTogether(this.base, draft, theirs);
    this.version = theirs.version;
    this.base = draftOf(theirs);
    this.show({ theirs: null, saving: 'saving' });
    this.change(() => together);
  }

  takeTheirs(): void {
    const { theirs } = this.state;
    if (theirs) {
      this.adopt(theirs);
    }
  }

  /** Sends at once what is not yet sent. */
  readonly flush = (): void => {
    if (this.state.saving === 'saving' || this.state.saving === 'waiting' || this.state.saving === 'signed-out') {
      this.later(0);
    }
  };

  private get key(): string {
    return `rostik.unsaved.${this.sheet.id}`;
  }

  private kept(): Kept | null {
    const text = this.store.kept(this.key);
    try {
      const kept = text === null ? null : (JSON.parse(text) as Kept);
      return kept && { ...kept, draft: asKeptNow(kept.draft), ...(kept.base && { base: asKeptNow(kept.base) }) };
    } catch {
      return null;
    }
  }

  private keep(draft: Draft): void {
    const kept: Kept = { version: this.version, draft, base: this.base };
    const outlives = this.store.keep(this.key, JSON.stringify(kept));
    if (outlives !== this.state.outlives) {
      this.show({ outlives });
    }
  }

  private later(milliseconds: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.save(), milliseconds);
  }

  private async save(): Promise<void> {
    if (this.sending || this.state.theirs !== null) {
      return;
    }
    this.sending = true;
    const edits = this.edits;
    try {
      if (this.unanswered.at(-1) !== this.state.draft) {
        this.unanswered.push(this.state.draft);
      }
      const saved = await this.send(this.id, this.version, this.state.draft);
      this.version = saved.version;
      this.unanswered = [];
      if (edits === this.edits) {
        this.adopt(saved);
      } else {
        // typed on in the meantime: keep what is on the screen, with the answers that came back
        this.base = draftOf(saved);
        this.keep(this.state.draft);
        this.later(this.pause);
      }
    } catch (failure) {
      this.refused(failure);
    } finally {
      this.sending = false;
    }
  }

  private refused(failure: unknown): void {
    if (failure instanceof Refused && failure.status === 409 && failure.problem.sheet) {
      const theirs = failure.problem.sheet;
      if (sameContent(theirs, this.state.draft)) {
        // it was our own change: it had arrived, only the reply was lost
        this.adopt(theirs);
      } else if (this.unanswered.slice(0, -1).some((sent) => sameContent(theirs, sent))) {
        // so it was, and typing went on since
        this.version = theirs.version;
        this.base = draftOf(theirs);
        this.later(0);
      } else {
        this.show({ saving: 'conflict', theirs });
      }
      return;
    }
    if (failure instanceof Refused && failure.status === 404) {
      this.show({ saving: 'gone' });
      return;
    }
    if (failure instanceof Refused && failure.signedOut) {
      // it is sent as soon as somebody has signed in again
      this.show({ saving: 'signed-out' });
      return;
    }
    this.show({ saving: 'waiting' });
    this.later(3000);
  }

  private adopt(sheet: SheetReply): void {
    this.version = sheet.version;
    this.unanswered = [];
    this.store.forget(this.key);
    this.base = draftOf(sheet);
    this.show({ draft: this.base, saving: 'saved', outlives: true, theirs: null });
  }

  private show(part: Partial<KeeperState>): void {
    this.state = { ...this.state, ...part };
    this.listeners.forEach((listener) => {
      listener();
    });
  }
}
