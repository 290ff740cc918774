import vue from '@vitejs/plugin-vue';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

/**
 * Once core is built, all tests but its own load it as the few files that it was built into, as the program does: its
 * five hundred modules would be read one by one for each kind of tests.
 */
const dist = fileURLToPath(new URL('packages/cli/dist', import.meta.url));
const builtCore = process.env.HORNBLENDE_BUILT
  ? [{ find: /^@hornblende\/core\/([a-z]+)$/, replacement: `${dist}/core/$1.js` }]
  : [];

/** Runs before each file of tests. */
const setupFiles = [fileURLToPath(new URL('packages/core/test/fixed-seed.ts', import.meta.url))];
const ofComponents = fileURLToPath(new URL('packages/web/test/components/set-up.ts', import.meta.url));

export default defineConfig({
  test: {
    // Limits are there to end what hangs: on a machine that does other work besides, nothing fails for being slow.
    // By default one core is left idle.
    maxWorkers: '100%',
    projects: [
      {
        // No test here changes what others see: the library is read once for all files, rather than for each.
        test: {
          name: 'core',
          setupFiles,
          include: ['packages/core/test/**/*.test.ts'],
          testTimeout: 180_000,
          hookTimeout: 180_000,
          isolate: false,
        },
      },
      {
        resolve: { alias: builtCore },
        test: {
          name: 'cli',
          setupFiles,
          server: { deps: { external: [/packages\/cli\/dist\//] } },
          include: ['packages/cli/test/**/*.test.ts'],
          testTimeout: 180_000,
          hookTimeout: 180_000,
          isolate: false,
        },
      },
      {
        resolve: { alias: builtCore },
        test: {
          name: 'server',
          setupFiles,
          server: { deps: { external: [/packages\/cli\/dist\//] } },
          include: ['packages/server/test/**/*.test.ts'],
          testTimeout: 180_000,
          hookTimeout: 180_000,
          pool: 'forks',
          isolate: false,
        },
      },
      {
        resolve: { alias: builtCore },
        test: {
          name: 'web',
          setupFiles,
          server: { deps: { external: [/packages\/cli\/dist\//] } },
          include: ['packages/web/test/**/*.test.ts'],
          exclude: ['packages/web/test/components/**'],
          testTimeout: 180_000,
          hookTimeout: 180_000,
        },
      },
      {
        // Components with the real control kit in a document in memory: the kit is read once for all files.
        resolve: {
          alias: [
            ...builtCore,
            // Its CommonJS form, which Node reads as it is: the other names its files in a way that Node does not know.
            { find: /^ant-design-vue\/es\//, replacement: 'ant-design-vue/lib/' },
          ],
        },
        plugins: [vue({ template: { compilerOptions: { whitespace: 'preserve' } } })],
        test: {
          name: 'components',
          setupFiles: [...setupFiles, ofComponents],
          include: ['packages/web/test/components/**/*.test.ts'],
          environment: 'happy-dom',
          testTimeout: 180_000,
          hookTimeout: 180_000,
          isolate: false,
          server: { deps: { external: [/packages\/cli\/dist\//] } },
        },
      },
    ],
  },
});
