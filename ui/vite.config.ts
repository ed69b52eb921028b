import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig(({ mode }) => ({
  plugins: [tailwindcss(), svelte()],
  resolve: mode === 'test' ? { conditions: ['browser'] } : {},
  // All words of the interface stand in its first part.
  build: { manifest: true, assetsInlineLimit: 0, chunkSizeWarningLimit: 560 },
  server: {
    proxy: { '/api': 'http://127.0.0.1:8080', '/letters': 'http://127.0.0.1:8080' }
  },
  test: {
    environment: 'jsdom',
    // Each file has a page of its own all the same; a thread for each costs twice the time.
    pool: 'vmThreads',
    // Otherwise one processor is left idle.
    maxWorkers: '100%',
    include: ['src/**/*.test.ts'],
    setupFiles: ['src/test-setup.ts'],
    unstubGlobals: true,
    restoreMocks: true,
    // Ends what hangs; how fast something is stands in bench/, not here.
    testTimeout: 60_000,
    hookTimeout: 60_000
  }
}));
