import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import vuetify from 'vite-plugin-vuetify';

export default defineConfig({
  root: import.meta.dirname,
  plugins: [vue(), vuetify({ autoImport: true })],
  // The manifest tells the benchmark what the first page loads.
  build: { target: 'es2022', sourcemap: false, manifest: true },
  worker: { format: 'es' },
  optimizeDeps: { include: ['highs'], exclude: ['vuetify'] },
  server: { proxy: { '/api': 'http://127.0.0.1:4310' } },
});
