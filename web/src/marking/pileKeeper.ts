import { askOnce, Refused } from '../api/client';
import type { CellReply, CellRequest, CellsReply, CellsRequest, PileReply } from '../api/types';
import type { BrowserStore } from '../ui/browserStore';
import { atOnce, keyOf, nothing, questionsOf, type Mark, type Place } from './cells';

export type Saving = 'saved' | 'saving' | 'waiting' | 'signed-out' | 'gone';

export interface PileState {
  pile: PileReply;
  /** By the key of their place. */
  cells: ReadonlyMap<string, CellReply>;
  saving: Saving;
  /** Whether what is not saved yet would outlive the tab. */
  outlives: boolean;
  /** Whether there is something to take back. */
  canUndo: boolean;
}

type Edit = Place & Mark;
type Send = (id: string, body: CellsRequest) => Promise<CellsReply>;

const post: Send = (id, body) => askOnce<CellsReply>('POST', `/api/piles/${id}/cells`, body);

/**
 * Keeps what is marked in a pile: it stands there at once, is kept in this browser, and is sent a moment later. What
 * others mark meanwhile comes back with the answer. Without a connection it tries again until it is through.
 */
export class PileKeeper {
  private state: PileState;
  private revision: number;
  /** What is not known to have arrived, by key. */
  private readonly unsent = new Map<string, Edit>();
  private readonly done: Edit[][] = [];
  private timer: ReturnType<typeof setTimeout> | undefined;
  private sending = false;
  private readonly listeners = new Set<() => void>();

  constructor(
    pile: PileReply,
    private readonly store: BrowserStore,
    private readonly send: Send = post,
    private readonly pause = 200,
  ) {
    this.revision = pile.revision;
    this.state = {
      pile,
      cells: new Map(pile.cells.map((cell) => [keyOf(cell), cell])),
      saving: 'saved',
      outlives: true,
      canUndo: false,
    };
    const kept = this.kept();
    if (kept.length > 0) {
      // the window was closed before they were sent
      this.put(kept);
    }
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
    };
  };

  readonly snapshot = (): PileState => this.state;

  get id(): string {
    return this.state.pile.id;
  }

  markOf(place: Place): Mark {
    const cell = this.state.cells.get(keyOf(place));
    return cell ? { given: cell.given, sign: cell.sign, over: cell.over } : nothing;
  }

  mark(place: Place, mark: Mark): void {
    this.markAll([place], mark);
  }

  /** The same at several places; it is taken back as one. */
  markAll(places: readonly Place[], mark: Mark): void {
    if (places.length > 0) {
      this.done.push(places.map((place) => ({ ...place, ...this.markOf(place) })));
      this.put(places.map((place) => ({ ...place, ...mark })));
    }
  }

  /** Takes back what was marked last, and says where. */
  undo(): Place | null {
    const last = this.done.pop();
    if (!last) {
      return null;
    }
    this.put(last);
    return last[0] ?? null;
  }

  /** The pile as it is after something else about it was changed. */
  adopt(pile: PileReply): void {
    const cells = new Map(pile.cells.map((cell) => [keyOf(cell), cell]));
    for (const edit of this.unsent.values()) {
      cells.set(keyOf(edit), this.shown(edit));
    }
    this.revision = pile.revision;
    this.show({ pile, cells });
  }

  /** Sends at once what is not sent yet; with nothing to send, asks what others have marked. */
  readonly flush = (): void => {
    this.later(0);
  };

  private put(edits: readonly Edit[]): void {
    const cells = new Map(this.state.cells);
    for (const edit of edits) {
      this.unsent.set(keyOf(edit), edit);
      cells.set(keyOf(edit), this.shown(edit));
    }
    // the screen first: a full store must not swallow what was typed
    this.show({ cells, saving: this.state.saving === 'waiting' ? 'waiting' : 'saving', canUndo: this.done.length > 0 });
    this.keep();
    if (this.state.saving !== 'waiting') {
      this.later(this.pause);
    }
  }

  private shown(edit: Edit): CellReply {
    const paper = this.state.pile.papers.find((one) => one.id === edit.paper);
    const question = paper && questionsOf(this.state.pile, paper)[edit.question];
    return atOnce({ paper: edit.paper, question: edit.question }, edit, question);
  }

  private get key(): string {
    return `rostik.marks.${this.state.pile.id}`;
  }

  private kept(): Edit[] {
    try {
      return JSON.parse(this.store.kept(this.key) ?? '[]') as Edit[];
    } catch {
      return [];
    }
  }

  private keep(): void {
    if (this.unsent.size === 0) {
      this.store.forget(this.key);
      return;
    }
    const outlives = this.store.keep(this.key, JSON.stringify([...this.unsent.values()]));
    if (outlives !== this.state.outlives) {
      this.show({ outlives });
    }
  }

  private later(milliseconds: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.sendAll(), milliseconds);
  }

  private async sendAll(): Promise<void> {
    if (this.sending || this.state.saving === 'gone') {
      return;
    }
    this.sending = true;
    const sent = new Map(this.unsent);
    try {
      const reply = await this.send(this.id, {
        cells: [...sent.values()].map(({ paper, question, given, sign, over }): CellRequest => ({
          paper,
          question,
          given,
          sign,
          over,
        })),
        since: this.revision,
      });
      for (const [key, edit] of sent) {
        if (this.unsent.get(key) === edit) {
          this.unsent.delete(key);
        }
      }
      this.revision = reply.revision;
      const cells = new Map(this.state.cells);
      for (const cell of reply.cells) {
        if (!this.unsent.has(keyOf(cell))) {
          cells.set(keyOf(cell), cell);
        }
      }
      this.show({ cells, saving: this.unsent.size === 0 ? 'saved' : 'saving' });
      this.keep();
      if (this.unsent.size > 0) {
        this.later(this.pause);
      }
    } catch (failure) {
      this.refused(failure);
    } finally {
      this.sending = false;
    }
  }

  private refused(failure: unknown): void {
    if (failure instanceof Refused && failure.status === 404) {
      this.show({ saving: 'gone' });
    } else if (failure instanceof Refused && failure.signedOut) {
      // it is sent as soon as somebody has signed in again
      this.show({ saving: this.unsent.size === 0 ? 'saved' : 'signed-out' });
    } else if (this.unsent.size > 0) {
      this.show({ saving: 'waiting' });
      this.later(3000);
    }
  }

  private show(part: Partial<PileState>): void {
    this.state = { ...this.state, ...part };
    this.listeners.forEach((listener) => {
      listener();
    });
  }
}
