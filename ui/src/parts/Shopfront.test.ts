import { fireEvent, render } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import { light } from './light.svelte';
import Shopfront from './Shopfront.svelte';

describe('the shopfront', () => {
  const first = { address: 'http://preview.localhost:8080/one/', revision: 1, label: 'Your page' };

  it('keeps the page that is open, and asks it to draw itself anew', async () => {
    const { container, rerender } = render(Shopfront, first);
    const frame = container.querySelector('iframe')!;
    const told = vi.fn();
    Object.defineProperty(frame, 'contentWindow', { value: { postMessage: told } });
    await fireEvent.load(frame);
    await rerender({ ...first, address: 'http://preview.localhost:8080/two/', revision: 2 });
    expect(frame.getAttribute('src')).toBe(first.address);
    expect(told).toHaveBeenCalledWith({ schema: 1, type: 'refresh' }, 'http://preview.localhost:8080');
  });

  it('tells words again that were typed before the page listened', async () => {
    const { container, component } = render(Shopfront, first);
    const frame = container.querySelector('iframe')!;
    const told = vi.fn();
    const page = { postMessage: told };
    Object.defineProperty(frame, 'contentWindow', { value: page });
    component.type('headline', ['At', 'once']);
    told.mockClear();
    const ready = new MessageEvent('message', {
      data: { schema: 1, type: 'ready' },
      origin: 'http://preview.localhost:8080'
    });
    Object.defineProperty(ready, 'source', { value: page });
    window.dispatchEvent(ready);
    expect(told.mock.calls.map(([message]) => message)).toEqual([
      { schema: 1, type: 'text', id: 'headline', tree: ['At', 'once'] }
    ]);
  });

  it('has a name, and tells the page who shows it', () => {
    const { container } = render(Shopfront, first);
    const frame = container.querySelector('iframe')!;
    expect(frame.title).toBe('Your page');
    expect(frame.getAttribute('referrerpolicy')).toBe('origin');
  });
});

describe('day and night', () => {
  it('follow the machine until one is chosen', () => {
    light.set('dark');
    expect(document.documentElement.getAttribute('data-mode')).toBe('dark');
    light.set('machine');
    expect(document.documentElement.hasAttribute('data-mode')).toBe(false);
  });
});
