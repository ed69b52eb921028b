import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { api as Api } from './client';

describe('a call', () => {
  let api: typeof Api;
  let signedOut: string;
  let problemOf: (
    error: unknown,
    response: Response
  ) => { detail: string; field: string; faults: Record<string, string>; status: number };
  let answer: () => Promise<Response>;

  // The client takes the browser's fetch when it is made, so it is made anew for each.
  beforeEach(async () => {
    vi.resetModules();
    vi.stubGlobal('fetch', () => answer());
    ({ api, SIGNED_OUT: signedOut, problemOf } = await import('./client'));
  });
  afterEach(() => vi.unstubAllGlobals());

  const ask = () => api.GET('/api/sites/{id}', { params: { path: { id: 'one' } } });

  it('never throws: that the connection is away is an answer', async () => {
    answer = () => Promise.reject(new TypeError('Failed to fetch'));
    const { data, error, response } = await ask();
    expect(data).toBeUndefined();
    expect(response.status).toBe(503);
    expect(problemOf(error, response).detail).toBe('The connection is away. Try again in a moment.');
  });

  it('tells every screen when the session has ended', async () => {
    const heard = vi.fn();
    addEventListener(signedOut, heard);
    answer = async () => Response.json({ detail: 'Sign in to see this.' }, { status: 401 });
    await ask();
    expect(heard).toHaveBeenCalledOnce();
    await api.GET('/api/sites');
    expect(heard, 'a list of sites is nobody’s').toHaveBeenCalledOnce();
    removeEventListener(signedOut, heard);
  });

  it('has plain words for an answer that has none', async () => {
    answer = async () => new Response('<html>', { status: 500 });
    const { error, response } = await ask();
    expect(problemOf(error, response)).toEqual({
      detail: 'That did not work. Try again in a moment.',
      field: '',
      faults: {},
      status: 500
    });
  });
});
