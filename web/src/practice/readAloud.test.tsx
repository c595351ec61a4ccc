// @vitest-environment jsdom
import { act, cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ReadAloud } from './readAloud';

const voices: string[] = [];
const listeners = new Set<() => void>();
const said: { text: string; onend?: () => void }[] = [];
const cancel = vi.fn();

beforeEach(() => {
  voices.length = said.length = 0;
  cancel.mockClear();
  vi.stubGlobal('speechSynthesis', {
    getVoices: () => voices,
    addEventListener: (_: string, tell: () => void) => listeners.add(tell),
    removeEventListener: (_: string, tell: () => void) => listeners.delete(tell),
    cancel,
    speak: (one: { text: string }) => said.push(one),
  });
  vi.stubGlobal(
    'SpeechSynthesisUtterance',
    class {
      constructor(public text: string) {}
    },
  );
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe('reading aloud', () => {
  it('is there as soon as the browser has a voice, and where there is something to read', () => {
    const { rerender } = render(<ReadAloud text="2 hours plus 5 minutes." />);
    expect(screen.queryByRole('button')).toBeNull();
    act(() => {
      voices.push('a voice');
      listeners.forEach((tell) => {
        tell();
      });
    });
    screen.getByRole('button', { name: 'Read it to me' });
    rerender(<ReadAloud text="" />);
    expect(screen.queryByRole('button')).toBeNull();
  });

  it('stops when it is pressed again, when it has come to its end, and when the text goes', async () => {
    voices.push('a voice');
    const { rerender } = render(<ReadAloud text="2 hours plus 5 minutes." />);
    await userEvent.click(screen.getByRole('button', { name: 'Read it to me' }));
    expect(said.map((one) => one.text)).toEqual(['2 hours plus 5 minutes.']);
    cancel.mockClear();
    await userEvent.click(screen.getByRole('button', { name: 'Stop reading' }));
    expect(cancel).toHaveBeenCalledTimes(1);
    expect(said).toHaveLength(1);
    await userEvent.click(screen.getByRole('button', { name: 'Read it to me' }));
    act(() => {
      said[1]?.onend?.();
    });
    screen.getByRole('button', { name: 'Read it to me' });
    cancel.mockClear();
    rerender(<ReadAloud text="Look at the hour." />);
    expect(cancel).toHaveBeenCalledTimes(1);
  });
});
