import { defineConfig } from 'vitest/config';
import vue from '@vitejs/plugin-vue';
import { compileMessages } from './web/compile-messages';

process.env.TZ = 'Pacific/Auckland';

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'core',
          include: [
            'core/**/*.test.ts',
            'contract/**/*.test.ts',
            'bin/**/*.test.ts',
            'testing/*.test.ts',
            'server/settings/*.test.ts',
          ],
          exclude: ['bin/backup.test.ts'],
          // Pure functions leave nothing behind: loading them once is half the time.
          pool: 'threads',
          isolate: false,
          maxWorkers: 2,
          testTimeout: 60_000,
        },
      },
      {
        plugins: [compileMessages(), vue()],
        test: {
          name: 'web',
          include: ['web/**/*.test.ts'],
          environment: 'happy-dom',
          pool: 'threads',
          isolate: false,
          maxWorkers: 2,
          testTimeout: 60_000,
          setupFiles: ['./testing/web-setup.ts'],
        },
      },
      {
        test: {
          name: 'server',
          include: ['server/**/*.test.ts', 'test-world/**/*.test.ts', 'bin/backup.test.ts'],
          exclude: ['server/settings/*.test.ts'],
          globalSetup: ['./testing/global-setup.ts'],
          testTimeout: 120_000,
          hookTimeout: 240_000,
          isolate: false,
          maxWorkers: 2,
        },
      },
      {
        plugins: [compileMessages()],
        test: {
          name: 'e2e',
          include: ['e2e/**/*.test.ts'],
          globalSetup: ['./e2e/support/global-setup.ts'],
          testTimeout: 600_000,
          hookTimeout: 300_000,
          isolate: false,
          maxWorkers: 2,
        },
      },
    ],
  },
});
