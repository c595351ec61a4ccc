// @vitest-environment jsdom
import { afterEach, describe, expect, it, vi } from 'vitest';
import { untilThere } from './part';

const wait = () => Promise.resolve();

describe('a part of the script', () => {
  afterEach(() => {
    vi.restoreAllMocks();
    localStorage.clear();
  });

  it('is asked for again until there is a connection', async () => {
    vi.spyOn(navigator, 'onLine', 'get').mockReturnValue(false);
    const fetch = vi.fn<() => Promise<string>>().mockResolvedValue('there');
    for (let i = 0; i < 20; i += 1) {
      fetch.mockRejectedValueOnce(new Error('offline'));
    }
    await expect(untilThere(fetch, wait)).resolves.toBe('there');
    expect(fetch).toHaveBeenCalledTimes(21);
  });

  it('that another version has no more fetches the page anew, and only once', async () => {
    const reload = vi.fn();
    const gone = () => {
      const fetch = vi.fn<() => Promise<string>>().mockResolvedValue('there');
      for (let i = 0; i < 8; i += 1) {
        fetch.mockRejectedValueOnce(new Error('404'));
      }
      return fetch;
    };
    await untilThere(gone(), wait, reload);
    await untilThere(gone(), wait, reload);
    expect(reload).toHaveBeenCalledTimes(1);
  });
});
