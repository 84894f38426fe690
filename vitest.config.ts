import { defineConfig } from 'vitest/config';

const env = { TZ: 'Europe/London', LANG: 'en_GB.UTF-8' };

// Files of a project share a worker's modules: loading them anew for each file took most of the time. Tests leave
// nothing behind, in any order of files.
const isolate = false;

// A shared machine can be ten times slower for a while; what is slow is found by the benchmark, not by a test's limit.
const LIMIT_MS = 3 * 60_000;

export default defineConfig({
  test: {
    // Tests of the server wait a good part of their time: a third fills what two leave of two cores.
    maxWorkers: 3,
    projects: [
      { test: { name: 'core', include: ['core/src/**/*.test.ts'], env, isolate, testTimeout: LIMIT_MS } },
      { test: { name: 'contract', include: ['contract/src/**/*.test.ts'], env, isolate, testTimeout: LIMIT_MS } },
      { test: { name: 'scripts', include: ['scripts/**/*.test.ts'], env, isolate } },
      { test: { name: 'demo', include: ['demo/src/**/*.test.ts'], env, isolate } },
      {
        test: {
          name: 'server',
          include: ['server/src/**/*.test.ts'],
          env,
          isolate,
          globalSetup: ['server/src/testing/globalSetup.ts'],
          setupFiles: ['server/src/testing/builtPrograms.ts'],
          hookTimeout: LIMIT_MS,
          testTimeout: LIMIT_MS,
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
          hookTimeout: LIMIT_MS,
          testTimeout: LIMIT_MS,
        },
      },
    ],
  },
});
