import { ask, Refused } from '../api/client';
import type { QuestionReply, SheetLevelReply, SheetReply, SheetSettings } from '../api/types';
import { newId } from '../ui/newId';

export interface Draft {
  title: string;
  questions: QuestionReply[];
  settings: SheetSettings;
}

/** A sheet as it is set out where nothing else is said. */
export const plainSettings: SheetSettings = {
  level: null,
  instruction: '',
  scaffold: 'outline',
  answers: 'write',
  example: false,
  chart: false,
  columns: null,
  type: 'usual',
  times: 'as-written',
  layout: 'page',
  classId: null,
  aims: [],
  limits: { fives: null, regroups: null, noon: null, midnight: null, unknown: null, hour: null },
};

/** What stands apart stands at the end, on paper as on the screen. */
export const challengesLast = (questions: readonly QuestionReply[]): QuestionReply[] => [
  ...questions.filter((one) => !one.challenge),
  ...questions.filter((one) => one.challenge),
];

/** A question as it is added, before the server has looked at it. */
export function newQuestion(sum: { sum: string; shown?: string; answer?: string | null }): QuestionReply {
  return {
    id: newId(),
    sum: sum.sum,
    shown: sum.shown ?? sum.sum,
    answer: sum.answer ?? null,
    problem: null,
    warnings: [],
    wording: '',
    locked: false,
    challenge: false,
  };
}

export type Saving = 'saved' | 'saving' | 'waiting' | 'conflict' | 'gone';

export interface KeeperState {
  draft: Draft;
  saving: Saving;
  /** The sheet as another window left it, while there is something to decide. */
  theirs: SheetReply | null;
}

interface Kept {
  version: number;
  draft: Draft;
}

type Send = (id: string, version: number, draft: Draft) => Promise<SheetReply>;

const sameContent = (a: Draft, b: Draft): boolean =>
  a.title === b.title &&
  a.questions.length === b.questions.length &&
  JSON.stringify(a.settings) === JSON.stringify(b.settings) &&
  a.questions.every((question, i) => {
    const other = b.questions[i];
    return (
      question.id === other?.id &&
      question.sum === other.sum &&
      question.wording === other.wording &&
      question.locked === other.locked &&
      question.challenge === other.challenge
    );
  });

const put: Send = (id, version, draft) =>
  ask<SheetReply>('PUT', `/api/sheets/${id}`, {
    version,
    title: draft.title,
    questions: draft.questions.map(({ id: key, sum, wording, locked, challenge }) => ({
      id: key,
      sum,
      wording,
      locked,
      challenge,
    })),
    settings: draft.settings,
  });

/**
 * Keeps one sheet: what is on the screen changes at once, is kept in this browser, and is sent a moment later. One save
 * is under way at a time. Without a connection it tries again until it is through; where another window was faster it
 * stops and lets the teacher decide.
 */
export class SheetKeeper {
  private version: number;
  private state: KeeperState;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private sending = false;
  private edits = 0;
  private readonly listeners = new Set<() => void>();

  constructor(
    private readonly sheet: SheetReply,
    private readonly storage: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>,
    private readonly send: Send = put,
    private readonly pause = 400,
  ) {
    this.version = sheet.version;
    this.state = {
      draft: { title: sheet.title, questions: sheet.questions, settings: sheet.settings },
      saving: 'saved',
      theirs: null,
    };
    const kept = this.kept();
    if (kept) {
      // the window was closed before this was saved
      this.version = kept.version;
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
    this.storage.setItem(this.key, JSON.stringify({ version: this.version, draft } satisfies Kept));
    this.show({ draft, saving: this.state.saving === 'saved' ? 'saving' : this.state.saving });
    this.later(this.pause);
  }

  /** Their sheet with my additions: nothing of either is lost. */
  putTogether(): void {
    const { theirs, draft } = this.state;
    if (!theirs) {
      return;
    }
    const known = new Set(theirs.questions.map((question) => question.id));
    const mine = draft.questions.filter((question) => !known.has(question.id));
    this.version = theirs.version;
    this.show({ theirs: null, saving: 'saving' });
    this.change(() => ({
      title: theirs.title,
      questions: challengesLast([...theirs.questions, ...mine]),
      settings: theirs.settings,
    }));
  }

  takeTheirs(): void {
    const { theirs } = this.state;
    if (theirs) {
      this.adopt(theirs);
    }
  }

  /** Sends at once what is not yet sent. */
  readonly flush = (): void => {
    if (this.state.saving === 'saving' || this.state.saving === 'waiting') {
      this.later(0);
    }
  };

  private get key(): string {
    return `rostik.unsaved.${this.sheet.id}`;
  }

  private kept(): Kept | null {
    const text = this.storage.getItem(this.key);
    try {
      return text === null ? null : (JSON.parse(text) as Kept);
    } catch {
      return null;
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
      const saved = await this.send(this.id, this.version, this.state.draft);
      this.version = saved.version;
      if (edits === this.edits) {
        this.adopt(saved);
      } else {
        // typed on in the meantime: keep what is on the screen, with the answers that came back
        this.storage.setItem(
          this.key,
          JSON.stringify({ version: this.version, draft: this.state.draft } satisfies Kept),
        );
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
      } else {
        this.show({ saving: 'conflict', theirs });
      }
      return;
    }
    if (failure instanceof Refused && failure.status === 404) {
      this.show({ saving: 'gone' });
      return;
    }
    this.show({ saving: 'waiting' });
    this.later(3000);
  }

  private adopt(sheet: SheetReply): void {
    this.version = sheet.version;
    this.storage.removeItem(this.key);
    this.show({
      draft: { title: sheet.title, questions: sheet.questions, settings: sheet.settings },
      saving: 'saved',
      theirs: null,
    });
  }

  private show(part: Partial<KeeperState>): void {
    this.state = { ...this.state, ...part };
    this.listeners.forEach((listener) => {
      listener();
    });
  }
}
