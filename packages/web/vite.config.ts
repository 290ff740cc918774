import vue from '@vitejs/plugin-vue';
import { defineConfig, type Plugin } from 'vite';
import { paletteCss } from './src/theme/palette-css.ts';

/** Writes the palette into the page, so that it stands before any script runs. */
function palette(): Plugin {
  return {
    name: 'hornblende-palette',
    transformIndexHtml: () => [{ tag: 'style', children: paletteCss(), injectTo: 'head-prepend' }],
  };
}

export default defineConfig({
  // Space between words is space, also where a line is broken there.
  plugins: [vue({ template: { compilerOptions: { whitespace: 'preserve' } } }), palette()],
  build: { target: 'es2022', chunkSizeWarningLimit: 900, sourcemap: false },
  worker: { format: 'es', plugins: () => [] },
  server: {
    proxy: { '/api': { target: 'http://127.0.0.1:4680', headers: { origin: 'http://127.0.0.1:4680' } } },
  },
});
