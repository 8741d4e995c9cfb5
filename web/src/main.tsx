import '@fontsource-variable/archivo/standard.css';
import { QueryClientProvider } from '@tanstack/react-query';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { App } from './app';
import { queryClient } from './data/queries';
import { applyChosenTheme } from './look/choice';
import { holdTab } from './data/live-tabs';
import { tabId } from './state/drafts';
import { Locale } from './parts/locale';
import { Global } from './look/global';

applyChosenTheme();
holdTab(tabId(sessionStorage));

createRoot(document.getElementById('root')!).render(
  <QueryClientProvider client={queryClient}>
    <Global />
    {/* What is typed into a list stands in the address: it must not lag behind the keys. */}
    <BrowserRouter useTransitions={false}>
      <Locale>
        <App />
      </Locale>
    </BrowserRouter>
  </QueryClientProvider>,
);
