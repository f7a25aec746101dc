import '@fontsource/atkinson-hyperlegible/latin-400.css';
import '@fontsource/atkinson-hyperlegible/latin-700.css';
import '@fontsource/barlow-semi-condensed/latin-400.css';
import '@fontsource/barlow-semi-condensed/latin-600.css';
import '@fontsource/atkinson-hyperlegible/latin-ext-400.css';
import '@fontsource/atkinson-hyperlegible/latin-ext-700.css';
import '@fontsource/barlow-semi-condensed/latin-ext-400.css';
import '@fontsource/barlow-semi-condensed/latin-ext-600.css';
// For the letters that those two have not; a browser fetches them where one stands on the page.
import '@fontsource/noto-sans/cyrillic-400.css';
import '@fontsource/noto-sans/cyrillic-700.css';
import '@fontsource/noto-sans/greek-400.css';
import '@fontsource/noto-sans/greek-700.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { ThemeProvider } from 'styled-components';
import { Problem } from './api/client';
import { App } from './App';
import { GlobalStyle } from './GlobalStyle';
import { fetchAhead } from './pages';
import { theme } from './theme';

/** Nothing goes stale by itself: the live stream says what to read anew. */
const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: Infinity,
      retry: (count, failure) => !(failure instanceof Problem && failure.status > 0) && count < 3,
    },
  },
});

// Where the address is not secure there is none; and whoever has a client's link has one page.
if (import.meta.env.PROD && 'serviceWorker' in navigator && !location.pathname.startsWith('/k/')) {
  navigator.serviceWorker.register('/service-worker.js').catch(() => undefined);
}

fetchAhead(location.pathname);
const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <ThemeProvider theme={theme}>
          <GlobalStyle />
          <BrowserRouter>
            <App />
          </BrowserRouter>
        </ThemeProvider>
      </QueryClientProvider>
    </StrictMode>,
  );
}
