import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

const api = process.env.BENT_PAIL_API ?? 'http://127.0.0.1:4310';

export default defineConfig({
  root: import.meta.dirname,
  plugins: [react(), tailwindcss()],
  html: { cspNonce: '__CSP_NONCE__' },
  worker: { format: 'es' },
  build: { manifest: true, outDir: 'dist', emptyOutDir: true, assetsInlineLimit: 0, chunkSizeWarningLimit: 900 },
  server: { host: '127.0.0.1', port: 4311, proxy: { '/api': { target: api, changeOrigin: false } } },
});
