import { lazy, Suspense, useEffect } from 'react';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import type { MeReply } from '../api/types';
import { NoticeProvider } from '../ui/notices';
import { Frame } from './Frame';

/** A part of the script for each place; the others are fetched while the hands are still. */
const places = {
  work: () => import('../work/WorkScreen'),
  board: () => import('../board/BoardScreen'),
  clock: () => import('../board/ClockDrill'),
  day: () => import('../board/DayBoard'),
  shelf: () => import('../sheet/Shelf'),
  make: () => import('../sheet/MakeSheets'),
  print: () => import('../printing/PrintPreview'),
  classes: () => import('../classroom/Classes'),
  again: () => import('../account/SignInAgain'),
  sheet: () => import('../sheet/SheetPanel'),
  list: () => import('../sheet/BringIn'),
  mistakes: () => import('../mistake/Mistakes'),
  keys: () => import('./KeyList'),
};
const WorkScreen = lazy(() => places.work().then(({ WorkScreen: it }) => ({ default: it })));
const BoardScreen = lazy(() => places.board().then(({ BoardScreen: it }) => ({ default: it })));
const ClockDrill = lazy(() => places.clock().then(({ ClockDrill: it }) => ({ default: it })));
const DayBoard = lazy(() => places.day().then(({ DayBoard: it }) => ({ default: it })));
const Shelf = lazy(() => places.shelf().then(({ Shelf: it }) => ({ default: it })));
const MakeSheets = lazy(() => places.make().then(({ MakeSheets: it }) => ({ default: it })));
const PrintPreview = lazy(() => places.print().then(({ PrintPreview: it }) => ({ default: it })));
const Classes = lazy(() => places.classes().then(({ Classes: it }) => ({ default: it })));
const SignInAgain = lazy(() => places.again().then(({ SignInAgain: it }) => ({ default: it })));

const whenIdle = (act: () => void) => {
  if ('requestIdleCallback' in window) {
    window.requestIdleCallback(act, { timeout: 5000 });
  } else {
    setTimeout(act, 2000);
  }
};

/** All the places of a teacher who is signed in. */
export function Places({ who, signedOut }: { who: MeReply; signedOut: boolean }) {
  useEffect(() => {
    whenIdle(() => {
      // without a connection the next place is there, too
      Object.values(places).forEach((fetch) => void fetch().catch(() => undefined));
    });
  }, []);
  return (
    <BrowserRouter>
      <NoticeProvider>
        <Routes>
          <Route element={<Frame me={who} />}>
            <Route path="/prepare" element={<WorkScreen />} />
            <Route path="/teach" element={<BoardScreen />} />
            <Route path="/teach/clock" element={<ClockDrill />} />
            <Route path="/teach/day" element={<DayBoard />} />
            <Route path="/sheets" element={<Shelf />} />
            <Route path="/sheets/make" element={<MakeSheets />} />
            <Route path="/classes" element={<Classes />} />
            <Route path="/sheets/:id/print" element={<PrintPreview />} />
            <Route path="*" element={<Navigate to="/prepare" replace />} />
          </Route>
        </Routes>
        {signedOut && (
          <Suspense fallback={null}>
            <SignInAgain last={who} />
          </Suspense>
        )}
      </NoticeProvider>
    </BrowserRouter>
  );
}
