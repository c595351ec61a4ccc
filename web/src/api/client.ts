import { classInHand } from './classInHand';
import type { Misread, ProblemReply, SheetReply, ToldProblem } from './types';

/** What a refusal says; some say more than others. */
type Said = Omit<ProblemReply, 'told' | 'faults' | 'misread'> & {
  misread?: readonly Misread[] | null;
  told?: ToldProblem | null;
  faults?: readonly string[] | null;
  sheet?: SheetReply;
};

/** A refusal by the server, or the lack of a connection (status 0). */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly problem: Said,
  ) {
    super(problem.detail);
  }

  get offline(): boolean {
    return this.status === 0;
  }

  /** The session has ended: nothing is wrong with what was sent. */
  get signedOut(): boolean {
    return this.status === 401 && this.problem.code === 'sign-in-first';
  }
}

const noConnection: Said = {
  status: 0,
  code: 'offline',
  detail: 'No connection at the moment. What you typed is kept.',
  at: null,
  example: null,
};

const strange: Said = {
  status: 500,
  code: 'strange',
  detail: 'Something went wrong on our side. What you typed is still here; try again.',
  at: null,
  example: null,
};

const onSignedOut = new Set<() => void>();

/** Tells whenever the server has no session of ours any more, whoever asked. */
export function whenSignedOut(tell: () => void): () => void {
  onSignedOut.add(tell);
  return () => {
    onSignedOut.delete(tell);
  };
}

/** Requests that wait until somebody has signed in again. */
let waiting: (() => void)[] = [];

/** The same teacher has signed in again: what was asked meanwhile is asked once more. */
export function signedInAgain(): void {
  const all = waiting;
  waiting = [];
  all.forEach((go) => {
    go();
  });
}

function untilSignedIn(signal?: AbortSignal): Promise<void> {
  return new Promise((resolve, reject) => {
    waiting.push(resolve);
    signal?.addEventListener('abort', () => {
      reject(new DOMException('Not wanted any more.', 'AbortError'));
    });
  });
}

/**
 * Asks the API, and once more after the password has been asked for, where the session had ended. The reply is what the
 * PHP class of the route says it is (see types.ts); null for an empty one.
 * @throws Refused
 */
export async function ask<Reply>(
  method: string,
  path: string,
  body?: unknown,
  signal?: AbortSignal,
  typing = false,
): Promise<Reply> {
  for (;;) {
    try {
      return await askOnce<Reply>(method, path, body, signal, typing);
    } catch (failure) {
      if (!(failure instanceof Refused && failure.signedOut)) {
        throw failure;
      }
      await untilSignedIn(signal);
    }
  }
}

/**
 * Asks the API once, whether or not there is a session.
 * @throws Refused
 */
export async function askOnce<Reply>(
  method: string,
  path: string,
  body?: unknown,
  signal?: AbortSignal,
  typing = false,
): Promise<Reply> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      credentials: 'same-origin',
      // what is erased is erased, even by the last thing that a page does
      keepalive: method === 'DELETE',
      headers: {
        ...(body === undefined
          ? {}
          : { 'Content-Type': body instanceof Blob ? 'application/zip' : 'application/json' }),
        ...(classInHand() === null ? {} : { 'Rostik-Class': classInHand() ?? '' }),
        ...(typing ? { Prefer: 'handling=lenient' } : {}),
      },
      // a file goes as it is
      ...(body === undefined ? {} : { body: body instanceof Blob ? body : JSON.stringify(body) }),
      ...(signal ? { signal } : {}),
    });
  } catch (failure) {
    if (signal?.aborted) {
      throw failure;
    }
    throw new Refused(0, noConnection);
  }
  const isProblem = response.headers.get('Content-Type')?.includes('problem+json') === true;
  if (response.ok && !isProblem) {
    return (response.status === 204 ? null : await response.json()) as Reply;
  }
  const problem = isProblem
    ? ((await response.json()) as ProblemReply)
    : // a server in front of ours that cannot reach it answers with a page of its own
      response.status >= 502
      ? noConnection
      : strange;
  if (response.status === 401 && problem.code === 'sign-in-first') {
    onSignedOut.forEach((tell) => {
      tell();
    });
  }
  throw new Refused(problem === noConnection ? 0 : problem.status, problem);
}
