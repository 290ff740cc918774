import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';

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
          include: ['packages/core/test/**/*.test.ts'],
          testTimeout: 180_000,
          hookTimeout: 180_000,
          isolate: false,
        },
      },
      {
        test: {
          name: 'cli',
          include: ['packages/cli/test/**/*.test.ts'],
          testTimeout: 180_000,
          hookTimeout: 180_000,
          isolate: false,
        },
      },
      {
        test: {
          name: 'server',
          include: ['packages/server/test/**/*.test.ts'],
          testTimeout: 180_000,
          hookTimeout: 180_000,
          pool: 'forks',
          isolate: false,
        },
      },
      {
        test: {
          name: 'web',
          include: ['packages/web/test/**/*.test.ts'],
          exclude: ['packages/web/test/components/**'],
          testTimeout: 180_000,
          hookTimeout: 180_000,
        },
      },
      {
        // Components with the real control kit in a document in memory: the kit is read once for all files.
        plugins: [vue({ template: { compilerOptions: { whitespace: 'preserve' } } })],
        test: {
          name: 'components',
          include: ['packages/web/test/components/**/*.test.ts'],
          environment: 'happy-dom',
          testTimeout: 180_000,
          hookTimeout: 180_000,
          isolate: false,
          server: { deps: { inline: [/ant-design-vue/] } },
        },
      },
    ],
  },
});
