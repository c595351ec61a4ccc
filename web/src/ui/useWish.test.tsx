// @vitest-environment jsdom
import { QueryClient, QueryClientProvider, useMutation } from '@tanstack/react-query';
import { cleanup, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { useWish } from './useWish';

afterEach(cleanup);

let settle: () => void = () => undefined;

function Box() {
  const mutation = useMutation({
    mutationFn: ({ on }: { on: boolean }) =>
      new Promise<boolean>((resolve) => {
        settle = () => {
          resolve(on);
        };
      }),
  });
  const { wish, put } = useWish(mutation.mutate);
  return (
    <input
      type="checkbox"
      checked={wish?.on ?? false}
      onChange={(event) => {
        put({ on: event.target.checked });
      }}
    />
  );
}

describe('what has just been chosen', () => {
  it('stands at once, and until the server has said what holds', async () => {
    render(
      <QueryClientProvider client={new QueryClient()}>
        <Box />
      </QueryClientProvider>,
    );
    const box = screen.getByRole<HTMLInputElement>('checkbox');
    // looked at right after the click, before anything that was put off
    box.click();
    expect(box.checked).toBe(true);
    await new Promise((go) => setTimeout(go, 30));
    expect(box.checked).toBe(true);
    settle();
    await waitFor(() => {
      expect(box.checked).toBe(false);
    });
  });
});
