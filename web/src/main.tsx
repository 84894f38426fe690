import { QueryClientProvider } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router/dom';
import { router } from './app/routes';
import './app/styles.css';
import { keepForReload } from './shared/offline';
import { queryClient, sessionQuery } from './shared/resources/client';

// Overlays add a style of their own; the page's policy lets it in by this mark only.
const nonce = document.querySelector<HTMLElement>('[nonce]')?.nonce;
if (nonce !== undefined && nonce !== '') setNonce(nonce);

keepForReload();
// Who is signed in is asked while the first page's script is fetched.
queryClient.query(sessionQuery).catch(() => undefined);

const root = document.getElementById('root');
if (root === null) throw new Error('the page has no root');
createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queryClient}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
);
