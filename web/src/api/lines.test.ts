import { describe, expect, it } from 'vitest';
import { linesOf } from './lines';

/** A reply that comes in these pieces. */
const inPieces = (...pieces: string[]): Response =>
  new Response(
    new ReadableStream({
      start(controller) {
        for (const piece of pieces) {
          controller.enqueue(new TextEncoder().encode(piece));
        }
        controller.close();
      },
    }),
  );

const all = async (response: Response): Promise<unknown[]> => {
  const found: unknown[] = [];
  for await (const line of linesOf(response)) {
    found.push(line);
  }
  return found;
};

describe('lines of a reply', () => {
  it('are the same however the reply is cut into pieces', async () => {
    const text = '{"page":1}\n{"page":2}\n{"name":"tide – é.pdf","pdf":"JVBERi0="}\n';
    const whole = [{ page: 1 }, { page: 2 }, { name: 'tide – é.pdf', pdf: 'JVBERi0=' }];
    expect(await all(inPieces(text))).toEqual(whole);
    for (let size = 1; size < 20; size += 1) {
      const pieces = Array.from({ length: Math.ceil(text.length / size) }, (_, i) =>
        text.slice(i * size, (i + 1) * size),
      );
      expect(await all(inPieces(...pieces))).toEqual(whole);
    }
  });

  it('comes one by one, before the reply has ended', async () => {
    let send: (text: string) => void = () => undefined;
    const response = new Response(
      new ReadableStream({
        start(controller) {
          send = (text) => {
            controller.enqueue(new TextEncoder().encode(text));
          };
        },
      }),
    );
    const lines = linesOf(response);
    send('{"page":1}\n{"pa');
    expect((await lines.next()).value).toEqual({ page: 1 });
    send('ge":2}\n');
    expect((await lines.next()).value).toEqual({ page: 2 });
  });

  it('takes a last line without an end, none at all, and says what is no JSON', async () => {
    expect(await all(inPieces('{"page":1}'))).toEqual([{ page: 1 }]);
    expect(await all(inPieces(''))).toEqual([]);
    expect(await all(new Response(null))).toEqual([]);
    await expect(all(inPieces('bananas\n'))).rejects.toThrow();
  });
});
