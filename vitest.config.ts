import { defineConfig } from 'vitest/config';

const project = (name: string, files: string, isolate: boolean, setupFiles: string[] = []) => ({
  extends: true as const,
  test: { name, include: [`${files}/**/*.test.{ts,tsx}`], isolate, setupFiles },
});

export default defineConfig({
  test: {
    // Left to itself it leaves one processor out.
    maxWorkers: '100%',
    // Comparisons with every choice there is take a minute on a busy machine.
    testTimeout: 120_000,
    expect: { poll: { timeout: 20_000 } },
    setupFiles: ['scripts/propertySeed.ts'],
    exclude: ['**/node_modules/**', '**/*.long.test.ts', '**/dist/**'],
    projects: [
      // No module of the core keeps anything (the linter sees to it), so its tests share one load.
      project('core', 'core', false),
      project('around it', '{web,server,scripts,protocol}', true, ['web/src/patience.testing.ts']),
    ],
  },
});
