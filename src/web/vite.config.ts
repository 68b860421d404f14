import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  // Names the build, so that nothing kept by one build of the core is used with another.
  define: { __BUILD__: JSON.stringify(String(Date.now())) },
  build: { outDir: '../../artifacts/web', emptyOutDir: true, target: 'es2022' },
  worker: { format: 'es' },
  server: { proxy: { '/api': 'http://127.0.0.1:5080' } },
});
