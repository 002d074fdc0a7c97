import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    // Comparisons with every choice there is take seconds on a busy machine.
    testTimeout: 30_000,
    setupFiles: ['scripts/propertySeed.ts'],
    include: ['{core,web,server,scripts}/**/*.test.{ts,tsx}'],
    exclude: ['**/node_modules/**', '**/*.long.test.ts', '**/dist/**'],
  },
});
