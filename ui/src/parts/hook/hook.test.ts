import { afterEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../api/client';
import { HookState } from './hook.svelte';

const view = { hook: { address: 'https://a.example', secret: 'whsec_x' }, calls: [] };

function answers(method: 'GET' | 'PUT' | 'DELETE', data: unknown): void {
  vi.spyOn(api, method).mockResolvedValue({
    data,
    error: data ? undefined : { detail: 'This is no web address.', field: 'address' },
    response: new Response(null, { status: data ? 200 : 422 })
  } as never);
}

describe('a program that is told', () => {
  afterEach(() => vi.restoreAllMocks());

  it('is what the server says after each act', async () => {
    const hook = new HookState('site', 'ENQUIRIES');
    answers('PUT', view);
    expect(await hook.set('https://a.example')).toBeNull();
    expect(hook.view).toEqual(view);
    answers('DELETE', { hook: null, calls: [] });
    expect(await hook.remove()).toBeNull();
    expect(hook.view?.hook).toBeNull();
  });

  it('stays as it was where an address is none', async () => {
    const hook = new HookState('site', 'LIST');
    answers('GET', view);
    await hook.load();
    answers('PUT', undefined);
    expect(await hook.set('ftp:x')).toMatchObject({ detail: 'This is no web address.', field: 'address' });
    expect(hook.view).toEqual(view);
  });
});
