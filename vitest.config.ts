import { defineConfig } from 'vitest/config';

const env = { TZ: 'Europe/London', LANG: 'en_GB.UTF-8' };

// Files of a project share a worker's modules: loading them anew for each file took most of the time. Tests leave
// nothing behind, in any order of files.
const isolate = false;

export default defineConfig({
  test: {
    // Of two cores one would be left idle.
    maxWorkers: 2,
    projects: [
      { test: { name: 'core', include: ['core/src/**/*.test.ts'], env, isolate } },
      { test: { name: 'contract', include: ['contract/src/**/*.test.ts'], env, isolate } },
      { test: { name: 'demo', include: ['demo/src/**/*.test.ts'], env, isolate } },
      {
        test: {
          name: 'server',
          include: ['server/src/**/*.test.ts'],
          env,
          isolate,
          globalSetup: ['server/src/testing/globalSetup.ts'],
          hookTimeout: 60000,
          testTimeout: 20000,
          fileParallelism: true,
        },
      },
      {
        extends: './web/vite.config.ts',
        test: {
          name: 'web',
          include: ['web/src/**/*.test.{ts,tsx}', 'web/worker/**/*.test.ts'],
          environment: 'happy-dom',
          env,
          isolate,
          setupFiles: ['web/src/testing/setup.ts'],
          hookTimeout: 60000,
          testTimeout: 20000,
        },
      },
    ],
  },
});
