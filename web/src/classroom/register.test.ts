import { describe, expect, it } from 'vitest';
import { namesIn, registerOf } from './register';

const anouk = { id: 'a', name: 'Anouk' };
const bram = { id: 'b', name: 'Bram' };
const cleo = { id: 'c', name: 'Cleo' };

describe('the register of a class', () => {
  it('reads names by lines and commas, and numbers from one to another', () => {
    expect(namesIn('Anouk, Bram;Cleo\n\n Dovid ')).toEqual(['Anouk', 'Bram', 'Cleo', 'Dovid']);
    expect(namesIn('1-4')).toEqual(['1', '2', '3', '4']);
    expect(namesIn('9 to 11\nWren')).toEqual(['9', '10', '11', 'Wren']);
    expect(namesIn('7')).toEqual(['7']);
    expect(namesIn('4-1\n1-999')).toEqual(['4-1', '1-999']);
  });

  it('keeps each child while its name is there, in whatever order', () => {
    expect(registerOf([anouk, bram, cleo], ['Cleo', 'Anouk', 'Bram'])).toEqual([cleo, anouk, bram]);
    expect(registerOf([anouk, bram, cleo], ['Anouk', 'Cleo'])).toEqual([anouk, cleo]);
  });

  it('knows a child that is called otherwise, and one that is new', () => {
    expect(registerOf([anouk, bram, cleo], ['Anouk', 'Bram B.', 'Cleo'])).toEqual([
      anouk,
      { id: 'b', name: 'Bram B.' },
      cleo,
    ]);
    const more = registerOf([anouk, bram], ['Anouk', 'Esme', 'Bram']);
    expect([more[0], more[2]]).toEqual([anouk, bram]);
    expect(more[1]?.name).toBe('Esme');
    expect(['a', 'b']).not.toContain(more[1]?.id);
    // one left and another came: not the same child, since the register is shorter
    expect(registerOf([anouk, bram, cleo], ['Anouk', 'Farid'])[1]?.id).not.toBe('b');
  });

  it('tells two children of one name apart', () => {
    const twice = [anouk, { id: 'z', name: 'Anouk' }];
    expect(registerOf(twice, ['Anouk', 'Anouk'])).toEqual(twice);
    expect(registerOf(twice, ['Anouk'])).toEqual([anouk]);
    expect(new Set(registerOf([], ['Wren', 'Wren']).map(({ id }) => id)).size).toBe(2);
  });
});
