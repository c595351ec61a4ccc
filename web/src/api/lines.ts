/** The lines of JSON of a reply, each as soon as it is there. */
export async function* linesOf<Line>(response: Response): AsyncGenerator<Line> {
  const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  while (reader) {
    const { done, value } = await reader.read();
    if (done) {
      if (rest.trim() !== '') {
        yield JSON.parse(rest) as Line;
      }
      return;
    }
    // a piece of the reply may end in the middle of a line
    const parts = (rest + value).split('\n');
    rest = parts.pop() ?? '';
    for (const part of parts) {
      yield JSON.parse(part) as Line;
    }
  }
}
