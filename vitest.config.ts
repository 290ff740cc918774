import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      { test: { name: 'core', include: ['packages/core/test/**/*.test.ts'], testTimeout: 60_000 } },
      { test: { name: 'cli', include: ['packages/cli/test/**/*.test.ts'], testTimeout: 60_000 } },
      {
        test: {
          name: 'server',
          include: ['packages/server/test/**/*.test.ts'],
          testTimeout: 60_000,
          pool: 'forks',
        },
      },
      { test: { name: 'web', include: ['packages/web/test/**/*.test.ts'], testTimeout: 60_000 } },
    ],
  },
});
