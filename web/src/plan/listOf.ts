/** A list of lines in a form: one of them changed in part, one away, one more. */
export function listOf<Line extends object>(list: readonly Line[], onList: (list: Line[]) => void) {
  return {
    at: (place: number) => (part: Partial<Line>) => {
      onList(list.map((line, i) => (i === place ? { ...line, ...part } : line)));
    },
    remove: (place: number) => {
      onList(list.filter((_, i) => i !== place));
    },
    add: (line: Line) => {
      onList([...list, line]);
    },
  };
}
