import vue from '@vitejs/plugin-vue';
import { defineConfig, type Plugin } from 'vite';
import { phoneWorker } from './phone-worker.ts';
import { paletteCss } from './src/theme/palette-css.ts';

/** Writes the palette into the page, so that it stands before any script runs. */
function palette(): Plugin {
  return {
    name: 'hornblende-palette',
    transformIndexHtml: () => [{ tag: 'style', children: paletteCss(), injectTo: 'head-prepend' }],
  };
}

/**
 * What several pages share goes into few files: a file for each set of pages that use it came to 250 a page, and each
 * costs a request. A set smaller than the threshold joins the set that is nearest to it.
 */
const codeSplitting = {
  includeDependenciesRecursively: false,
  groups: [
    { name: 'first', tags: ['$initial' as const], priority: 9 },
    { name: 'charts', test: /node_modules[\\/](echarts|zrender|vue-echarts)/, priority: 8 },
    { name: 'shared', minShareCount: 2, entriesAware: true, entriesAwareMergeThreshold: 20_000 },
  ],
};

export default defineConfig({
  // Space between words is space, also where a line is broken there.
  plugins: [vue({ template: { compilerOptions: { whitespace: 'preserve' } } }), palette(), phoneWorker()],
  build: {
    target: 'es2022',
    chunkSizeWarningLimit: 900,
    sourcemap: false,
    cssCodeSplit: false,
    rolldownOptions: {
      preserveEntrySignatures: false,
      output: { codeSplitting, strictExecutionOrder: true },
    },
  },
  worker: {
    format: 'es',
    plugins: () => [],
    rolldownOptions: {
      output: { codeSplitting, strictExecutionOrder: true },
    },
  },
  server: {
    proxy: { '/api': { target: 'http://127.0.0.1:4680', headers: { origin: 'http://127.0.0.1:4680' } } },
  },
});
