import { useQuery } from '@tanstack/react-query';
import { ChevronDown, CircleUser, X } from 'lucide-react';
import { Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { Link, NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import type { MeReply } from '../api/types';
import { Refused } from '../api/client';
import { addressOf, readAddress } from '../board/address';
import { halvesOf } from '../classroom/styles';
import { useClasses } from '../classroom/useClasses';
import { HalvesContext } from '../models/halves';
import { useTaught } from '../plan/teach';
import { readOn, useReadOn } from '../ui/focus';
import { useKeys } from '../ui/keys';
import { useKept } from '../ui/useKept';
import { useSettled } from '../ui/useSettled';
import { forgetWayBack, wayBack } from '../ui/wayBack';
import { settingQuery, workQuery } from '../api/queries';
import { isSearch, SumLine } from '../work/SumLine';
import { LineContext } from '../work/line';
import { part, whenIdle } from '../ui/part';
import { useGoKeys } from './goKeys';
import { Key } from '../ui/Key';
import { writeMonthFirst } from '../ui/dates';

// the menus come when the hands are still, or at once where one is asked for
const ClassPicker = part(() => import('../classroom/ClassPicker').then((it) => it.ClassPicker));
const AccountMenu = part(() => import('./AccountMenu').then((it) => it.AccountMenu));
const KeyList = part(() => import('./KeyList').then((it) => it.KeyList));

const LessonLine = part(() => import('../plan/places').then((it) => it.LessonLine));

interface Place {
  name: string;
  to: string;
  /** The first parts of the addresses that belong to it. */
  at: readonly string[];
}

/** Where the work is done, in the order in which it is done; a sum that is typed goes along to the board. */
const placesOf = (text: string): readonly Place[] => [
  { name: 'Today', to: '/today', at: ['today'] },
  { name: 'Prepare', to: '/prepare', at: ['prepare', 'sheets', 'problems', 'timetables', 'activities'] },
  {
    name: 'Teach',
    to: text.trim() === '' || isSearch(text) ? '/teach' : `/teach?sum=${encodeURIComponent(text)}`,
    at: ['teach'],
  },
  { name: 'Practise', to: '/practise', at: ['practise'] },
  { name: 'Mark', to: '/mark', at: ['mark'] },
  { name: 'Follow up', to: '/follow-up', at: ['follow-up'] },
];
const isAt = (place: Place, path: string): boolean => place.at.includes(path.split('/')[1] ?? '');

/** What is found within Prepare. */
const prepared = [
  { name: 'A sum', to: '/prepare' },
  { name: 'Sheets', to: '/sheets' },
  { name: 'Problems', to: '/problems' },
  { name: 'Timetables', to: '/timetables' },
  { name: 'Activities', to: '/activities' },
] as const;

/** What stands on the board takes the room of the top line; where one goes when it is taken off. */
function closingOf(path: string, search: string, sum: string): { to: string; name: string } | null {
  if (path === '/teach') {
    return sum.trim() === '' ? null : { to: '/teach', name: 'Take the sum off the board' };
  }
  if (path === '/teach/timetable') {
    const sheet = new URLSearchParams(search).get('sheet');
    return sheet === null
      ? { to: `/timetables${search}`, name: 'Take the timetable off the board' }
      : { to: `/prepare?sheet=${sheet}`, name: 'Back to the sheet' };
  }
  return path.startsWith('/teach/activity/')
    ? { to: `/activities/${path.slice('/teach/activity/'.length)}${search}`, name: 'Take the activity off the board' }
    : null;
}

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
    if ((address !== '' || location.pathname.startsWith('/teach')) && !isOwn(location.state)) {
      setText(address);
    }
  }
  // they wait for a connection, if need be, and outlive the tab
  const { value: waiting, change: setWaiting } = useKept<{ wishes: readonly string[] }>('wishes', { wishes: [] });
  const { wishes } = waiting;
  const wish = useCallback(
    (sum: string) => {
      setWaiting((now) => ({ wishes: [...now.wishes, sum] }));
    },
    [setWaiting],
  );
  const granted = useCallback(() => {
    setWaiting((now) => ({ wishes: now.wishes.slice(1) }));
  }, [setWaiting]);
  // once a sum stands on the board it has the room; the top line comes down for whoever types in it, or comes to it by key
  const back = location.pathname === '/teach' ? wayBack() : null;
  const closing = closingOf(location.pathname, location.search, address);
  const folded = closing !== null;
  const [keysOpen, setKeysOpen] = useState(false);
  const taught = useTaught();
  useGoKeys();
  useReadOn(location.pathname);
  const { inHand } = useClasses();
  writeMonthFirst(inHand?.style.monthFirst ?? false);
  const halves = useMemo(() => halvesOf(inHand?.style), [inHand?.style]);
  // what begins with > is looked for, and not worked
  const settled = useSettled(isSearch(text) ? '' : text, 120);
  const work = useQuery(workQuery(settled));
  // what is no sum can stand on the open clock
  const onBoard = location.pathname === '/teach';
  const setting = useQuery({
    ...settingQuery(settled, readAddress(new URLSearchParams(location.search)).at),
    enabled: onBoard && work.error instanceof Refused && !work.error.offline,
  });
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
    if (isSearch(sum)) {
      return;
    }
    // a new sum: what belonged to the last one goes with it, and every cover is back
    if (window.location.pathname.startsWith('/teach')) {
      const here = window.location.pathname === '/teach';
      const address = addressOf(sum, here ? window.location.search : '');
      void navigate(`/teach?${address.toString()}`, { replace: here, state: own });
      return;
    }
    place({ sum, method: null, step: null });
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
      <LineContext value={{ text, settled, work, open, place, wishes, wish, granted }}>
        <div
          className={`flex min-h-dvh flex-col ${location.pathname.startsWith('/teach') ? 'wall md:h-dvh' : 'lg:h-dvh'}`}
        >
          <a
            href="#shown"
            className="sr-only rounded-md border-2 border-ink bg-sheet px-4 py-2 text-lg font-bold focus:not-sr-only focus:absolute focus:top-1 focus:left-1 focus:z-50"
            onClick={(event) => {
              event.preventDefault();
              readOn();
            }}
          >
            Skip to the page
          </a>
          {closing && (
            <nav
              aria-label="Over the board"
              className="flex h-10 items-center gap-3 border-b-2 border-ink px-6"
              data-folded
            >
              <Link to="/today" className="text-xl font-bold">
                Rostik
              </Link>
              <button
                type="button"
                className="inline-flex h-9 items-center gap-2 rounded-md px-2 text-lg text-soft hover:bg-wash"
                onClick={() => {
                  document.getElementById('sum-line')?.focus();
                }}
              >
                Type a sum
                <Key of="/" />
              </button>
              {back && (
                <Link to={back.to} className="ml-auto text-lg underline underline-offset-4" onClick={forgetWayBack}>
                  {back.name}
                </Link>
              )}
              <Link
                to={closing.to}
                className={`${back ? '' : 'ml-auto'} grid size-9 place-items-center rounded-md hover:bg-wash`}
                aria-label={closing.name}
                onClick={() => {
                  setText('');
                }}
              >
                <X aria-hidden="true" />
              </Link>
            </nav>
          )}
          <header
            className="flex flex-wrap items-center gap-x-7 border-b-2 border-ink px-6"
            data-folds={folded ? true : undefined}
          >
            <div className="flex items-center gap-1">
              <Link to="/today" className="text-2xl font-bold">
                Rostik
              </Link>
              {menus === null ? (
                classButton
              ) : (
                <Suspense fallback={classButton}>
                  <ClassPicker opened={menus === 'class'} />
                </Suspense>
              )}
            </div>
            <nav
              aria-label="Places"
              className="flex gap-x-6 flex-wrap phone:fixed phone:inset-x-0 phone:bottom-0 phone:z-30 phone:flex-nowrap phone:justify-between phone:gap-x-1 phone:border-t-2 phone:border-ink phone:bg-paper phone:px-2"
              data-bar
            >
              {placesOf(text).map((one) => (
                <Link
                  key={one.name}
                  to={one.to}
                  className={`-mb-0.5 border-b-3 py-3 text-lg phone:py-2.5 phone:text-sm ${isAt(one, location.pathname) ? 'border-ink font-bold' : 'border-transparent hover:border-hair'}`}
                  aria-current={isAt(one, location.pathname) ? 'page' : undefined}
                >
                  {one.name}
                </Link>
              ))}
            </nav>
            <div className="ml-auto flex min-w-0 flex-1 items-center justify-end gap-3 py-1.5 max-[75rem]:basis-full">
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
                    wish(text);
                  }
                }}
                onBoard={
                  location.pathname.startsWith('/teach')
                    ? undefined
                    : () => {
                        void navigate(`/teach?${addressOf(text, '').toString()}`);
                      }
                }
                problem={
                  work.isPlaceholderData || text !== settled || (onBoard && (setting.data || setting.isFetching))
                    ? null
                    : (work.error ?? work.failureReason)
                }
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
          {taught.value.lesson !== '' && location.pathname.startsWith('/teach') && (
            <Suspense fallback={null}>
              <LessonLine key={location.pathname} />
            </Suspense>
          )}
          {prepared.some((one) => location.pathname === one.to || location.pathname.startsWith(`${one.to}/`)) && (
            <nav
              aria-label="Prepare"
              className="flex flex-wrap gap-x-5 border-b border-hair px-6 max-sm:gap-x-4 max-sm:px-3 print:hidden"
            >
              {prepared.map((one) => (
                <NavLink
                  key={one.to}
                  to={one.to}
                  className={({ isActive }) =>
                    `inline-flex min-h-9 items-center whitespace-nowrap underline-offset-6 ${isActive ? 'font-bold underline decoration-3' : 'hover:underline'}`
                  }
                >
                  {one.name}
                </NavLink>
              ))}
            </nav>
          )}
          {/* another class, another way of writing: what stands on the screen begins anew */}
          <main key={inHand?.id} id="shown" className="flex min-h-0 flex-1 flex-col phone:pb-14">
            <Suspense
              fallback={
                <p className="late p-8 text-xl">One moment. Without a connection it comes when there is one.</p>
              }
            >
              <Outlet />
            </Suspense>
            <div id="menus" className="contents" />
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
