import { render, screen } from '@testing-library/svelte';
import { createRawSnippet } from 'svelte';
import { describe, expect, it } from 'vitest';
import { SiteState, type Openness } from '../site.svelte';
import SiteGate from './SiteGate.svelte';

const children = createRawSnippet(() => ({ render: () => '<p>The facts</p>' }));

function shown(openness: Openness): void {
  const site = new SiteState();
  site.openness = openness;
  render(SiteGate, { site, children });
}

describe('a screen of a site', () => {
  it.each<[Openness, RegExp]>([
    ['opening', /^Opening …$/],
    ['away', /opens by itself once it is back/],
    ['signedOut', /Sign in, and you are where you were/],
    ['missing', /There is nothing at this address/]
  ])('that is %s says so, and shows nothing that is not known', (openness, words) => {
    shown(openness);
    expect(screen.getByText(words)).toBeTruthy();
    expect(screen.queryByText('The facts')).toBeNull();
  });

  it.each<Openness>(['new', 'open'])('that is %s is shown', (openness) => {
    shown(openness);
    expect(screen.getByText('The facts')).toBeTruthy();
  });
});
