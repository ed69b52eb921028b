import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { LookState as State } from './look.svelte';

interface Asked {
  path: string;
  body: { value?: string; revision?: number };
}

describe('a look being chosen', () => {
  let asked: Asked[];
  let revision: number;
  let look: State;
  let isRefused = false;
  const elsewhere = vi.fn();

  const answer = async (request: Request): Promise<Response> => {
    const path = new URL(request.url).pathname.split('/').at(-1) ?? '';
    if (request.method === 'GET') return Response.json({ revision });
    asked.push({ path, body: JSON.parse(await request.text()) });
    if (isRefused) return Response.json({ detail: 'It cannot be.', field: 'house' }, { status: 422 });
    revision += 1;
    return Response.json({ revision });
  };

  beforeEach(async () => {
    asked = [];
    revision = 1;
    isRefused = false;
    vi.resetModules();
    vi.stubGlobal('fetch', answer);
    const { LookState } = await import('./look.svelte');
    look = new LookState('one', elsewhere);
    await look.load();
  });
  afterEach(() => vi.unstubAllGlobals());

  it('takes back what was just asked for, however soon the step back is taken', async () => {
    const changed = look.change('house', 'QUILL', 'Drawn as Quill.');
    await Promise.all([changed, look.undo()]);
    expect(asked.map(({ path, body }) => [path, body.value ?? body.revision])).toEqual([
      ['look', 'QUILL'],
      ['undo', 2]
    ]);
    expect(look.view?.revision).toBe(3);
    expect(look.busy).toBe(false);
  });

  it('ends with the choice made last', async () => {
    await Promise.all(['QUILL', 'KILN'].map((house) => look.change('house', house, house)));
    expect(asked.map(({ body }) => body.value)).toEqual(['QUILL', 'KILN']);
    expect(look.said).toBe('KILN');
  });

  it('goes on after a choice that was refused', async () => {
    isRefused = true;
    expect(await look.change('house', 'NONE', '')).toBe(false);
    expect(look.fault.field).toBe('house');
    isRefused = false;
    expect(await look.change('house', 'KILN', 'Drawn.')).toBe(true);
    expect(look.fault.detail).toBe('');
  });
});
