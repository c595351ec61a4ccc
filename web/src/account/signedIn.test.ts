import { describe, expect, it } from 'vitest';
import { browserName, whenUsed } from './signedIn';

describe('where one is signed in', () => {
  // what browsers say of themselves; all of them say "Mozilla", and most "Safari"
  it.each([
    [
      'Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/140.0.0.0 Safari/537.36',
      'Chrome, Linux',
    ],
    ['Mozilla/5.0 (Windows NT 10.0; Win64; x64; rv:140.0) Gecko/20100101 Firefox/140.0', 'Firefox, Windows'],
    [
      'Mozilla/5.0 (Windows NT 10.0; Win64; x64) AppleWebKit/537.36 Chrome/140.0.0.0 Safari/537.36 Edg/140.0.0.0',
      'Edge, Windows',
    ],
    [
      'Mozilla/5.0 (iPad; CPU OS 18_0 like Mac OS X) AppleWebKit/605.1.15 Version/18.0 Mobile/15E148 Safari/604.1',
      'Safari, iPad',
    ],
    [
      'Mozilla/5.0 (X11; CrOS x86_64 14541.0.0) AppleWebKit/537.36 Chrome/140.0.0.0 Safari/537.36',
      'Chrome, Chromebook',
    ],
    ['curl/8', 'A browser'],
    ['', 'A browser'],
  ])('%s', (says, name) => {
    expect(browserName(says)).toBe(name);
  });

  it('says when it was used last', () => {
    const now = new Date('2026-11-26T10:00:00Z');
    expect(whenUsed('2026-11-26T09:51:00Z', now)).toBe('just now');
    expect(whenUsed('2026-11-25T09:51:00Z', now)).toContain('Wednesday');
  });
});
