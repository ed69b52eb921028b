import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { keepSaying } from './now';

const PAGE = (words: string) =>
  `<script type="application/json" id="opening-changes">` +
  `{"from":0,"says":[["${words}",1],["Closed now",0]],"steps":[0,0,10,1]}</script><p data-now hidden></p>`;

const place = () => document.querySelector<HTMLElement>('[data-now]')!;

beforeEach(() => {
  vi.useFakeTimers({ now: 5 * 60000 });
  document.body.innerHTML = PAGE('Open now');
});
afterEach(() => vi.useRealTimers());

it('says what is so, and another thing as the clock goes on, without a reload', () => {
  vi.stubGlobal('fetch', vi.fn().mockRejectedValue(new Error('away')));
  keepSaying();
  expect(place().textContent).toBe('Open now');
  expect(place().classList.contains('is-open')).toBe(true);
  vi.advanceTimersByTime(6 * 60000);
  expect(place().textContent).toBe('Closed now');
  expect(place().classList.contains('is-open')).toBe(false);
});

it('hears of a day that was closed since, and keeps what it knows while the connection is away', async () => {
  const closed = '{"from":0,"says":[["Closed today",0]],"steps":[0,0]}';
  const fetched = vi
    .fn()
    .mockRejectedValueOnce(new Error('away'))
    .mockResolvedValue({ ok: true, text: () => Promise.resolve(closed) });
  vi.stubGlobal('fetch', fetched);
  keepSaying();
  await vi.advanceTimersByTimeAsync(61_000);
  expect(place().textContent).toBe('Open now');
  await vi.advanceTimersByTimeAsync(61_000);
  expect(place().textContent).toBe('Closed today');
});

it('says nothing where the page knows no hours', () => {
  document.body.innerHTML = '<p data-now hidden></p>';
  keepSaying();
  expect(place().hidden).toBe(true);
});
