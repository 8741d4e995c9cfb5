import '@fontsource-variable/archivo/standard.css';
import { QueryClientProvider } from '@tanstack/react-query';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { App } from './app';
import { queryClient } from './data/queries';
import { applyChosenTheme } from './look/choice';
import { Global } from './look/global';

applyChosenTheme();

createRoot(document.getElementById('root')!).render(
  <QueryClientProvider client={queryClient}>
    <Global />
    <BrowserRouter>
      <App />
    </BrowserRouter>
  </QueryClientProvider>,
);
