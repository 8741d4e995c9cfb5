import optimizeLocales from '@react-aria/optimize-locales-plugin';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

// Tools read a default export here.
export default defineConfig({
  // The product speaks English: words of the controls in thirty other languages stay out of it.
  plugins: [react(), { ...optimizeLocales.vite({ locales: ['en-US'] }), enforce: 'pre' }],
  worker: { format: 'es' },
  build: { outDir: 'dist', emptyOutDir: true, chunkSizeWarningLimit: 700 },
  server: { proxy: { '/api': 'http://127.0.0.1:4310' } },
});
