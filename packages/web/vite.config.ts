import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import vuetify from 'vite-plugin-vuetify';
import { pictures } from './pictures-plugin.ts';

// What is needed to open a page without a connection. Solver and charts are fetched when they are used.
const offline = VitePWA({
  injectRegister: null,
  manifest: {
    name: 'Kobby',
    short_name: 'Kobby',
    description: 'The day in the room: who does what, with what, and what to say',
    // On an assistant's phone this leads to the link that was opened last.
    start_url: '/begin',
    display: 'standalone',
    background_color: '#f4eee2',
    theme_color: '#2b2440',
    id: '/begin',
    icons: [
      { src: '/cubby.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' },
      { src: '/cubby-192.png', sizes: '192x192', type: 'image/png', purpose: 'any' },
      { src: '/cubby-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
      { src: '/cubby-full-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
    shortcuts: [
      { name: 'Today', url: '/today' },
      { name: 'Units', url: '/units' },
      { name: 'Counter', url: '/kitchen/counter' },
    ],
  },
  workbox: {
    globPatterns: ['**/*.{js,css,html,svg,woff2}'],
    globIgnores: [
      '**/pictures-*/**',
      '**/*chart*',
      '**/*Chart*',
      '**/highs*',
      '**/schedule*',
      '**/print-pdf*',
    ],
    maximumFileSizeToCacheInBytes: 4_000_000,
    // A picture that was looked at is there again without a connection.
    runtimeCaching: [
      {
        urlPattern: /\/assets\/pictures-\w+\//,
        handler: 'CacheFirst',
        options: { cacheName: 'pictures', expiration: { maxEntries: 900 } },
      },
    ],
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//],
    inlineWorkboxRuntime: true,
    sourcemap: false,
    cleanupOutdatedCaches: true,
  },
});

// The page's security rules forbid making code at run time, which schemas try when they are defined: told before the first of them.
const withoutEval = {
  output: {
    banner: ({ moduleIds }: { moduleIds: readonly string[] }) =>
      moduleIds.some((id) => /zod\/v4\/core\/core\./.test(id))
        ? 'globalThis.__zod_globalConfig = { jitless: true };'
        : '',
  },
};

export default defineConfig({
  root: import.meta.dirname,
  plugins: [vue(), vuetify({ autoImport: true }), pictures(), offline],
  // The manifest tells the benchmark what the first page loads.
  build: { target: 'es2022', sourcemap: false, manifest: true, rolldownOptions: withoutEval },
  worker: { format: 'es', rolldownOptions: withoutEval },
  optimizeDeps: { include: ['highs'], exclude: ['vuetify'] },
  server: { proxy: { '/api': 'http://127.0.0.1:4310' } },
});
