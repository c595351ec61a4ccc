import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { afterEach, beforeEach, vi } from 'vitest';
import * as client from '../api/client';
import { NoticeProvider } from '../ui/notices';

/** Shows a part of the application with all that stands around it. */
export function show(part: ReactNode, at = '/') {
  const server = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  return render(
    <QueryClientProvider client={server}>
      <NoticeProvider>
        <MemoryRouter initialEntries={[at]}>{part}</MemoryRouter>
      </NoticeProvider>
    </QueryClientProvider>,
  );
}

/** What stands behind the three dots of something, pressed. */
export async function pressMore(of: string, what: string) {
  await userEvent.click(screen.getByRole('button', { name: `More: ${of}` }));
  await userEvent.click(await screen.findByText(what, { selector: '[role^="menuitem"]' }));
}

/** A server that never answers, except where a test says what it does. */
export function silentServer() {
  const asked = vi.spyOn(client, 'ask');
  beforeEach(() => {
    // what a page has and a page in tests has not
    Element.prototype.scrollIntoView = () => undefined;
    Element.prototype.hasPointerCapture = () => false;
    window.localStorage.clear();
    asked.mockReset();
    asked.mockImplementation(() => new Promise(() => undefined));
  });
  afterEach(() => {
    cleanup();
  });
  return asked;
}
