import { render } from '@testing-library/svelte';
import { tick } from 'svelte';
import { expect, it, vi } from 'vitest';
import type { Enquiry } from '../../api/client';
import { emptySheet } from '../../sheet';
import type { SiteState } from '../../site.svelte';
import type { EnquiriesState } from './enquiries.svelte';
import ReplyBox from './ReplyBox.svelte';

const enquiry = {
  id: 'one',
  answers: [{ key: 'name', label: 'Your name', value: 'Oona Quayle' }],
  person: { key: 'oona', mail: true, reach: 'oona@quayle.example', uri: 'mailto:oona@quayle.example' }
} as unknown as Enquiry;

it('reads nothing of a message that was put away while its reply was on its way', async () => {
  const warned = vi.spyOn(console, 'warn').mockImplementation(() => undefined);
  let reloaded: () => void = () => undefined;
  const site = {
    sheet: emptySheet(),
    reload: () => new Promise<void>((done) => (reloaded = done))
  } as unknown as SiteState;
  const reply = vi.fn().mockResolvedValue(null);
  const shown = $state({
    enquiry,
    enquiries: { reply } as unknown as EnquiriesState,
    site,
    told: () => true
  });
  const box = render(ReplyBox, { props: shown });
  await tick();
  const words = box.container.querySelector('textarea')!;
  words.value = 'Dear Oona,\n\nFrom £95.';
  words.dispatchEvent(new Event('input', { bubbles: true }));
  box.container
    .querySelector('form')!
    .dispatchEvent(new Event('submit', { bubbles: true, cancelable: true }));
  await vi.waitFor(() => expect(reply).toHaveBeenCalledOnce());
  await new Promise((done) => setTimeout(done, 50));
  box.unmount();
  shown.enquiry = { ...enquiry, state: 'DONE' };
  reloaded();
  await new Promise((done) => setTimeout(done, 50));
  expect(warned).not.toHaveBeenCalled();
});
