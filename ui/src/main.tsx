import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import { QueryClientProvider } from '@tanstack/react-query';
import { StrictMode, useLayoutEffect } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, matchPath } from 'react-router';
import { Refused } from './api/client';
import { App, PAD_DOOR } from './App';
import { newQueries } from './session/queries';
import { who } from './session/usePerson';
import { onceItStands } from './shell/onceItStands';
import { begin, goOn } from './loading/before';
import { takeColours } from './early/colours';
import { Styles } from './theme/Styles';
import { theme } from './theme/theme';
import { openOrders } from './today/useOrders';
import { learned } from './loading/learned';

const queries = newQueries({
  retry: (count, failure) => count < 2 && !(failure instanceof Refused && !failure.isPassing),
  staleTime: 2_000,
});

/** What is known so soon is drawn at once; nobody looks at an empty page for longer, ms. */
const SOON = 300;

// Nothing is shown before it is known who is there: asked for before anything is drawn, and what the first screen lists with it.
// Whoever comes with a task's code is somebody only once it has let them in.
const { pathname } = window.location;
const known =
  matchPath(PAD_DOOR, pathname) === null
    ? Promise.all([
        queries.prefetchQuery(who),
        pathname === '/' ? queries.prefetchInfiniteQuery(openOrders) : null,
      ])
    : null;

await learned;
await Promise.race([known, new Promise((done) => setTimeout(done, SOON))]);
await begin();

/** Once the application stands, what was drawn before it has gone. */
function Standing() {
  useLayoutEffect(() => {
    takeColours();
    goOn();
  }, []);
  return null;
}

const root = document.getElementById('root');
if (root !== null) {
  createRoot(root).render(
    <StrictMode>
      <Styles>
        <ThemeProvider theme={theme} defaultMode="system">
          <CssBaseline />
          <QueryClientProvider client={queries}>
            <BrowserRouter>
              <App />
              <Standing />
            </BrowserRouter>
          </QueryClientProvider>
        </ThemeProvider>
      </Styles>
    </StrictMode>,
  );
}

onceItStands(
  () => queries.isFetching() === 0,
  () => {
    sessionStorage.removeItem('opened-again');
    // The application opens without a network from then on.
    if (import.meta.env.PROD && 'serviceWorker' in navigator) {
      void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
    }
    // An order or its task is what is opened next: fetched beforehand, it opens where the network has gone too.
    void import('./order/OrderScreen');
    void import('./workspace/WorkspaceScreen');
  },
);
