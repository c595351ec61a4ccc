import { describe, expect, it } from 'vitest';
import { LineScale } from './lineScale';
import { apart, labelRows } from './DayStrip';
import { plain, runs } from './Marked';
import { atDates, whole } from './marks';

describe('marked text', () => {
  it('is cut into runs and read without its marks', () => {
    expect(runs('{h:3}:{m:45} p.m.')).toEqual([
      { mark: 'h', text: '3' },
      { mark: '', text: ':' },
      { mark: 'm', text: '45' },
      { mark: '', text: ' p.m.' },
    ]);
    expect(plain('take {h:1 h} and write it as {m:60 min}')).toBe('take 1 h and write it as 60 min');
    // a length, or a time, stands on one line
    const together = (text: string) =>
      whole(runs(text))
        .filter((one) => one.together)
        .map((one) => one.of.map((run) => run.text).join(''));
    expect(together('She needs {h:3 h} {m:45 min} from {h:11}:{m:30} {x:a.m.}, or {h:3 h}.')).toEqual([
      '3 h 45 min',
      '11:30\u00a0a.m.',
      '3 h',
    ]);
    expect(together('{d:2 days} {h:3 h} {m:4 min} {s:5 s}')).toEqual(['2 days 3 h 4 min', '5 s']);
    for (const date of ['12 March 2027', '7 June', 'March 12, 2027', 'June 7']) {
      expect(atDates(`From ${date} to the end of May.`)).toEqual(['From ', date, ' to the end of May.']);
    }
    expect(atDates('Two in March, and 31 of them.')).toEqual(['Two in March, and 31 of them.']);
    expect(together('{h:1 h} then {m:5 min}')).toEqual(['1 h', '5 min']);
    expect(runs('no marks')).toEqual([{ mark: '', text: 'no marks' }]);
  });
});

describe('labels on the day strip', () => {
  it('go up a row where they would touch a neighbour', () => {
    const at = (x: number) => ({ x, half: 40 });
    expect(labelRows([at(100), at(400)])).toEqual([0, 0]);
    expect(labelRows([at(150), at(100), at(120)])).toEqual([2, 0, 1]);
    expect(labelRows([at(100), at(150), at(195)])).toEqual([0, 1, 0]);
  });
});

describe('two neighbours on the day strip', () => {
  it('stand to either side of their pins where they would touch, and stay on the drawing', () => {
    const at = (x: number) => ({ x, half: 40 });
    expect(apart([at(300), at(600)], 1200).map((one) => one.x)).toEqual([300, 600]);
    expect(apart([at(300), at(320)], 1200).map((one) => one.x)).toEqual([264, 356]);
    expect(apart([at(320), at(300)], 1200).map((one) => one.x)).toEqual([356, 264]);
    expect(apart([at(5), at(1195)], 1200).map((one) => one.x)).toEqual([44, 1156]);
  });
});

describe('the scale of a number line', () => {
  it('keeps the order and gives neighbouring points room', () => {
    const scale = new LineScale([180, 1440], [225, 240, 720, 1380, 1395], [30, 730], 92);
    const places = [180, 225, 240, 720, 1380, 1395, 1440].map((at) => scale.x(at));
    expect(places).toEqual([...places].sort((a, b) => a - b));
    expect(scale.x(240) - scale.x(225)).toBeGreaterThanOrEqual(92);
    expect(scale.x(1395) - scale.x(1380)).toBeGreaterThanOrEqual(92);
    expect(scale.x(180)).toBe(30);
    expect(scale.x(1440)).toBeCloseTo(730);
  });

  it('knows whether it is even, so that small ticks are not drawn uneven', () => {
    expect(new LineScale([0, 120], [30, 90], [0, 800], 60).even).toBe(true);
    expect(new LineScale([0, 120], [60, 65], [0, 800], 104).even).toBe(false);
  });

  it('gives long labels more room than short ones, and knows when they touch', () => {
    const wide = new LineScale([0, 200], [50, 60, 150], [0, 800], (a, b) => (a === 50 && b === 60 ? 200 : 60));
    expect(wide.x(60) - wide.x(50)).toBeGreaterThanOrEqual(200);
    expect(
      LineScale.touch([
        { x: 0, width: 100 },
        { x: 101, width: 100 },
      ]),
    ).toBe(false);
    expect(
      LineScale.touch([
        { x: 101, width: 100 },
        { x: 2, width: 100 },
      ]),
    ).toBe(true);
    expect(LineScale.touch([{ x: 0, width: 100 }])).toBe(false);
  });

  it('stays on the paper even where there is too little room', () => {
    const points = Array.from({ length: 20 }, (_, i) => 61 + i);
    const scale = new LineScale([60, 120], points, [0, 400], 92);
    expect(scale.x(120)).toBeCloseTo(400);
  });
});
