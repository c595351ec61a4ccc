import './styles.css';
import { QueryClientProvider, useQuery } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { StrictMode, useState } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import { SignIn, SignInAgain } from './account/SignIn';
import type { MeReply } from './api/types';
import { BoardScreen } from './board/BoardScreen';
import { ClockPractice } from './board/ClockPractice';
import { DayBoard } from './board/DayBoard';
import { Classes } from './classroom/Classes';
import { classesQuery, meQuery, queryClient } from './api/queries';
import { MakeSheets } from './sheet/MakeSheets';
import { PrintPreview } from './sheet/PrintPreview';
import { Shelf } from './sheet/Shelf';
import { Frame } from './shell/Frame';
import { NoticeProvider } from './ui/notices';
import { WorkScreen } from './work/WorkScreen';

function App() {
  const me = useQuery(meQuery);
  // who was signed in stays on the screen while the password is asked for again
  const [last, setLast] = useState<MeReply | null>(null);
  if (me.data && me.data !== last) {
    setLast(me.data);
  }
  const who = me.data ?? last;
  // the board speaks the class's own methods: what the class is comes before the first screen, where there is a connection
  const classes = useQuery({ ...classesQuery, enabled: who !== null });
  if (me.isPending) {
    return me.failureCount > 1 ? <p className="p-8 text-xl">No connection. Trying again…</p> : null;
  }
  if (who === null) {
    return <SignIn />;
  }
  if (classes.isPending && classes.failureCount === 0) {
    return null;
  }
  return (
    <NoticeProvider>
      <Routes>
        <Route element={<Frame me={who} />}>
          <Route path="/prepare" element={<WorkScreen />} />
          <Route path="/teach" element={<BoardScreen />} />
          <Route path="/teach/clock" element={<ClockPractice />} />
          <Route path="/teach/day" element={<DayBoard />} />
          <Route path="/sheets" element={<Shelf />} />
          <Route path="/sheets/make" element={<MakeSheets />} />
          <Route path="/classes" element={<Classes />} />
          <Route path="/sheets/:id/print" element={<PrintPreview />} />
          <Route path="*" element={<Navigate to="/prepare" replace />} />
        </Route>
      </Routes>
      {me.data === null && <SignInAgain last={who} />}
    </NoticeProvider>
  );
}

// styles that a dialog adds while it is open carry the page's nonce, as the content security policy wants
setNonce(document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content ?? '');

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queryClient}>
        <BrowserRouter>
          <App />
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  );
}
