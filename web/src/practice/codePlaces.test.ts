import { describe, expect, it } from 'vitest';
import { beginning, completed, placesOf, wholeCode } from './CodePlaces';

const words = ['bow', 'bowl', 'crab', 'crane', 'lamp', 'lantern'];

describe('a code in three places', () => {
  it('completes a word as soon as it can be no other', () => {
    expect(completed('c', words)).toBeNull();
    expect(completed('cra', words)).toBeNull();
    expect(completed('cran', words)).toBe('crane');
    expect(completed('lam', words)).toBe('lamp');
    // one that is the beginning of another waits to be tapped, or for a blank
    expect(completed('bow', words)).toBeNull();
    expect(beginning('bow', words)).toEqual(['bow', 'bowl']);
    expect(beginning('', words)).toEqual([]);
    expect(completed('x', words)).toBeNull();
  });

  it('takes a whole one, however it is written', () => {
    for (const typed of ['crab lamp 47', 'CRAB-LAMP 47', 'crablamp47', ' Crab  lamp, 47 ']) {
      expect(wholeCode(typed, words), typed).toEqual(['crab', 'lamp', '47']);
    }
    expect(wholeCode('bowlcrab7', words)).toEqual(['bowl', 'crab', '7']);
    // told apart by its blanks, before the words are known
    expect(wholeCode('Barn Nut 23', [])).toEqual(['barn', 'nut', '23']);
    expect(wholeCode('barnnut23', [])).toBeNull();
    for (const typed of ['crab', 'crab lamp', 'crab 47', 'crab lamp 470', 'lamppost4', '']) {
      expect(wholeCode(typed, words), typed).toBeNull();
    }
    expect(placesOf('crab lamp 47')).toEqual(['crab', 'lamp', '47']);
    expect(placesOf('')).toEqual(['', '', '']);
  });
});
