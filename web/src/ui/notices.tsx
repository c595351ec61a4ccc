import { Toast } from 'radix-ui';
import { createContext, useCallback, useContext, useMemo, useRef, useState, type ReactNode } from 'react';
import { Button } from './Button';
import { called } from './called';

interface Notice {
  id: number;
  text: string;
  undo?: (() => void) | undefined;
}

const Notices = createContext<(text: string, undo?: () => void) => void>(() => undefined);

/** Says something in passing, with a way to undo it. */
export const useNotice = () => useContext(Notices);

export function NoticeProvider({ children }: { children: ReactNode }) {
  const [notices, setNotices] = useState<Notice[]>([]);
  const last = useRef(0);
  const notify = useCallback((text: string, undo?: () => void) => {
    last.current += 1;
    const id = last.current;
    setNotices((all) => [...all.slice(-2), { id, text, undo }]);
  }, []);
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
            <Toast.Action altText="Undo" asChild onClick={notice.undo}>
              <Button look="quiet">{called.undo}</Button>
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
