/**
 * Places on a number line drawn so that every stretch between neighbouring points has room for its label: like the
 * empty number line on a board, in the right order and roughly to scale. Pixels only; nothing is calculated with time.
 */
export class LineScale {
  private readonly stops: { at: number; x: number }[];

  /**
   * @param ends left and right end of the line, in ticks
   * @param points the points that stand on the line at the last step
   * @param pixels where the line begins and ends
   * @param room the least distance between two neighbouring points
   */
  constructor(
    ends: readonly [number, number],
    points: readonly number[],
    pixels: readonly [number, number],
    room: number | ((from: number, to: number) => number),
  ) {
    const between = typeof room === 'number' ? () => room : room;
    const sorted = [...new Set([ends[0], ...points, ends[1]])].sort((a, b) => a - b);
    const inner = new Set(points);
    const gaps = sorted.slice(1).map((at, i) => {
      const from = sorted[i] ?? at;
      return { ticks: at - from, least: inner.has(at) && inner.has(from) ? between(from, at) : 26 };
    });
    const width = pixels[1] - pixels[0];
    const least = gaps.reduce((sum, gap) => sum + gap.least, 0);
    const ticks = gaps.reduce((sum, gap) => sum + gap.ticks, 0) || 1;
    const spare = Math.max(0, width - least);
    const shrink = least > width ? width / least : 1;
    let x = pixels[0];
    this.stops = [{ at: sorted[0] ?? 0, x }];
    gaps.forEach((gap, i) => {
      x += gap.least * shrink + (spare * gap.ticks) / ticks;
      this.stops.push({ at: sorted[i + 1] ?? 0, x });
    });
  }

  /** Whether equal lengths are drawn about equally long, so that small ticks between the points make sense. */
  get even(): boolean {
    const scales = this.stops.slice(1).map((stop, i) => {
      const before = this.stops[i];
      return before ? (stop.x - before.x) / (stop.at - before.at || 1) : 0;
    });
    return Math.max(...scales) <= 1.35 * Math.min(...scales);
  }

  /** Whether labels that stand in a row beside each other would touch. */
  static touch(labels: readonly { x: number; width: number }[]): boolean {
    const sorted = [...labels].sort((a, b) => a.x - b.x);
    return sorted.slice(1).some((label, i) => {
      const before = sorted[i] ?? label;
      return label.x - before.x < (label.width + before.width) / 2;
    });
  }

  x(at: number): number {
    const after = this.stops.findIndex((stop) => stop.at >= at);
    const b = this.stops[after === -1 ? this.stops.length - 1 : after];
    const a = this.stops[Math.max(0, (after === -1 ? this.stops.length : after) - 1)];
    if (!a || !b || a === b || a.at === b.at) {
      return b?.x ?? 0;
    }
    return a.x + ((b.x - a.x) * (at - a.at)) / (b.at - a.at);
  }
}
