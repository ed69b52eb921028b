import 'fake-indexeddb/auto';
import { cleanup } from '@testing-library/svelte';
import { afterEach } from 'vitest';

afterEach(cleanup);

class Watcher {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}
globalThis.ResizeObserver ??= Watcher as unknown as typeof ResizeObserver;
globalThis.IntersectionObserver ??= Watcher as unknown as typeof IntersectionObserver;
