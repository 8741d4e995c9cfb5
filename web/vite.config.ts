import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

// Tools read a default export here.
export default defineConfig({
  plugins: [react()],
  worker: { format: 'es' },
  build: { outDir: 'dist', emptyOutDir: true, chunkSizeWarningLimit: 700 },
  server: { proxy: { '/api': 'http://127.0.0.1:4310' } },
});
