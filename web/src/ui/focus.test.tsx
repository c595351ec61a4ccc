// @vitest-environment jsdom
import { cleanup, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, beforeAll, describe, expect, it } from 'vitest';
import { keepFocus, useReadOn } from './focus';

beforeAll(() => {
  keepFocus();
});
afterEach(cleanup);

function Screen() {
  const [rows, setRows] = useState(['one', 'two']);
  const [view, setView] = useState<'list' | 'form' | 'bare'>('list');
  const [busy, setBusy] = useState(false);
  if (view === 'bare') {
    return (
      <main>
        <h1>Next</h1>
      </main>
    );
  }
  return (
    <main>
      <h1>Sheets</h1>
      <section>
        <h2>Mine</h2>
        {rows.map((row) => (
          <button
            key={row}
            type="button"
            onClick={() => {
              setRows(rows.filter((one) => one !== row));
            }}
          >
            delete {row}
          </button>
        ))}
      </section>
      {view === 'form' ? (
        <form>
          <input aria-label="title" autoFocus />
          <button
            type="button"
            onClick={() => {
              setView('list');
            }}
          >
            close
          </button>
        </form>
      ) : (
        <button
          type="button"
          onClick={() => {
            setView('form');
          }}
        >
          change
        </button>
      )}
      <button
        type="button"
        disabled={busy}
        onClick={() => {
          setBusy(true);
          setTimeout(() => {
            setBusy(false);
          }, 200);
        }}
      >
        save
      </button>
      <button
        type="button"
        onClick={() => {
          setView('bare');
        }}
      >
        go
      </button>
    </main>
  );
}

const press = async (name: string) => {
  screen.getByRole('button', { name }).focus();
  await userEvent.keyboard('{Enter}');
};
const focused = async (name: string) => {
  await waitFor(() => {
    expect(document.activeElement?.textContent).toBe(name);
  });
};

describe('the focus', () => {
  it('goes to the heading around what is gone, and to that of the view where all of it is gone', async () => {
    render(<Screen />);
    await press('delete one');
    await focused('Mine');
    await press('change');
    expect(document.activeElement).toBe(screen.getByLabelText('title'));
    await press('close');
    await focused('Sheets');
    await press('go');
    await focused('Next');
  });

  it('comes back to what was out of use for a moment', async () => {
    render(<Screen />);
    await press('save');
    await waitFor(() => {
      expect(screen.getByRole('button', { name: 'save' })).toHaveProperty('disabled', true);
    });
    await focused('save');
  });

  it('is left alone where somebody took it off themselves', async () => {
    render(<Screen />);
    screen.getByRole('button', { name: 'save' }).focus();
    screen.getByRole('button', { name: 'save' }).blur();
    await new Promise((done) => {
      setTimeout(done, 200);
    });
    expect(document.activeElement).toBe(document.body);
  });
});

describe('another view', () => {
  function Places({ view, there }: { view: string; there: boolean }) {
    useReadOn(view);
    return (
      <>
        <button type="button">menu</button>
        <button type="button">place</button>
        <main>{there && <h1>{view}</h1>}</main>
      </>
    );
  }

  it('begins at its heading, as soon as that is there', async () => {
    const { rerender } = render(<Places view="Today" there />);
    screen.getByText('place').focus();
    rerender(<Places view="Mark" there={false} />);
    rerender(<Places view="Mark" there />);
    await focused('Mark');
  });

  it('takes nobody away who has gone on meanwhile', async () => {
    const { rerender } = render(<Places view="Today" there />);
    screen.getByText('place').focus();
    rerender(<Places view="Mark" there={false} />);
    await userEvent.click(screen.getByText('menu'));
    rerender(<Places view="Mark" there />);
    await new Promise((done) => {
      setTimeout(done, 300);
    });
    expect(document.activeElement).toBe(screen.getByText('menu'));
  });
});
