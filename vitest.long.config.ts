import { defineConfig } from 'vitest/config';

// What is too long for every time: npm run test:long
export default defineConfig({
  test: { include: ['{core,web,server,scripts}/**/*.long.test.ts'] },
});
