import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [vue()],
  build: { target: 'es2022', chunkSizeWarningLimit: 1500, sourcemap: false },
  worker: { format: 'es' },
  server: {
    proxy: { '/api': { target: 'http://127.0.0.1:4680', headers: { origin: 'http://127.0.0.1:4680' } } },
  },
});
