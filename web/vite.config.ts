import tailwindcss from '@tailwindcss/vite';
import path from 'node:path';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { inLanguage } from '../scripts/texts/plugin.mjs';

const api = process.env.BENT_PAIL_API ?? 'http://127.0.0.1:4310';

export default defineConfig({
  root: import.meta.dirname,
  plugins: [inLanguage(), react(), tailwindcss()],
  html: { cspNonce: '__CSP_NONCE__' },
  worker: { format: 'es', plugins: inLanguage },
  build: {
    manifest: true,
    // From the first that know a colour by day and by night.
    cssTarget: ['chrome123', 'firefox120', 'safari17.5'],
    emptyOutDir: true,
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 900,
    rolldownOptions: {
      input: {
        index: path.join(import.meta.dirname, 'index.html'),
        sw: path.join(import.meta.dirname, 'worker/serviceWorker.ts'),
      },
      output: {
        // A service worker keeps its name and stands at the root, or it could not serve the whole page.
        entryFileNames: ({ name }) => (name === 'sw' ? 'sw.js' : 'assets/[name]-[hash].js'),
      },
    },
  },
  server: { host: '127.0.0.1', port: 4311, proxy: { '/api': { target: api, changeOrigin: false } } },
});
