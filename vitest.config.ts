import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['{core,web,server,scripts}/**/*.test.{ts,tsx}'],
    exclude: ['**/node_modules/**', '**/*.long.test.ts', '**/dist/**'],
  },
});
