// @vitest-environment jsdom
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import type { FieldRequest } from '../api/types';
import { show, silentServer } from '../testing/show';
import { DayField, TimeField } from './written';

/** What PHP would say: of these few, by their letters. */
const days: Record<string, string> = {
  '2026-11-26': '2026-11-26',
  '2026-11-27': '2026-11-27',
  '27 nov': '2026-11-27',
  friday: '2026-12-04',
};

describe('days and times in fields', () => {
  const asked = silentServer();
  const server = () => {
    asked.mockImplementation((_method, _path, body) => {
      const { text, by = 0 } = body as FieldRequest;
      const value = days[text];
      return value === undefined
        ? Promise.reject(new Error(`“${text}” is no day of the calendar.`))
        : Promise.resolve({
            value: by === 0 ? value : `${value.slice(0, 8)}${String(Number(value.slice(8)) + by)}`,
            text: `the ${value.slice(8)}th`,
          } as never);
    });
  };
  function Form() {
    const [day, setDay] = useState('2026-11-26');
    return (
      <form aria-label="form">
        <DayField label="Day" value={day} onChange={setDay} />
        <p data-testid="value">{day}</p>
      </form>
    );
  }
  const input = () => screen.getByLabelText<HTMLInputElement>('Day');
  const stands = (text: string, value: string) =>
    waitFor(() => {
      expect([input().value, screen.getByTestId('value').textContent]).toEqual([text, value]);
    });

  it('stand as the class writes them, and take what is typed when the field is left', async () => {
    server();
    show(<Form />);
    await stands('the 26th', '2026-11-26');
    fireEvent.change(input(), { target: { value: '27 nov' } });
    expect([input().value, screen.getByTestId('value').textContent]).toEqual(['27 nov', '2026-11-26']);
    fireEvent.blur(input());
    await stands('the 27th', '2026-11-27');
    fireEvent.keyDown(input(), { key: 'ArrowUp' });
    await waitFor(() => {
      expect(screen.getByTestId('value').textContent).toBe('2026-11-28');
    });
  });

  it('keep what is no day as it was typed, say so beneath it, and hold the form back', async () => {
    server();
    show(<Form />);
    await stands('the 26th', '2026-11-26');
    fireEvent.change(input(), { target: { value: 'soon' } });
    fireEvent.blur(input());
    expect((await screen.findByRole('alert')).textContent).toBe('“soon” is no day of the calendar.');
    expect([input().value, input().checkValidity(), input().getAttribute('aria-invalid')]).toEqual([
      'soon',
      false,
      'true',
    ]);
    expect(screen.getByTestId('value').textContent).toBe('2026-11-26');
    fireEvent.change(input(), { target: { value: 'friday' } });
    fireEvent.blur(input());
    await stands('the 04th', '2026-12-04');
    expect([screen.queryByRole('alert'), input().checkValidity()]).toEqual([null, true]);
  });

  it('may be left empty where nothing is wanted', async () => {
    server();
    const seen: string[] = [];
    show(
      <TimeField
        label="From"
        optional
        value="2026-11-26"
        onChange={(value) => {
          seen.push(value);
        }}
      />,
    );
    const field = screen.getByLabelText<HTMLInputElement>('From');
    await waitFor(() => {
      expect(field.value).toBe('the 26th');
    });
    fireEvent.change(field, { target: { value: '' } });
    fireEvent.blur(field);
    await waitFor(() => {
      expect(seen).toEqual(['']);
    });
    expect(field.required).toBe(false);
  });
});
