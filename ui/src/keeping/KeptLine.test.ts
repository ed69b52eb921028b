import { fireEvent, render, screen } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import KeptLine from './KeptLine.svelte';
import { Outbox, type Carrier } from './outbox.svelte';

const SITE = '5b7f0c1e-0000-4000-8000-000000000003';

describe('the line that says what is kept', () => {
  let status: number;
  let sent: string[];
  let outbox: Outbox;

  const carrier: Carrier = {
    revision: () => 1,
    send: async ({ edit }) => {
      sent.push((edit as { words: string }).words);
      const response = new Response(null, { status });
      return response.ok ? { data: {}, response } : { error: { detail: 'At most 20 characters.' }, response };
    },
    taken: vi.fn(),
    changed: vi.fn(),
    theirs: () => 'the same day',
    said: vi.fn()
  };

  beforeEach(() => {
    status = 200;
    sent = [];
    vi.stubGlobal('fetch', async () => Response.json({ name: null, email: null }));
    outbox = new Outbox(SITE);
    outbox.carry(carrier);
    render(KeptLine, { outbox });
  });

  const line = () => document.querySelector('p.kept')?.textContent?.trim();

  async function type(words: string): Promise<void> {
    outbox.add({ kind: 'setLine', path: 'promise', words });
    await outbox.keep();
    await vi.waitFor(() => expect(line()).not.toBe('Keeping …'));
  }

  it('says so before anything was typed, and after', async () => {
    expect(line()).toBe('All of it is kept');
    await type('soon');
    expect(line()).toBe('Kept a moment ago');
  });

  it('never says kept of what is not', async () => {
    status = 503;
    await type('soon');
    expect(line()).toContain('Not kept yet: the connection is away');
    expect(line()).toContain('this browser holds it');
  });

  it('leads to a sign-in that leaves the screen where it is', async () => {
    status = 401;
    await type('soon');
    expect(line()).toBe('You are signed out.');
    expect(screen.getByRole('alert').textContent).toContain('What you typed last is not kept yet');
    await fireEvent.click(screen.getByRole('button', { name: 'Sign in here' }));
    expect(await screen.findByLabelText('Password')).toBeTruthy();
  });

  it('says why something cannot be, and lets it go when told', async () => {
    status = 422;
    await type('far too long a promise');
    expect(screen.getByRole('alert').textContent).toContain('At most 20 characters.');
    await fireEvent.click(screen.getByRole('button', { name: 'Let it go' }));
    await vi.waitFor(() => expect(line()).toBe('All of it is kept'));
  });

  it('shows both when somebody else has changed the same, and keeps the one that is chosen', async () => {
    status = 409;
    await type('soon');
    expect(screen.getByRole('alert').textContent).toContain('Yours: “soon”. Theirs: “the same day”.');
    status = 200;
    await fireEvent.click(screen.getByRole('button', { name: 'Keep yours' }));
    await vi.waitFor(() => expect(line()).toBe('Kept a moment ago'));
    expect(sent).toEqual(['soon', 'soon']);
  });

  it('leads to words of a text that are refused, which say why themselves', async () => {
    document.body.insertAdjacentHTML('beforeend', '<p id="text-t" tabindex="-1">Far too long</p>');
    document.getElementById('text-t')!.scrollIntoView = vi.fn();
    outbox.hold('text/t', { kind: 'setText', text: 't', mark: 'OWN', tree: [] }, 'At most 3 characters.');
    await fireEvent.click(await screen.findByRole('button', { name: 'Show it' }));
    expect(document.activeElement?.id).toBe('text-t');
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
