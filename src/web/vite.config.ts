import babel from '@rolldown/plugin-babel';
import react, { reactCompilerPreset } from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

// Names the build, so that nothing of one build of the core is used with another: what is kept, and what the server answers.
const build = String(Date.now());
const mostBytesOfOneFile = 12 * 1024 * 1024;

export default defineConfig({
  plugins: [
    react(),
    // Keeps what a component has drawn for as long as what it was drawn from stays: a second, or a tap elsewhere, draws nothing anew.
    babel({ presets: [reactCompilerPreset()] }),
    {
      name: 'name-build',
      generateBundle() {
        this.emitFile({ type: 'asset', fileName: 'build.txt', source: build });
      },
    },
    VitePWA({
      registerType: 'prompt',
      injectRegister: null,
      manifest: {
        name: 'Jolly Brook',
        short_name: 'Jolly Brook',
        description: 'Judge, treat and time wild water, with no signal.',
        id: '/',
        start_url: '/now',
        scope: '/',
        display: 'standalone',
        background_color: '#f4eddd',
        theme_color: '#0b4f5c',
        icons: [
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: '/icon-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
      },
      workbox: {
        // The whole program, the WebAssembly core included: one visit is enough.
        globPatterns: ['**/*.{html,js,css,svg,png,woff2,wasm,dat,json}'],
        globIgnores: ['pastTheWorker.js'],
        importScripts: ['pastTheWorker.js'],
        // Files named by their content need no second look.
        dontCacheBustURLsMatching: /^(assets\/|_framework\/(?!dotnet\.js))/,
        maximumFileSizeToCacheInBytes: mostBytesOfOneFile,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/openapi\//],
        cleanupOutdatedCaches: true,
        clientsClaim: true,
      },
    }),
  ],
  // The server writes each visit's nonce in its place.
  html: { cspNonce: '__STYLE_NONCE__' },
  define: { __BUILD__: JSON.stringify(build) },
  build: { outDir: '../../artifacts/web', emptyOutDir: true, target: 'es2022' },
  worker: { format: 'es' },
  server: { proxy: { '/api': 'http://127.0.0.1:5080' } },
});
