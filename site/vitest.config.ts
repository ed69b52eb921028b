import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    environment: 'jsdom',
    include: ['src/**/*.test.ts'],
    fileParallelism: false,
    // One document for all files: what a test stubs is taken back after it.
    isolate: false,
    unstubGlobals: true,
    restoreMocks: true,
    // Ends what hangs; how fast something is stands in bench/, not here.
    testTimeout: 60_000,
    hookTimeout: 60_000
  }
});
