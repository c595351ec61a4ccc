import { afterEach, describe, expect, it, vi } from 'vitest';
import { ask, askOnce, Refused, signedInAgain, whenSignedOut } from './client';

const problem = { status: 422, code: 'not-understood', detail: '“bana” was not understood.', at: 10, example: '2 h' };

describe('asking the server', () => {
  const fetched = vi.spyOn(globalThis, 'fetch');
  afterEach(() => {
    fetched.mockReset();
  });
  const answers = (body: string | null, status = 200, type = 'application/json') => {
    fetched.mockResolvedValueOnce(new Response(body, { status, headers: { 'Content-Type': type } }));
  };
  const refusal = async (asked: Promise<unknown>): Promise<Refused> => {
    const failure: unknown = await asked.then(
      () => null,
      (reason: unknown) => reason,
    );
    if (!(failure instanceof Refused)) {
      throw new Error('It was not refused.');
    }
    return failure;
  };

  it('gives what came back, and null for nothing', async () => {
    answers('{"sum":"2 h"}');
    expect(await ask('POST', '/api/work', { sum: '2 h' })).toEqual({ sum: '2 h' });
    expect(fetched).toHaveBeenCalledWith(
      '/api/work',
      expect.objectContaining({
        method: 'POST',
        credentials: 'same-origin',
        body: '{"sum":"2 h"}',
        headers: { 'Content-Type': 'application/json' },
      }),
    );
    answers(null, 204);
    expect(await ask('DELETE', '/api/sheets/s')).toBeNull();
    expect(fetched.mock.lastCall?.[1]).not.toHaveProperty('body');
  });

  it('says what was refused, in the words of the server', async () => {
    answers(JSON.stringify(problem), 422, 'application/problem+json');
    const refused = await refusal(ask('POST', '/api/work', { sum: 'bana' }));
    expect(refused).toMatchObject({ status: 422, message: problem.detail, problem, offline: false });
  });

  it('takes a server that cannot be reached for a lost connection, whoever says so', async () => {
    fetched.mockRejectedValueOnce(new TypeError('Failed to fetch'));
    expect(await refusal(ask('GET', '/api/me'))).toMatchObject({ status: 0, offline: true });
    for (const status of [502, 503, 504]) {
      answers('<h1>Bad gateway</h1>', status, 'text/html');
      expect(await refusal(ask('GET', '/api/me'))).toMatchObject({ status: 0, offline: true });
    }
  });

  it('waits for the password where the session has ended, and asks once more', async () => {
    const ended = { ...problem, status: 401, code: 'sign-in-first' };
    const tell = vi.fn();
    const deaf = whenSignedOut(tell);
    answers(JSON.stringify(ended), 401, 'application/problem+json');
    let got: unknown = 'nothing yet';
    const asked = ask('POST', '/api/sheets', { title: 'Tide' }).then((reply) => (got = reply));
    await vi.waitFor(() => {
      expect(tell).toHaveBeenCalledTimes(1);
    });
    expect(got).toBe('nothing yet');
    answers('{"title":"Tide"}');
    signedInAgain();
    await asked;
    expect(got).toEqual({ title: 'Tide' });
    expect(fetched).toHaveBeenCalledTimes(2);
    // what is not wanted any more does not wait, and who asks once is told
    answers(JSON.stringify(ended), 401, 'application/problem+json');
    const given = new AbortController();
    const dropped = ask('GET', '/api/sheets', undefined, given.signal);
    await vi.waitFor(() => {
      expect(tell).toHaveBeenCalledTimes(2);
    });
    given.abort();
    await expect(dropped).rejects.toMatchObject({ name: 'AbortError' });
    answers(JSON.stringify(ended), 401, 'application/problem+json');
    expect((await refusal(askOnce('GET', '/api/sheets'))).signedOut).toBe(true);
    deaf();
  });

  it('says kindly that something is wrong, and that nothing typed is lost', async () => {
    answers('<h1>Oops</h1>', 500, 'text/html');
    const refused = await refusal(ask('GET', '/api/me'));
    expect(refused).toMatchObject({ status: 500, offline: false });
    expect(refused.message).toContain('What you typed is still here');
  });

  it('is quiet about what was called off', async () => {
    const controller = new AbortController();
    const off = new DOMException('off', 'AbortError');
    fetched.mockImplementationOnce(() => {
      controller.abort();
      return Promise.reject(off);
    });
    await expect(ask('GET', '/api/me', undefined, controller.signal)).rejects.toBe(off);
  });
});
