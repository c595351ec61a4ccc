// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Refused } from '../api/client';
import { SumLine } from './SumLine';

afterEach(cleanup);

const refused = new Refused(422, {
  status: 422,
  code: 'not-understood',
  detail: '“bana” was not understood.',
  at: 10,
  example: '1:50 pm + 3½ hours',
});

function line(problem: Error | null = null) {
  const heard = { onEnter: vi.fn(), onAdd: vi.fn(), onList: vi.fn() };
  function Line() {
    const [text, setText] = useState('');
    return <SumLine text={text} onType={setText} problem={text.includes('bana') ? problem : null} {...heard} />;
  }
  render(<Line />);
  return { ...heard, field: screen.getByLabelText<HTMLTextAreaElement>(/Sum line/) };
}

describe('the sum line', () => {
  it('is reached with a slash, from anywhere but from a field in which one types', async () => {
    const { field } = line();
    await userEvent.keyboard('/');
    expect(document.activeElement).toBe(field);
    expect(field.value).toBe('');
    await userEvent.keyboard('2 h / 3');
    expect(field.value).toBe('2 h / 3');
    await userEvent.keyboard('{Escape}');
    expect(document.activeElement).not.toBe(field);
    // what stands there is selected, so that a new sum takes its place
    await userEvent.keyboard('/');
    await userEvent.keyboard('5 h');
    expect(field.value).toBe('5 h');
  });

  it('goes on to the working with Enter, on to the sheet with Shift and Enter', async () => {
    const { field, onEnter, onAdd } = line();
    await userEvent.type(field, '2 h + 3 h{Shift>}{Enter}{/Shift}');
    expect([onAdd.mock.calls.length, onEnter.mock.calls.length]).toEqual([1, 0]);
    expect(document.activeElement).toBe(field);
    await userEvent.type(field, '{Enter}');
    expect([onAdd.mock.calls.length, onEnter.mock.calls.length]).toEqual([1, 1]);
    expect(document.activeElement).not.toBe(field);
  });

  it('takes a list that is pasted, and one sum as text', async () => {
    const { field, onList } = line();
    field.focus();
    await userEvent.paste('2 h + 3 h\n4 h - 1 h\n');
    expect(onList).toHaveBeenCalledWith('2 h + 3 h\n4 h - 1 h');
    expect(field.value).toBe('');
    await userEvent.paste('2 h + 3 h');
    expect(onList).toHaveBeenCalledTimes(1);
    expect(field.value).toBe('2 h + 3 h');
  });

  it('says what was not understood after a pause, where it is, and one that works', async () => {
    vi.useFakeTimers();
    const { field } = line(refused);
    fireEvent.change(field, { target: { value: '1:50 pm + bana' } });
    expect(screen.queryByRole('status')).toBeNull();
    expect(field.getAttribute('aria-invalid')).toBe('false');
    await vi.advanceTimersByTimeAsync(800);
    vi.useRealTimers();
    expect((await screen.findByRole('status')).textContent).toContain('“bana” was not understood.');
    expect(field.getAttribute('aria-invalid')).toBe('true');
    expect(document.querySelector('.underline.decoration-2')?.textContent).toBe('bana');
    await userEvent.click(screen.getByRole('button', { name: '1:50 pm + 3½ hours' }));
    expect(field.value).toBe('1:50 pm + 3½ hours');
    expect(document.activeElement).toBe(field);
    expect(screen.queryByRole('status')).toBeNull();
  });

  it('marks all that was not understood', async () => {
    const { field } = line(
      new Refused(422, {
        status: 422,
        code: 'unknown-word',
        detail: '“bananas” and “pears” were not understood.',
        at: 0,
        misread: [
          { from: 0, until: 7 },
          { from: 16, until: 21 },
        ],
        example: '3 h + 20 min',
      }),
    );
    await userEvent.type(field, 'bananas + 3 h + pears, and what comes after it{Enter}');
    const marked = () => [...document.querySelectorAll('.underline.decoration-2')].map((one) => one.textContent);
    expect(marked()).toEqual(['bananas', 'pears']);
    expect(screen.getByRole('status').textContent).toContain('bananas + 3 h + pears, and what comes after i …');
  });

  it('says it at once where one presses Enter', async () => {
    const { field } = line(refused);
    await userEvent.type(field, '1:50 pm + bana');
    expect(screen.queryByRole('status')).toBeNull();
    await userEvent.type(field, '{Enter}');
    expect(screen.getByRole('status')).toBeTruthy();
  });
});
