/** Widths in CSS pixels: a name with its word beneath, and the least that a name takes. */
const WIDE = 156;
const NARROW = 96;

/** As many rows as stay within sight under the code. */
const HIGH = 6;

interface Pin {
  id: string;
  done: number;
}

/** A quay along which the pins of those at the tablets move: from none of so many on the left to all of them on the right. */
export interface Moored {
  /** Width of a pin. */
  pin: number;
  rows: number;
  /** Where each stands: its left edge, and its row from the quay up. */
  places: ReadonlyMap<string, { x: number; row: number }>;
  /** Where those that have done as many stand, from the left. */
  marks: readonly { done: number; x: number }[];
}

/**
 * Those that have done as many stand together, in columns upon each other; what room is left lies between, wider where
 * more questions lie between. Null where the quay is too short for the pins: then they stand in a list.
 */
export function moor(pins: readonly Pin[], of: number, width: number): Moored | null {
  const steps = [...new Set(pins.map((one) => one.done))].sort((a, b) => a - b);
  const groups = steps.map((done) => ({ done, pins: pins.filter((one) => one.done === done) }));
  const columnsAt = (rows: number) => groups.reduce((all, one) => all + Math.ceil(one.pins.length / rows), 0);
  const fits = (rows: number, pin: number) => columnsAt(rows) * pin <= width;
  const most = Math.max(1, ...groups.map((one) => one.pins.length));
  const upTo = (last: number) => Array.from({ length: last }, (_, i) => i + 1);
  // as high as is in sight, so that who stands further on has done more; higher only where they would not fit
  const high = Math.min(most, HIGH);
  const rows = [high, ...upTo(most).slice(high)].find((one) => fits(one, NARROW));
  if (rows === undefined || of === 0) {
    return null;
  }
  const pin = Math.min(WIDE, Math.floor(width / columnsAt(rows)));
  const spare = width - columnsAt(rows) * pin;
  const places = new Map<string, { x: number; row: number }>();
  let columns = 0;
  const marks = groups.map((group) => {
    const x = columns * pin + Math.round((spare * Math.min(group.done, of)) / of);
    group.pins.forEach((one, i) => {
      places.set(one.id, { x: x + Math.floor(i / rows) * pin, row: i % rows });
    });
    columns += Math.ceil(group.pins.length / rows);
    return { done: group.done, x };
  });
  return { pin, rows, places, marks };
}
