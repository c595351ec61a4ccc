import { askOnce, Refused } from '../api/client';
import type { AnswerSent, AnswersRequest, OfferReply, SeatReply } from '../api/types';
import { browserStore, type BrowserStore } from '../ui/browserStore';
import { saidBefore, type Said } from './saying';

const PLACE = 'rostik.seat';

/** One question as far as it has come at this tablet. */
export interface Tried {
  /** How many answers were given. */
  n: number;
  /** 0 none, 1 look again, 2 the first step, 3 the whole working. */
  help: number;
  /** What was said last; null while it is being asked, or where nothing was answered. */
  said: Said | null;
  /** Whether an answer waits for what is said about it. */
  open: boolean;
  /** Whether it is done with here. */
  over: boolean;
}

const untouched: Tried = { n: 0, help: 0, said: null, open: false, over: false };

interface Kept {
  seat: Omit<SeatReply, 'offers' | 'said'> | null;
  offers: Record<string, OfferReply>;
  tried: Record<string, Tried>;
  unsent: AnswerSent[];
}

const nothing: Kept = { seat: null, offers: {}, tried: {}, unsent: [] };

/** What a tablet shows. */
export interface Shown extends Kept {
  /** The question that stands there; null while none is there, or all are done. */
  current: OfferReply | null;
  /** Done, those included that are still to be sent. */
  done: number;
  offline: boolean;
  /** Nobody sits here: the code is asked for. */
  empty: boolean;
}

export interface Wire {
  now: (have: string[], on: string | null) => Promise<SeatReply>;
  send: (sent: AnswersRequest) => Promise<SeatReply>;
  out: () => Promise<null>;
}

export const wire: Wire = {
  now: (have, on) =>
    askOnce<SeatReply>(
      'GET',
      `/api/go/now?${new URLSearchParams([...have.map((id) => ['have[]', id]), ...(on === null ? [] : [['on', on]])]).toString()}`,
    ),
  send: (sent) => askOnce<SeatReply>('POST', '/api/go/answers', sent),
  out: () => askOnce<null>('POST', '/api/go/out'),
};

/**
 * What a tablet knows: its questions, how far each has come, and the answers that are still to be sent. It is kept in the
 * browser, so that a closed tablet goes on where it was; answers wait while there is no connection, and go out once, in
 * their order.
 */
export class SeatKeeper {
  private kept: Kept;
  private offline = false;
  private empty = false;
  private sending: Promise<void> | null = null;
  private readonly watchers = new Set<() => void>();
  private shown: Shown | null = null;

  constructor(
    private readonly line: Wire = wire,
    private readonly store: BrowserStore = browserStore,
  ) {
    this.kept = this.read();
  }

  readonly watch = (tell: () => void): (() => void) => {
    this.watchers.add(tell);
    return () => {
      this.watchers.delete(tell);
    };
  };

  readonly look = (): Shown => (this.shown ??= this.show());

  tried(id: string): Tried {
    return this.kept.tried[id] ?? untouched;
  }

  /** Somebody has sat down. */
  begin(reply: SeatReply): void {
    this.kept = nothing;
    this.empty = false;
    this.take(reply);
  }

  /** Asks how it stands; sends what waits. */
  async refresh(): Promise<void> {
    // what is on its way may have left before the connection came back
    await this.sending;
    if (this.kept.unsent.length > 0) {
      await this.flush();
      return;
    }
    await this.attempt(() => this.line.now(Object.keys(this.kept.offers), this.look().current?.id ?? null), 0);
  }

  /** An answer to the question that stands there. What is said about it is there at once where PHP has said it beforehand. */
  answer(given: string): void {
    const offer = this.look().current;
    if (offer === null || given.trim() === '') {
      return;
    }
    const tried = this.tried(offer.id);
    const said = saidBefore(offer, given);
    const insists = said?.signal === 'ask' && tried.said?.signal === 'ask';
    this.put(offer.id, {
      n: tried.n + 1,
      help: said?.signal === 'look' ? Math.min(3, Math.max(tried.help, tried.n + 1)) : tried.help,
      said: insists ? { signal: 'right', say: '', aloud: '' } : said,
      open: said === null,
      over: false,
    });
    this.queue({ question: offer.id, n: tried.n, given, help: tried.help, over: false });
  }

  /** More help is wanted: the first step, then the whole working. */
  help(level: number): void {
    const offer = this.look().current;
    if (offer) {
      const tried = this.tried(offer.id);
      this.put(offer.id, { ...tried, help: Math.max(tried.help, level) });
      this.change({});
    }
  }

  /** Goes on to the next question: this one is right, or its working was seen, or it waits for the connection. */
  next(): void {
    const offer = this.look().current;
    if (!offer) {
      return;
    }
    const tried = this.tried(offer.id);
    this.put(offer.id, { ...tried, over: true });
    if (tried.said?.signal === 'right' || tried.open) {
      this.change({});
    } else {
      this.queue({ question: offer.id, n: tried.n, given: '', help: tried.help, over: true });
    }
  }

  /** The tablet is given back; not while there are answers that could not be sent. */
  async leave(): Promise<boolean> {
    await this.flush();
    if (this.kept.unsent.length > 0) {
      return false;
    }
    await this.line.out().catch(() => null);
    this.clear();
    return true;
  }

  private clear(): void {
    this.kept = nothing;
    this.empty = true;
    this.change({});
    this.store.forget(PLACE);
  }

  private queue(answer: AnswerSent): void {
    this.change({ unsent: [...this.kept.unsent, answer] });
    void this.flush();
  }

  /** Sends what waits, all of it at once; what comes meanwhile goes with the next. */
  private flush(): Promise<void> {
    this.sending ??= (async () => {
      while (this.kept.unsent.length > 0) {
        const sent = this.kept.unsent;
        const ok = await this.attempt(
          () => this.line.send({ answers: sent, have: Object.keys(this.kept.offers) }),
          sent.length,
        );
        if (!ok) {
          break;
        }
      }
    })().finally(() => {
      this.sending = null;
    });
    return this.sending;
  }

  private async attempt(act: () => Promise<SeatReply>, sent: number): Promise<boolean> {
    try {
      const reply = await act();
      this.kept = { ...this.kept, unsent: this.kept.unsent.slice(sent) };
      this.offline = false;
      this.take(reply);
      return true;
    } catch (failure) {
      const status = failure instanceof Refused ? failure.status : 0;
      if (status === 401) {
        this.clear();
      } else if (status === 410 && failure instanceof Refused) {
        this.kept = {
          ...this.kept,
          unsent: [],
          seat: this.kept.seat && { ...this.kept.seat, open: false, lastWord: failure.message, waiting: [] },
        };
        this.change({});
      } else if (status >= 400 && status < 500 && status !== 429 && sent > 0) {
        // what the server will never take keeps nothing else waiting
        this.change({ unsent: this.kept.unsent.slice(sent) });
        return true;
      } else {
        this.offline = true;
        this.change({});
      }
      return false;
    }
  }

  private take(reply: SeatReply): void {
    const { offers, said, ...seat } = reply;
    const known = { ...this.kept.offers };
    for (const offer of offers) {
      known[offer.id] = offer;
    }
    const tried = { ...this.kept.tried };
    for (const one of said) {
      const before = tried[one.question];
      if (before?.open && one.n === before.n - 1) {
        const insists = one.signal === 'ask' && before.said?.signal === 'ask';
        tried[one.question] = {
          ...before,
          open: false,
          said: insists
            ? { signal: 'right', say: '', aloud: '' }
            : { signal: one.signal, say: one.say, aloud: one.aloud },
          help: one.signal === 'look' ? Math.min(3, Math.max(before.help, before.n)) : before.help,
          // one that was gone on from comes back where it was wrong
          over: before.over && one.signal === 'right',
        };
      }
    }
    // what is answered, or was dropped, is not needed any more
    const needed = new Set([...seat.waiting, ...this.kept.unsent.map((one) => one.question)]);
    const keep = <Value>(all: Record<string, Value>): Record<string, Value> =>
      Object.fromEntries(Object.entries(all).filter(([id]) => needed.has(id) || id === this.look().current?.id));
    this.change({ seat, offers: keep(known), tried: keep(tried) });
  }

  private put(id: string, tried: Tried): void {
    this.kept = { ...this.kept, tried: { ...this.kept.tried, [id]: tried } };
  }

  private change(part: Partial<Kept>): void {
    this.kept = { ...this.kept, ...part };
    this.store.keep(PLACE, JSON.stringify(this.kept));
    this.shown = this.show();
    this.watchers.forEach((tell) => {
      tell();
    });
  }

  private show(): Shown {
    const { seat, offers, tried } = this.kept;
    // the one that stands there stays until one goes on, even where its answer has arrived already
    const standing = this.shown?.current ?? null;
    const stays = standing !== null && offers[standing.id] !== undefined && !(tried[standing.id]?.over ?? false);
    const next = seat?.waiting.find((id) => offers[id] !== undefined && !(tried[id]?.over ?? false));
    const current =
      seat === null || (!seat.open && !stays) ? null : stays ? standing : next ? (offers[next] ?? null) : null;
    const gone = seat?.waiting.filter((id) => tried[id]?.over ?? false).length ?? 0;
    return {
      ...this.kept,
      current: seat?.open === false ? null : current,
      done: (seat?.done ?? 0) + gone,
      offline: this.offline,
      empty: this.empty,
    };
  }

  private read(): Kept {
    try {
      return { ...nothing, ...(JSON.parse(this.store.kept(PLACE) ?? '{}') as Partial<Kept>) };
    } catch {
      return nothing;
    }
  }
}
