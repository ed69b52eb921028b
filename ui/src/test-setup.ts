import 'fake-indexeddb/auto';
import { afterEach } from 'vitest';

/** For tests that have a page; those of plain rules say that they have none, and start sooner. */
if (typeof document !== 'undefined') {
  const { cleanup } = await import('@testing-library/svelte');
  afterEach(cleanup);

  class Watcher {
    observe(): void {}
    unobserve(): void {}
    disconnect(): void {}
  }
  globalThis.ResizeObserver ??= Watcher as unknown as typeof ResizeObserver;
  globalThis.IntersectionObserver ??= Watcher as unknown as typeof IntersectionObserver;
}
