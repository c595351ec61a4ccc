import { Toast } from 'radix-ui';
import { createContext, useCallback, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { Button } from './Button';

interface Notice {
  id: number;
  text: string;
  undo?: (() => void) | undefined;
}

const Notices = createContext<(text: string, undo?: () => void, otherwise?: () => void) => void>(() => undefined);

/**
 * Says something in passing, with a way to undo it. What cannot be undone once it is done is put off: `otherwise` is done
 * when the time for its undo has passed, or the page goes.
 */
export const useNotice = () => useContext(Notices);

export function NoticeProvider({ children }: { children: ReactNode }) {
  const [notices, setNotices] = useState<Notice[]>([]);
  const putOff = useRef(new Map<number, () => void>());
  const last = useRef(0);
  const settle = useCallback((id: number) => {
    const act = putOff.current.get(id);
    putOff.current.delete(id);
    act?.();
  }, []);
  const notify = useCallback((text: string, undo?: () => void, otherwise?: () => void) => {
    last.current += 1;
    const id = last.current;
    if (otherwise) {
      putOff.current.set(id, otherwise);
    }
    setNotices((all) => [...all.slice(-2), { id, text, undo }]);
  }, []);
  // whatever is no longer on the screen cannot be undone any more
  useEffect(() => {
    for (const id of [...putOff.current.keys()]) {
      if (!notices.some((notice) => notice.id === id)) {
        settle(id);
      }
    }
  }, [notices, settle]);
  useEffect(() => {
    const all = () => {
      [...putOff.current.keys()].forEach(settle);
    };
    window.addEventListener('pagehide', all);
    return () => {
      window.removeEventListener('pagehide', all);
    };
  }, [settle]);
  const close = useCallback((id: number) => {
    setNotices((all) => all.filter((one) => one.id !== id));
  }, []);
  const list = useMemo(
    () =>
      notices.map((notice) => (
        <Toast.Root
          key={notice.id}
          duration={notice.undo ? 15000 : 5000}
          onEscapeKeyDown={(event) => {
            // Escape is for what one is in; a notice, with its undo, stays its time
            event.preventDefault();
          }}
          onOpenChange={(open) => {
            if (!open) {
              close(notice.id);
            }
          }}
          className="flex items-center gap-4 rounded-md bg-ink px-5 py-3 text-paper"
        >
          <Toast.Description>{notice.text}</Toast.Description>
          {notice.undo && (
            <Toast.Action
              altText="Undo"
              asChild
              onClick={() => {
                putOff.current.delete(notice.id);
                notice.undo?.();
              }}
            >
              <Button look="quiet">Undo</Button>
            </Toast.Action>
          )}
        </Toast.Root>
      )),
    [notices, close],
  );
  return (
    <Notices.Provider value={notify}>
      <Toast.Provider swipeDirection="down">
        {children}
        {list}
        <Toast.Viewport className="fixed bottom-20 left-1/2 z-50 flex -translate-x-1/2 flex-col gap-2 outline-none" />
      </Toast.Provider>
    </Notices.Provider>
  );
}
