import { afterEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../api/client';
import { UndeliveredState, type Undelivered } from './undelivered.svelte';

const mail: Undelivered = {
  way: 'MAIL',
  id: 'one',
  to: 'oona@quayle.example',
  about: 'Your message',
  at: '2026-11-27T09:00:00Z',
  isGivenUp: true,
  fault: 'There is no such address.'
};

function answers(method: 'GET' | 'POST' | 'DELETE', data: unknown, status = 200): void {
  vi.spyOn(api, method).mockResolvedValue({
    data,
    error: data ? undefined : { detail: 'The connection is away.' },
    response: new Response(null, { status })
  } as never);
}

describe('messages that have not arrived', () => {
  afterEach(() => vi.restoreAllMocks());

  it('go from the list once they are on their way again, or are let go', async () => {
    const undelivered = new UndeliveredState();
    answers('GET', [mail, { ...mail, id: 'two' }]);
    await undelivered.load('site');
    answers('POST', [{ ...mail, id: 'two' }]);
    expect(await undelivered.again(mail)).toBeNull();
    expect(undelivered.list.map((each) => each.id)).toEqual(['two']);
    answers('DELETE', []);
    expect(await undelivered.letGo(mail)).toBeNull();
    expect(undelivered.list).toEqual([]);
  });

  it('stay in view without a connection, with a word on what was not done', async () => {
    const undelivered = new UndeliveredState();
    answers('GET', [mail]);
    await undelivered.load('site');
    answers('GET', undefined, 503);
    await undelivered.load('site');
    expect(undelivered.list).toEqual([mail]);
    answers('POST', undefined, 503);
    expect((await undelivered.again(mail))?.detail).toBe('The connection is away.');
    expect(undelivered.list).toEqual([mail]);
  });

  it('go from the list too where another window has dealt with one', async () => {
    const undelivered = new UndeliveredState();
    answers('GET', [mail, { ...mail, id: 'two' }]);
    await undelivered.load('site');
    answers('DELETE', undefined, 404);
    answers('GET', [{ ...mail, id: 'two' }]);
    expect(await undelivered.letGo(mail)).not.toBeNull();
    expect(undelivered.list.map((each) => each.id)).toEqual(['two']);
  });
});
