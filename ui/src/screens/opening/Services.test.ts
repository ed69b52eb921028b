import { fireEvent, render, screen } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { SiteView } from '../../api/client';
import { SiteState } from '../../site.svelte';
import Assumptions from './Assumptions.svelte';
import Services from './Services.svelte';

function piano(): SiteState {
  const site = new SiteState();
  site.view = {
    answers: {},
    trade: {
      services: [
        { key: 'tuning', name: 'Tuning', minutes: 90 },
        { key: 'pitch', name: 'Pitch raise', minutes: null }
      ],
      assumptions: [
        { key: 'VISITS', words: 'You travel to your customers', denied: false },
        { key: 'RECEIVES', words: 'People come to you', denied: true }
      ]
    }
  } as unknown as SiteView;
  site.changed = vi.fn();
  return site;
}

describe('what the business does', () => {
  let site: SiteState;

  beforeEach(() => {
    site = piano();
  });

  it('offers what the trade usually does, and takes it with one press', async () => {
    render(Services, { site });
    await fireEvent.click(screen.getByRole('button', { name: 'Tuning' }));
    expect(site.sheet.services).toEqual([
      { id: 'tuning', usual: 'tuning', name: 'Tuning', summary: '', price: '', minutes: '' }
    ]);
    expect(screen.queryByRole('button', { name: 'Tuning' })).toBeNull();
    expect(site.changed).toHaveBeenCalledOnce();
  });

  it('says the usual time as a hint, never as a value', async () => {
    render(Services, { site });
    await fireEvent.click(screen.getByRole('button', { name: 'Tuning' }));
    const time = screen.getByLabelText<HTMLInputElement>('Time for Tuning');
    expect(time.placeholder).toBe('often 90 min');
    expect(time.value).toBe('');
  });

  it('leaves the field after the tapped service ready for its price', async () => {
    render(Services, { site });
    await fireEvent.click(screen.getByRole('button', { name: 'Pitch raise' }));
    expect(document.activeElement?.id).toBe('services-0-price');
  });

  it('takes a service of the owner’s own', async () => {
    render(Services, { site });
    await fireEvent.click(screen.getByRole('button', { name: 'Another' }));
    await fireEvent.input(screen.getByLabelText('Service 1'), { target: { value: 'Harpsichords' } });
    expect(site.sheet.services[0]?.name).toBe('Harpsichords');
  });

  it('moves a service up and takes one out', async () => {
    site.sheet.services = [
      { id: 'one', usual: '', name: 'One', summary: '', price: '5', minutes: '' },
      { id: 'two', usual: '', name: 'Two', summary: '', price: '6', minutes: '' }
    ];
    render(Services, { site });
    await fireEvent.click(screen.getByRole('button', { name: /Up.*Two/ }));
    expect(site.sheet.services.map((service) => service.name)).toEqual(['Two', 'One']);
    await fireEvent.click(screen.getByRole('button', { name: /Take out.*Two/ }));
    expect(site.sheet.services.map((service) => service.name)).toEqual(['One']);
  });

  it('shows what is wrong with a price beneath its row', () => {
    site.sheet.services = [{ id: 'one', usual: '', name: 'One', summary: '', price: 'lots', minutes: '' }];
    site.view!.answers = {
      'services.0.price': {
        state: 'REFUSED',
        says: 'Give a price like 65.',
        remark: '',
        choices: [],
        from: 0,
        to: 4
      }
    };
    render(Services, { site });
    expect(screen.getByText('Give a price like 65.')).toBeTruthy();
    expect(screen.getByLabelText('Price of One').getAttribute('aria-invalid')).toBe('true');
  });
});

describe('what is assumed', () => {
  it('can be denied, and taken back', async () => {
    const site = piano();
    site.sheet.denied = ['RECEIVES'];
    render(Assumptions, { site });
    await fireEvent.click(screen.getByRole('button', { name: /Not so.*You travel/ }));
    expect(site.sheet.denied).toEqual(['RECEIVES', 'VISITS']);
    await fireEvent.click(screen.getByRole('button', { name: /It is so.*People come/ }));
    expect(site.sheet.denied).toEqual(['VISITS']);
  });
});
