import { describe, expect, it } from 'vitest';
import { inRanges } from './places';

describe('the numbers of questions', () => {
  it('are drawn together from three on', () => {
    expect(inRanges([])).toBe('');
    expect(inRanges([4])).toBe('4');
    expect(inRanges([4, 5])).toBe('4, 5');
    expect(inRanges([1, 2, 3, 5, 8, 9])).toBe('1–3, 5, 8, 9');
    expect(inRanges([1, 3, 4, 5, 6, 10])).toBe('1, 3–6, 10');
  });

  it('are all there, and no others, whichever of twelve questions are meant', () => {
    for (let set = 0; set < 4096; set += 1) {
      const meant = Array.from({ length: 12 }, (_, i) => i + 1).filter((n) => set & (1 << (n - 1)));
      const read = inRanges(meant)
        .split(', ')
        .filter(Boolean)
        .flatMap((part) => {
          const [from = 0, to = from] = part.split('–').map(Number);
          return Array.from({ length: to - from + 1 }, (_, i) => from + i);
        });
      expect(read).toEqual(meant);
    }
  });
});
