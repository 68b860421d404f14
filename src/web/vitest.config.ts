import { defineConfig } from 'vitest/config';

export default defineConfig({
  define: { __BUILD__: JSON.stringify('test') },
  test: { include: ['tests/**/*.test.ts'], testTimeout: 240_000, hookTimeout: 60_000, pool: 'forks', fileParallelism: false },
});
