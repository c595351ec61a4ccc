import './styles.css';
import { QueryClientProvider, useQuery } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { StrictMode, Suspense, useEffect, useState } from 'react';
import { createRoot } from 'react-dom/client';
import { SignIn } from './account/SignIn';
import { classesQuery, meQuery, queryClient } from './api/queries';
import type { MeReply } from './api/types';
import { keep, keepFor, kept } from './ui/browserStore';
import { keepFocus } from './ui/focus';
import { setLetterKeys } from './ui/letterKeys';
import { part } from './ui/part';

const fetchPlaces = () => import('./shell/Places');
const WithLink = part(() => import('./account/WithLink').then((it) => it.WithLink));
const Go = part(() => import('./practice/Go').then((it) => it.Go));
const Places = part(() => fetchPlaces().then((it) => it.Places));

function App() {
  // children have a screen of their own
  if (/^\/go\/?$/.test(window.location.pathname)) {
    return (
      <Suspense fallback={null}>
        <Go />
      </Suspense>
    );
  }
  // a one-time link is for who is not signed in
  return /^\/(join|reset)$/.test(window.location.pathname) ? (
    <Suspense fallback={null}>
      <WithLink />
    </Suspense>
  ) : (
    <SignedIn />
  );
}

function SignedIn() {
  const me = useQuery(meQuery);
  // who was signed in stays on the screen while the password is asked for again
  const [last, setLast] = useState<MeReply | null>(null);
  if (me.data && me.data !== last) {
    setLast(me.data);
  }
  const who = me.data ?? last;
  if (who !== null) {
    keepFor(who.id);
  }
  const letterKeys = who?.letterKeys ?? true;
  useEffect(() => {
    setLetterKeys(letterKeys);
  }, [letterKeys]);
  // the board speaks the class's own methods: what the class is comes before the first screen, where there is a connection
  const classes = useQuery({ ...classesQuery, enabled: who !== null });
  useEffect(() => {
    if (who !== null) {
      keep('rostik.here', 'yes');
      return;
    }
    const timer = setTimeout(() => void fetchPlaces().catch(() => undefined), 3000);
    return () => {
      clearTimeout(timer);
    };
  }, [who]);
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
    <Suspense fallback={null}>
      <Places who={who} signedOut={me.data === null} />
    </Suspense>
  );
}

// styles that a dialog adds while it is open carry the page's nonce, as the content security policy wants
setNonce(document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content ?? '');
// who was here before goes on at once; whoever signs in has them fetched while typing
if (kept('rostik.here') !== null) {
  void fetchPlaces().catch(() => undefined);
}

keepFocus();

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queryClient}>
        <App />
      </QueryClientProvider>
    </StrictMode>,
  );
}
