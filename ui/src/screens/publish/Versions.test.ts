import { fireEvent, render, screen } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import type { components } from '../../api/schema';
import Versions from './Versions.svelte';

type Change = components['schemas']['Change'];
const change = (part: Change['part'], where: string, words: string): Change => ({
  part,
  where,
  words,
  before: '',
  after: ''
});
const version = (number: number, live: boolean, ...changes: ReturnType<typeof change>[]) => ({
  id: 100 + number,
  number,
  publishedAt: '2026-11-27T10:12:00Z',
  live,
  changes
});

function shown(waiting = 0) {
  const putBack = vi.fn().mockResolvedValue(undefined);
  render(Versions, {
    versions: [
      version(3, true, change('section', 'Opening', 'Headline'), change('facts', 'Facts', 'Your hours')),
      version(2, false, change('look', 'Look', 'Drawn differently')),
      version(1, false)
    ],
    preview: 'http://preview.localhost/token/',
    waiting,
    address: 'http://ashlatch.localhost/',
    owner: true,
    busy: false,
    putBack,
    unpublish: vi.fn()
  });
  return putBack;
}

describe('the versions of a site', () => {
  it('each say how they differed from the one before', () => {
    shown();
    const [third, second, first] = screen.getAllByRole('listitem');
    expect(third?.textContent).toContain('Opening: Headline, and 1 more');
    expect(third?.textContent).toContain('live now');
    expect(second?.textContent).toContain('Drawn differently');
    expect(first?.textContent).toContain('The first version');
  });

  it('can be looked at where they are not live', () => {
    shown();
    const looks = screen.getAllByRole('link', { name: 'Look' });
    expect(looks.map((link) => link.getAttribute('href'))).toEqual([
      'http://preview.localhost/token/version/102/',
      'http://preview.localhost/token/version/101/'
    ]);
  });

  it('are put back only when that was said twice', async () => {
    const putBack = shown();
    await fireEvent.click(screen.getAllByRole('button', { name: 'Put back' })[0]!);
    expect(putBack).not.toHaveBeenCalled();
    await fireEvent.click(screen.getByRole('button', { name: 'Put this version back' }));
    expect(putBack).toHaveBeenCalledWith(102);
  });

  it('begin with the one to come', () => {
    shown(2);
    expect(screen.getAllByRole('listitem')[0]?.textContent).toContain('2 changes');
  });
});
