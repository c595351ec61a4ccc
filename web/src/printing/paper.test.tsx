// @vitest-environment jsdom
import { act, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { ClassReply, SheetSettings, SwapReply, SeparatingReply, CopySetReply } from '../api/types';
import { child, classOf } from '../testing/classes';
import { show, silentServer } from '../testing/show';
import { Copies } from '../sheet/Copies';
import { plainSettings } from '../sheet/draft';
import { piecesToAPage, type Fitting } from './pieces';
import { PrintSettings } from './PrintSettings';
import { Separating } from '../sheet/Separating';
import { usePdf } from './usePdf';

const kittiwakes = classOf('k', 'Kittiwakes', { children: ['Anouk', 'Bram', 'Cleo'].map(child), inHand: true });
const set: CopySetReply = {
  id: 'set',
  madeAt: '2026-11-25T10:15:00+00:00',
  copies: [
    { code: 'K7QM', name: 'Anouk' },
    { code: 'W3XD', name: 'Bram' },
    { code: 'H4NP', name: 'Cleo' },
  ],
  notes: ['Question 2 is the same for all: it is kept, or told in words.'],
};

describe('how a sheet is set out', () => {
  const asked = silentServer();
  const settings = (now: Partial<SheetSettings>, fitting: Fitting | null = null) => {
    asked.mockResolvedValue([kittiwakes]);
    const changed = vi.fn<(part: Partial<SheetSettings> | string | null) => void>();
    show(
      <PrintSettings
        settings={{ ...plainSettings, ...now }}
        classId="k"
        fitting={fitting}
        onChange={changed}
        onClass={changed}
      />,
    );
    return changed;
  };

  it.each([
    ['For', 'home', { layout: 'home' }],
    ['Answers', 'complete a table', { answers: 'table' }],
    ['Times given', 'Roman clocks', { times: 'roman-clocks' }],
    ['Working space', 'all set out', { scaffold: 'full' }],
    ['Columns', 'two', { columns: 2 }],
    ['Text size', 'large', { type: 'large' }],
  ] as const)('is chosen line by line: %s, %s', async (label, text, part) => {
    const changed = settings({});
    await userEvent.selectOptions(screen.getByLabelText(label), text);
    expect(changed.mock.calls).toEqual([[part]]);
  });

  it('has as many columns as fit again, and a class or none', async () => {
    const changed = settings({ columns: 1 });
    await userEvent.selectOptions(screen.getByLabelText('Columns'), 'automatic');
    await userEvent.selectOptions(await screen.findByLabelText('Class'), 'none');
    expect(changed.mock.calls).toEqual([[{ columns: null }], [null]]);
  });

  it('leaves out what a small piece of paper has no room for, and an example where the home page has its own', () => {
    settings({ layout: 'tickets' });
    expect(
      ['Columns', 'Worked example', 'Chart of units', 'Instruction'].map((one) => screen.queryByLabelText(one)),
    ).toEqual([null, null, null, null]);
  });

  it('says how many pieces are cut from a page', () => {
    settings({ layout: 'tickets' }, { fits: 4, most: 4 });
    expect(screen.getByRole('status').textContent).toBe('4 to a page, to be cut apart.');
  });

  it.each([
    ['tickets', [560, 561], { fits: 4, most: 4 }],
    ['tickets', [560, 700], { fits: 2, most: 4 }],
    ['slips', [224, 225], { fits: 5, most: 5 }],
    ['slips', [224, 400], { fits: 2, most: 5 }],
    ['slips', [2000, 2000], { fits: 1, most: 5 }],
  ] as const)('counts what fits: %s of %o', (layout, heights, wanted) => {
    const page = document.implementation.createHTMLDocument();
    const share = layout === 'tickets' ? 560 : 224;
    page.body.innerHTML = `<section class="page cut ${layout}" style="min-height:1122px">${heights.map(() => `<div class="piece" style="min-height:${share}px"></div>`).join('')}</section>`;
    page.querySelectorAll('.piece').forEach((piece, i) => {
      Object.defineProperty(piece, 'offsetHeight', { value: heights[i] });
    });
    expect(piecesToAPage(page)).toEqual(wanted);
  });

  it('counts nothing where nothing is cut', () => {
    expect(piecesToAPage(document.implementation.createHTMLDocument())).toBeNull();
  });

  it('has the example of a home page always', () => {
    settings({ layout: 'home' });
    expect(screen.queryByLabelText('Worked example')).toBeNull();
    expect(screen.getByLabelText('Chart of units')).toBeTruthy();
  });
});

describe('copies with other numbers', () => {
  const asked = silentServer();
  const copies = (ready = true, shown: string | null = null, classes: ClassReply[] = [kittiwakes]) => {
    let there = true;
    asked.mockImplementation((method, path) => {
      there = method === 'DELETE' ? false : path.endsWith('/restore') ? true : there;
      return Promise.resolve(
        path === '/api/classes' ? classes : method === 'GET' ? (there ? [set] : []) : method === 'POST' ? set : null,
      );
    });
    const showing = vi.fn();
    show(<Copies sheetId="s" classId={null} reads={false} ready={ready} shown={shown} onShow={showing} />);
    return showing;
  };
  const sent = () => asked.mock.calls.filter(([method]) => method !== 'GET');

  it('are made for neighbours, as many as are wanted, and shown', async () => {
    const showing = copies();
    const field = screen.getByLabelText('Versions');
    await userEvent.clear(field);
    await userEvent.type(field, '4{Enter}');
    await waitFor(() => {
      expect(showing).toHaveBeenCalledWith('set');
    });
    expect(sent()[0]?.slice(0, 2)).toEqual(['POST', '/api/sheets/s/sets']);
    expect(sent()[0]?.[2]).toMatchObject({ count: 4, children: [] });
  });

  it('of a sheet with a timetable have other questions about it, or other times in it', async () => {
    asked.mockImplementation((method, path) =>
      Promise.resolve(path === '/api/classes' ? [kittiwakes] : method === 'GET' ? [] : set),
    );
    show(<Copies sheetId="s" classId={null} reads={true} ready={true} shown={null} onShow={vi.fn()} />);
    const neighbours = screen.getByRole('button', { name: 'Make these versions' });
    await userEvent.click(neighbours);
    await userEvent.click(screen.getByRole('radio', { name: /other times in the timetable/ }));
    await userEvent.click(neighbours);
    await waitFor(() => {
      expect(sent()).toHaveLength(2);
    });
    expect(sent().map(([, , body]) => (body as { moved: boolean }).moved)).toEqual([false, true]);
  });

  it('are no fewer than two and no more than sixty', async () => {
    copies();
    const field = screen.getByLabelText('Versions');
    for (const count of ['1', '61', '']) {
      await userEvent.clear(field);
      await userEvent.type(field, `${count}{Enter}`);
    }
    expect(sent()).toEqual([]);
  });

  it('are made for every child of the class by name', async () => {
    copies();
    await userEvent.click(await screen.findByRole('button', { name: 'One for each of Kittiwakes' }));
    expect(sent()[0]?.[2]).toMatchObject({ count: 3, children: ['anouk', 'bram', 'cleo'] });
  });

  it('wait until the sheet is saved', async () => {
    copies(false);
    await userEvent.click(await screen.findByRole('button', { name: 'One for each of Kittiwakes' }));
    await userEvent.click(screen.getByRole('button', { name: 'Make these versions' }));
    expect(sent()).toEqual([]);
  });

  it('lead to the classes where no names are written down', async () => {
    copies(true, null, [{ ...kittiwakes, children: [] }]);
    expect((await screen.findByRole('link', { name: 'Write down a class' })).getAttribute('href')).toBe('/classes?new');
  });

  it('are listed, shown and put away again, deleted and brought back', async () => {
    const showing = copies(true, 'set');
    const listed = await screen.findByRole('button', { name: /^3 copies, 25 November/ });
    expect(listed.getAttribute('aria-pressed')).toBe('true');
    await userEvent.click(listed);
    expect(showing).toHaveBeenLastCalledWith(null);
    await userEvent.click(screen.getByRole('button', { name: /^Delete the 3 copies/ }));
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    expect(sent().map(([method, path]) => `${method} ${path}`)).toEqual([
      'DELETE /api/sheets/s/sets/set',
      'POST /api/sheets/s/sets/set/restore',
    ]);
  });
});

describe('what a sheet brings to light', () => {
  const asked = silentServer();
  const found: SeparatingReply = {
    mistakes: [
      { id: 'hundred-minutes', may: 'may take an hour for 100 minutes', questions: [1, 3] },
      { id: 'drops-the-carry', may: 'may forget the hour', questions: [] },
    ],
    separated: 4,
    of: 6,
    blurred: [{ one: 'hundred-minutes', other: 'drops-the-carry' }],
    swap: {
      question: 2,
      sum: '6 h 10 min - 3 h 45 min',
      shown: '{h:5 h} {m:20 min} − {h:2 h} {m:35 min}',
      separated: 6,
    },
  };
  const separating = (reply: SeparatingReply, saved: string | null = 'v1') => {
    asked.mockResolvedValue(reply);
    const swapped = vi.fn<(swap: SwapReply) => void>();
    show(<Separating sheetId="s" saved={saved} open onOpenChange={() => undefined} onSwap={swapped} />);
    return swapped;
  };

  it('says in which questions each mistake shows, which are not told apart, and offers a swap', async () => {
    const swapped = separating(found);
    await screen.findByText('4 of 6');
    const rows = screen.getAllByRole('row').map((row) => row.textContent);
    expect(rows.slice(1)).toEqual(['may take an hour for 100 minutes1, 3', 'may forget the hournone']);
    const [pair] = within(screen.getByRole('list', { name: '' })).getAllByRole('listitem');
    expect(pair?.textContent).toBe('may take an hour for 100 minutes or may forget the hour');
    expect(screen.getByText(/not an assessment of the child/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Swap question 2' }));
    expect(swapped).toHaveBeenCalledWith(found.swap);
  });

  it('says so where no mistake shows, and where it cannot be told', async () => {
    separating({ mistakes: [], separated: 0, of: 0, blurred: [], swap: null });
    expect(await screen.findByText('No usual mistake shows in these questions.')).toBeTruthy();
  });

  it('asks for nothing before the sheet is saved', () => {
    separating(found, null);
    expect(screen.getByText('One moment…')).toBeTruthy();
    expect(asked).not.toHaveBeenCalled();
  });
});

describe('making a PDF', () => {
  silentServer();
  const fetched = vi.spyOn(globalThis, 'fetch');
  const kept: string[] = [];
  function Maker() {
    const { page, make, stop } = usePdf();
    return (
      <>
        <output>{page === null ? 'idle' : `page ${page}`}</output>
        <button
          type="button"
          onClick={() => {
            make('/print/sheets/s.pdf/progress');
          }}
        >
          make
        </button>
        <button type="button" onClick={stop}>
          stop
        </button>
      </>
    );
  }
  /** A reply that comes in pieces, as it is said piece by piece. */
  function slowly() {
    const pieces = new TransformStream<string, string>();
    const writer = pieces.writable.getWriter();
    fetched.mockImplementationOnce((_, init) => {
      init?.signal?.addEventListener('abort', () => {
        void writer.abort(new Error('stopped')).catch(() => undefined);
      });
      return Promise.resolve(new Response(pieces.readable.pipeThrough(new TextEncoderStream()), { status: 200 }));
    });
    return {
      say: (text: string) => act(() => writer.write(text)),
      end: () => act(() => writer.close().catch(() => undefined)),
    };
  }
  const start = async () => {
    URL.createObjectURL = () => 'blob:kept';
    HTMLAnchorElement.prototype.click = function keep(this: HTMLAnchorElement) {
      kept.push(this.download);
    };
    kept.length = 0;
    fetched.mockClear();
    show(<Maker />);
    await userEvent.click(screen.getByText('make'));
  };
  const shows = (text: string) =>
    waitFor(() => {
      expect(screen.getByRole('status', { name: '' }).textContent).toBe(text);
    });

  it('says the page it is at, and keeps the file under its name', async () => {
    const reply = slowly();
    await start();
    await shows('page 0');
    await reply.say('{"page":1}\n{"pa');
    await shows('page 1');
    await reply.say('ge":2}\n');
    await shows('page 2');
    await reply.say(`{"name":"tide.pdf","pdf":"${btoa('%PDF-1.7')}"}\n`);
    await reply.end();
    await shows('idle');
    expect(kept).toEqual(['tide.pdf']);
    expect(screen.getAllByText('The PDF is made.').length).toBeGreaterThan(0);
  });

  it('is one at a time, and can be stopped without a word', async () => {
    const reply = slowly();
    await start();
    await reply.say('{"page":1}\n');
    await userEvent.click(screen.getByText('make'));
    expect(fetched).toHaveBeenCalledTimes(1);
    await userEvent.click(screen.getByText('stop'));
    await shows('idle');
    expect(kept).toEqual([]);
    expect(screen.queryByText(/could not be made/)).toBeNull();
  });

  it('says so where it cannot be made, or breaks off', async () => {
    fetched.mockResolvedValueOnce(new Response('', { status: 500 }));
    await start();
    expect((await screen.findAllByText(/The PDF could not be made/)).length).toBeGreaterThan(0);
    await shows('idle');
    const reply = slowly();
    await userEvent.click(screen.getByText('make'));
    await reply.say('{"page":1}\n');
    await reply.end();
    await waitFor(() => {
      expect(screen.getAllByText(/The PDF could not be made/).length).toBeGreaterThan(1);
    });
    expect(kept).toEqual([]);
  });
});
