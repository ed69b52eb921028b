import { render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { SiteLine } from '../../api/client';
import SiteRow from './SiteRow.svelte';

const line = (more: Partial<SiteLine>): SiteLine => ({
  id: 'one',
  name: 'Ashlatch Chimney Care',
  stage: 'PUBLIC',
  preview: 'http://preview.localhost/token/',
  addressName: 'ashlatch',
  pendingChanges: 0,
  blocking: 0,
  newEnquiries: 0,
  bookingsAsked: 0,
  waitingSince: null as never,
  publicAddress: 'http://ashlatch.localhost:8080/',
  owner: true,
  ...more
});

describe('a site among all sites', () => {
  it.each([
    [{}, 'Public, as it stands', 'Nothing waits', '/sites/one/page'],
    [{ pendingChanges: 1 }, 'Public, one change waits', 'Nothing waits', '/sites/one/page'],
    [{ newEnquiries: 2 }, 'Public, as it stands', '2 people wait for an answer', '/sites/one/enquiries'],
    [{ stage: 'FACTS' }, 'Facts being gathered', 'Facts are missing', '/sites/one'],
    [{ stage: 'DRAFTS' }, 'Drafts on the table', 'A draft is to be kept', '/sites/one/page'],
    [{ stage: 'KEPT' }, 'Not public yet', 'Ready to be read and published', '/sites/one/page'],
    [{ stage: 'KEPT', blocking: 2 }, 'Not public yet', '2 snags keep it off the web', '/sites/one/publish']
  ] as [Partial<SiteLine>, string, string, string][])('%j', (more, stands, waits, leads) => {
    render(SiteRow, { site: line(more), now: new Date('2026-11-27T10:40:00Z') });
    expect(screen.getByText(stands)).toBeTruthy();
    expect(screen.getByText(waits)).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Ashlatch Chimney Care' }).getAttribute('href')).toBe(leads);
  });

  it('says how long the first has waited, and who helps', () => {
    const site = line({ newEnquiries: 1, waitingSince: '2026-11-26T14:40:00Z', owner: false });
    render(SiteRow, { site, now: new Date('2026-11-27T10:40:00Z') });
    expect(screen.getByText('The first for 20 hours')).toBeTruthy();
    expect(screen.getByText('You help with this one.')).toBeTruthy();
  });

  it('without a name is still something to press', () => {
    render(SiteRow, { site: line({ name: ' ' }), now: new Date() });
    expect(screen.getByRole('link', { name: 'A site without a name' })).toBeTruthy();
  });
});
