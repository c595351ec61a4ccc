import { useQuery } from '@tanstack/react-query';
import { ChevronDown, CircleUser } from 'lucide-react';
import { Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import type { MeReply } from '../api/types';
import { halvesOf } from '../classroom/styles';
import { useClasses } from '../classroom/useClasses';
import { HalvesContext } from '../models/halves';
import { useKeys } from '../ui/keys';
import { useKept } from '../ui/useKept';
import { useSettled } from '../ui/useSettled';
import { workQuery } from '../api/queries';
import { SumLine } from '../work/SumLine';
import { LineContext } from '../work/line';
import { part, whenIdle } from '../ui/part';

// the menus come when the hands are still, or at once where one is asked for
const ClassPicker = part(() => import('../classroom/ClassPicker').then((it) => it.ClassPicker));
const AccountMenu = part(() => import('./AccountMenu').then((it) => it.AccountMenu));
const KeyList = part(() => import('./KeyList').then((it) => it.KeyList));

const look = ({ isActive }: { isActive: boolean }) =>
  `py-3 text-lg border-b-3 -mb-0.5 ${isActive ? 'border-ink font-bold' : 'border-transparent hover:border-hair'}`;

/** Marks an address that was written from here. */
const own = { own: true };
const isOwn = (state: unknown): boolean => typeof state === 'object' && state !== null && 'own' in state;

/** The top line with the places and the sum line, on every screen; the place itself below it. */
export function Frame({ me }: { me: MeReply }) {
  const navigate = useNavigate();
  const location = useLocation();
  const address = new URLSearchParams(location.search).get('sum') ?? '';
  const [text, setText] = useState(address);
  const [lastKey, setLastKey] = useState(location.key);
  if (location.key !== lastKey) {
    setLastKey(location.key);
    // the address follows the typing; the line follows the address only where someone else changed it: back, forward, a link
    if (address !== '' && !isOwn(location.state)) {
      setText(address);
    }
  }
  // they wait for a connection, if need be, and outlive the tab
  const { value: waiting, change: setWaiting } = useKept<{ wishes: readonly string[] }>('wishes', { wishes: [] });
  const { wishes } = waiting;
  const granted = useCallback(() => {
    setWaiting((now) => ({ wishes: now.wishes.slice(1) }));
  }, [setWaiting]);
  const [keysOpen, setKeysOpen] = useState(false);
  const { inHand } = useClasses();
  const halves = useMemo(() => halvesOf(inHand?.style), [inHand?.style]);
  const settled = useSettled(text, 120);
  const work = useQuery(workQuery(settled));
  const place = useCallback(
    (parts: Record<string, string | null>) => {
      const base = window.location.pathname.startsWith('/teach') ? '/teach' : '/prepare';
      const here = window.location.pathname === base;
      const next = new URLSearchParams(here ? window.location.search : '');
      for (const [name, value] of Object.entries(parts)) {
        if (value === null || value === '') {
          next.delete(name);
        } else {
          next.set(name, value);
        }
      }
      void navigate(`${base}?${next.toString()}`, { replace: here, state: own });
    },
    [navigate],
  );
  const open = (sum: string) => {
    setText(sum);
    // a new sum: what belonged to the last one goes with it
    place({ sum, method: null, step: null, shown: null, jumps: null, told: null });
  };
  /** On the board a sum waits its turn: one types several, and the class sees them one after the other. */
  const queue = (sum: string) => {
    const waiting = (new URLSearchParams(window.location.search).get('queue') ?? '').split('|');
    if (sum.trim() !== '') {
      place({ queue: [...waiting, sum.trim().replaceAll('|', ' ')].filter((one) => one !== '').join('|') });
    }
  };
  // which of the menus was asked for before it was there; null until they are fetched
  const [menus, setMenus] = useState<'class' | 'account' | 'none' | null>(null);
  useEffect(() => {
    whenIdle(() => {
      setMenus((now) => now ?? 'none');
    });
  }, []);
  const classButton = inHand && (
    <button
      type="button"
      className="inline-flex min-h-10 max-w-52 items-center gap-1 rounded-md px-2 text-lg hover:bg-wash"
      aria-label={`Class in hand: ${inHand.name}`}
      aria-haspopup="menu"
      onClick={() => {
        setMenus('class');
      }}
    >
      <span className="truncate">{inHand.name}</span>
      <ChevronDown size={18} aria-hidden="true" className="shrink-0" />
    </button>
  );
  const accountButton = (
    <button
      type="button"
      className="grid size-10 shrink-0 place-items-center rounded-md hover:bg-wash"
      aria-label={me.name}
      aria-haspopup="menu"
      onClick={() => {
        setMenus('account');
      }}
    >
      <CircleUser aria-hidden="true" />
    </button>
  );
  useKeys({
    '?': () => {
      setKeysOpen(true);
    },
  });
  return (
    <HalvesContext value={halves}>
      <LineContext value={{ text, settled, work, open, place, wishes, granted }}>
        <div className={`flex min-h-dvh flex-col ${location.pathname.startsWith('/teach') ? 'md:h-dvh' : 'lg:h-dvh'}`}>
          <header className="flex flex-wrap items-center gap-x-7 border-b-2 border-ink px-6">
            <div className="flex items-center gap-1">
              <NavLink to="/prepare" className="text-2xl font-bold" end>
                Rostik
              </NavLink>
              {menus === null ? (
                classButton
              ) : (
                <Suspense fallback={classButton}>
                  <ClassPicker opened={menus === 'class'} />
                </Suspense>
              )}
            </div>
            <nav aria-label="Places" className="flex flex-wrap gap-x-6">
              <NavLink to="/prepare" className={look}>
                Prepare
              </NavLink>
              <NavLink to={text.trim() === '' ? '/teach' : `/teach?sum=${encodeURIComponent(text)}`} className={look}>
                Teach
              </NavLink>
              <NavLink to="/sheets" className={look}>
                Sheets
              </NavLink>
              <NavLink to="/timetables" className={look}>
                Timetables
              </NavLink>
              <NavLink to="/activities" className={look}>
                Activities
              </NavLink>
              <NavLink to="/practise" className={look}>
                Practise
              </NavLink>
              <NavLink to="/mark" className={look}>
                Mark
              </NavLink>
              <NavLink to="/follow-up" className={look}>
                Follow up
              </NavLink>
            </nav>
            <div className="ml-auto flex min-w-0 flex-1 items-center justify-end gap-3 py-1.5 max-lg:basis-full">
              <SumLine
                text={text}
                onType={open}
                onEnter={() => {
                  open(text);
                }}
                onList={(list) => {
                  const here = window.location.pathname === '/prepare' ? window.location.search : '';
                  void navigate(`/prepare${here}`, { state: { list } });
                }}
                onAdd={() => {
                  if (window.location.pathname.startsWith('/teach')) {
                    queue(text);
                    return;
                  }
                  open(text);
                  if (text.trim() !== '') {
                    setWaiting((now) => ({ wishes: [...now.wishes, text] }));
                  }
                }}
                problem={work.isPlaceholderData || text !== settled ? null : (work.error ?? work.failureReason)}
              />
              {menus === null ? (
                accountButton
              ) : (
                <Suspense fallback={accountButton}>
                  <AccountMenu
                    me={me}
                    opened={menus === 'account'}
                    onKeys={() => {
                      setKeysOpen(true);
                    }}
                  />
                </Suspense>
              )}
            </div>
          </header>
          {/* another class, another way of writing: what stands on the screen begins anew */}
          <main key={inHand?.id} className="flex min-h-0 flex-1 flex-col">
            <Suspense
              fallback={
                <p className="late p-8 text-xl">One moment. Without a connection it comes when there is one.</p>
              }
            >
              <Outlet />
            </Suspense>
          </main>
        </div>
        {keysOpen && (
          <Suspense fallback={null}>
            <KeyList
              open
              onOpenChange={setKeysOpen}
              at={
                location.pathname === '/teach'
                  ? 'board'
                  : location.pathname.startsWith('/teach/activity/')
                    ? 'activity'
                    : ''
              }
            />
          </Suspense>
        )}
      </LineContext>
    </HalvesContext>
  );
}
