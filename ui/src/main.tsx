import '@fontsource-variable/atkinson-hyperlegible-next/index.css';
import '@fontsource-variable/atkinson-hyperlegible-mono/index.css';
import './theme/global.css';
import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { Refused } from './api/client';
import { App } from './App';
import { Styles } from './theme/Styles';
import { theme } from './theme/theme';

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, failure) => count < 2 && !(failure instanceof Refused && !failure.isPassing),
      staleTime: 2_000,
    },
  },
});

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
            </BrowserRouter>
          </QueryClientProvider>
        </ThemeProvider>
      </Styles>
    </StrictMode>,
  );
}

// An order is what is opened next: it is fetched once the first screen stands, so that it opens where the network has gone too.
window.addEventListener('load', () => setTimeout(() => void import('./order/OrderScreen'), 1_500));
