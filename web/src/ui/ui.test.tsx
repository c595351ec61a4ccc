// @vitest-environment jsdom
import { act, cleanup, fireEvent, render, renderHook, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Choice } from './Choice';
import { Button } from './Button';
import { useKeys, usePrintKey } from './keys';
import { setLetterKeys } from './letterKeys';
import { NoticeProvider, useNotice } from './notices';
import { Pick, Tick } from './Pick';
import { useKept } from './useKept';
import { Window } from './Window';

beforeEach(() => {
  window.localStorage.clear();
  Element.prototype.hasPointerCapture = () => false;
});
afterEach(cleanup);

describe('what is kept until it is sent', () => {
  const begun = { title: '', count: 6 };

  it('outlives the page, and is forgotten when it was sent', () => {
    const first = renderHook(() => useKept('tide', begun));
    act(() => {
      first.result.current.change({ title: 'Causeway' });
    });
    first.unmount();
    const second = renderHook(() => useKept('tide', begun));
    expect(second.result.current.value).toEqual({ title: 'Causeway', count: 6 });
    act(() => {
      second.result.current.forget();
    });
    expect(second.result.current.value).toEqual(begun);
    expect(renderHook(() => useKept('tide', begun)).result.current.value).toEqual(begun);
    expect(window.localStorage.length).toBe(0);
  });

  it('is not written while nothing is typed, nor mixed up with another form', () => {
    renderHook(() => useKept('tide', begun));
    expect(window.localStorage.length).toBe(0);
    const one = renderHook(() => useKept('one', begun));
    act(() => {
      one.result.current.change({ count: 7 });
    });
    expect(renderHook(() => useKept('other', begun)).result.current.value.count).toBe(6);
  });

  it('begins anew where what was kept cannot be read', () => {
    window.localStorage.setItem('rostik.kept.tide', '{"title": "Cause');
    expect(renderHook(() => useKept('tide', begun)).result.current.value).toEqual(begun);
  });
});

describe('keys of a screen', () => {
  it('act, but not while one types, nor with Ctrl held, nor in a control with keys of its own', async () => {
    const pressed = vi.fn();
    function Screen() {
      useKeys({ n: pressed });
      return (
        <>
          <input aria-label="field" />
          <div data-own-keys>
            <button type="button">own</button>
          </div>
          <button type="button">plain</button>
        </>
      );
    }
    render(<Screen />);
    await userEvent.keyboard('n');
    await userEvent.keyboard('N');
    screen.getByText('plain').focus();
    await userEvent.keyboard('n');
    expect(pressed).toHaveBeenCalledTimes(3);
    await userEvent.keyboard('{Control>}n{/Control}');
    await userEvent.type(screen.getByLabelText('field'), 'noon');
    screen.getByText('own').focus();
    await userEvent.keyboard('n');
    expect(pressed).toHaveBeenCalledTimes(3);
  });

  // each key on each control: what is its own is done by it once, and by the screen not at all
  const own: Record<string, readonly string[]> = {
    button: ['Enter', ' '],
    link: ['Enter'],
    radio: [' ', 'Enter', 'ArrowRight', 'ArrowLeft', 'Home', 'End'],
    tab: [' ', 'Enter', 'ArrowRight', 'ArrowLeft', 'Home', 'End'],
    slider: ['ArrowRight', 'ArrowLeft', 'Home', 'End'],
    switch: ['Enter', ' '],
    checkbox: [' ', 'Enter', 'ArrowRight', 'ArrowLeft', 'Home', 'End', 'n'],
    'drawn button': ['Enter', ' '],
    summary: ['Enter', ' '],
    nothing: [],
  };
  function Controls({ act }: { act: (key: string) => void }) {
    useKeys(
      Object.fromEntries(
        ['Enter', ' ', 'ArrowRight', 'ArrowLeft', 'Home', 'End', 'n'].map((key) => [
          key,
          () => {
            act(key);
          },
        ]),
      ),
    );
    return (
      <>
        <button type="button" data-testid="button">
          <span>Undo</span>
        </button>
        <a href="#back" data-testid="link">
          back
        </a>
        <span role="radio" aria-checked="true" tabIndex={0} data-testid="radio" />
        <span role="tab" tabIndex={0} data-testid="tab" />
        <span role="slider" aria-valuenow={1} tabIndex={0} data-testid="slider" />
        <span role="switch" aria-checked="true" tabIndex={0} data-testid="switch" />
        <input type="checkbox" data-testid="checkbox" />
        <svg>
          <g role="button" tabIndex={0} data-testid="drawn button" />
        </svg>
        <details>
          <summary data-testid="summary">more</summary>
        </details>
        <p tabIndex={0} data-testid="nothing" />
      </>
    );
  }
  it.each(Object.entries(own))('leave a %s its own', (name, keys) => {
    const act = vi.fn();
    render(<Controls act={act} />);
    for (const key of ['Enter', ' ', 'ArrowRight', 'ArrowLeft', 'Home', 'End', 'n']) {
      act.mockClear();
      screen.getByTestId(name).focus();
      expect(document.activeElement).toBe(screen.getByTestId(name));
      fireEvent.keyDown(screen.getByTestId(name), { key });
      expect(act, `${key} on ${name}`).toHaveBeenCalledTimes(keys.includes(key) ? 0 : 1);
    }
  });

  it('are no letters, digits or signs where those are turned off, and none is shown', async () => {
    const did = vi.fn();
    function Screen() {
      useKeys({
        n: () => did('n'),
        '1': () => did('1'),
        '/': () => did('/'),
        ' ': () => did(' '),
        ArrowRight: () => did('→'),
      });
      return <Button shortcut="N">Another</Button>;
    }
    render(<Screen />);
    expect(screen.getByText('N')).toBeTruthy();
    act(() => {
      setLetterKeys(false);
    });
    expect(screen.queryByText('N')).toBeNull();
    await userEvent.keyboard('never 1/2 {ArrowRight}');
    expect(did.mock.calls.flat()).toEqual([' ', ' ', '→']);
    act(() => {
      setLetterKeys(true);
    });
    did.mockClear();
    await userEvent.keyboard('n1/');
    expect(did.mock.calls.flat()).toEqual(['n', '1', '/']);
  });
});

describe('lines of settings', () => {
  const options = [
    { value: 'a4', text: 'A4' },
    { value: 'letter', text: 'US Letter' },
  ] as const;

  it('are one of several, by name', async () => {
    const chosen = vi.fn();
    render(<Pick label="Paper" value="a4" options={options} onChange={chosen} />);
    await userEvent.selectOptions(screen.getByLabelText('Paper'), 'US Letter');
    expect(chosen).toHaveBeenCalledWith('letter');
  });

  it('are yes or no', async () => {
    const chosen = vi.fn();
    render(<Tick label="Chart of units" value={false} onChange={chosen} />);
    await userEvent.click(screen.getByLabelText('Chart of units'));
    expect(chosen).toHaveBeenCalledWith(true);
  });

  it('are one of a few side by side, moved along with the arrows; the one that is on stays on', async () => {
    const chosen = vi.fn();
    render(<Choice label="Paper" value="a4" options={options} onChange={chosen} />);
    const [a4, letter] = screen.getAllByRole('radio');
    expect([a4?.getAttribute('aria-checked'), letter?.getAttribute('aria-checked')]).toEqual(['true', 'false']);
    await userEvent.click(screen.getByText('A4'));
    expect(chosen).not.toHaveBeenCalled();
    a4?.focus();
    await userEvent.keyboard('{ArrowRight}');
    expect(document.activeElement).toBe(letter);
    await userEvent.keyboard(' ');
    expect(chosen).toHaveBeenCalledWith('letter');
  });
});

describe('a window before the screen', () => {
  function Screen() {
    const [open, setOpen] = useState(false);
    return (
      <>
        <button
          type="button"
          onClick={() => {
            setOpen(true);
          }}
        >
          open
        </button>
        <Window open={open} onOpenChange={setOpen} title="Keys">
          <input aria-label="inside" />
        </Window>
      </>
    );
  }

  it('takes the focus, closes with Escape or its cross, and gives the focus back', async () => {
    render(<Screen />);
    const opener = screen.getByText('open');
    await userEvent.click(opener);
    const dialog = screen.getByRole('dialog', { name: 'Keys' });
    expect(dialog.contains(document.activeElement)).toBe(true);
    await userEvent.keyboard('{Escape}');
    expect(screen.queryByRole('dialog')).toBeNull();
    await vi.waitFor(() => {
      expect(document.activeElement).toBe(opener);
    });
    await userEvent.click(opener);
    await userEvent.click(screen.getByRole('button', { name: 'Close' }));
    expect(screen.queryByRole('dialog')).toBeNull();
  });
});

describe('notices', () => {
  function Screen({ undo }: { undo?: () => void }) {
    const notice = useNotice();
    const [count, setCount] = useState(1);
    return (
      <button
        type="button"
        onClick={() => {
          notice(`Notice ${count}.`, undo);
          setCount(count + 1);
        }}
      >
        say
      </button>
    );
  }
  const shown = () => screen.getAllByRole('listitem').map((one) => /Notice \d/.exec(one.textContent)?.[0]);

  it('are three at most, the oldest going first; undo undoes, once', async () => {
    const undo = vi.fn();
    render(
      <NoticeProvider>
        <Screen undo={undo} />
      </NoticeProvider>,
    );
    for (let i = 0; i < 4; i += 1) {
      await userEvent.click(screen.getByText('say'));
    }
    expect(shown()).toHaveLength(3);
    expect(shown()).not.toContain('Notice 1');
    const [first] = screen.getAllByRole('button', { name: 'Undo' });
    await userEvent.click(first ?? document.body);
    expect(undo).toHaveBeenCalledTimes(1);
    expect(shown()).toHaveLength(2);
  });

  it('have nothing to undo where nothing was lost', async () => {
    render(
      <NoticeProvider>
        <Screen />
      </NoticeProvider>,
    );
    await userEvent.click(screen.getByText('say'));
    expect(shown()).toEqual(['Notice 1']);
    expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
  });
});

describe('the print key', () => {
  it('prints what the view is about with Ctrl or ⌘ and P, and with nothing else', () => {
    const print = vi.fn();
    renderHook(() => {
      usePrintKey(print);
    });
    const went = (init: KeyboardEventInit) => fireEvent.keyDown(window, { key: 'p', ...init });
    expect([went({}), went({ ctrlKey: true, shiftKey: true }), went({ ctrlKey: true, altKey: true })]).toEqual([
      true,
      true,
      true,
    ]);
    expect(print).not.toHaveBeenCalled();
    // the browser prints nothing of its own
    expect([went({ ctrlKey: true }), went({ metaKey: true, key: 'P' })]).toEqual([false, false]);
    expect(print).toHaveBeenCalledTimes(2);
  });
});
