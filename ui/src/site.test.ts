import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { emptySheet } from './sheet';
import type { SiteState as State } from './site.svelte';

interface Sent {
  method: string;
  path: string;
  body: { revision: number; sheet: { lines: { name: string } } } | null;
}

/** A server that keeps one sheet, and can be away. */
class Server {
  sent: Sent[] = [];
  revision = 1;
  away = false;
  conflict = false;
  sheet: { lines: object; seed: number } = { ...emptySheet(), seed: 7 };
  /** Lines somebody else has changed meanwhile. */
  elsewhere: object = {};

  answer = async (request: Request): Promise<Response> => {
    if (this.away) throw new TypeError('network');
    const text = await request.text();
    const body = text ? JSON.parse(text) : null;
    this.sent.push({ method: request.method, path: new URL(request.url).pathname, body });
    if (this.conflict) return Response.json({ detail: 'changed elsewhere' }, { status: 409 });
    if (request.method === 'PUT') {
      this.revision += 1;
      this.sheet = { ...body.sheet, lines: { ...body.sheet.lines, ...this.elsewhere } };
    }
    return Response.json({
      id: 'one',
      revision: this.revision,
      sheet: this.sheet,
      answers: {},
      missing: []
    });
  };
}

describe('a site being worked on', () => {
  let server: Server;
  let SiteState: new () => State;

  // The client takes the browser's fetch when it is made, so it is made anew for each server.
  beforeEach(async () => {
    vi.resetModules();
    vi.useFakeTimers();
    server = new Server();
    vi.stubGlobal('fetch', server.answer);
    ({ SiteState } = await import('./site.svelte'));
  });

  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  async function settle(ms: number): Promise<void> {
    await vi.advanceTimersByTimeAsync(ms);
  }

  it('is made with the first thing typed, and kept after a pause', async () => {
    const site = new SiteState();
    site.sheet.lines.name = 'Ash';
    site.changed();
    site.sheet.lines.name = 'Ashlatch';
    site.changed();
    expect(site.keeping).toBe('keeping');
    await settle(1000);
    expect(server.sent.map((sent) => sent.method)).toEqual(['POST', 'PUT']);
    expect(server.sent[1]?.body?.sheet.lines.name).toBe('Ashlatch');
    expect(site.keeping).toBe('kept');
  });

  it('never loses what was typed while an answer was on its way', async () => {
    const site = new SiteState();
    site.sheet.lines.name = 'One';
    site.changed();
    await settle(1000);
    site.sheet.lines.name = 'Two';
    site.changed();
    const keeping = site.keep();
    site.sheet.lines.name = 'Three';
    site.changed();
    await keeping;
    await settle(1000);
    expect(server.sent.at(-1)?.body?.sheet.lines.name).toBe('Three');
    expect(site.sheet.lines.name).toBe('Three');
    expect(site.keeping).toBe('kept');
  });

  it('answers a wish to keep only when the last word is kept', async () => {
    const site = new SiteState();
    site.sheet.lines.name = 'One';
    site.changed();
    const first = site.keep();
    site.sheet.lines.name = 'Two';
    site.changed();
    await site.keep();
    expect(server.sent.at(-1)?.body?.sheet.lines.name).toBe('Two');
    await first;
  });

  it('waits while the connection is away, and tries again by itself', async () => {
    const site = new SiteState();
    server.away = true;
    site.sheet.lines.name = 'In a tunnel';
    site.changed();
    await settle(500);
    expect(site.keeping).toBe('waiting');
    server.away = false;
    await settle(6000);
    expect(site.keeping).toBe('kept');
    expect(server.sent.at(-1)?.body?.sheet.lines.name).toBe('In a tunnel');
  });

  it('says when another window was faster, and does not overwrite it', async () => {
    const site = new SiteState();
    site.sheet.lines.name = 'Mine';
    site.changed();
    await settle(1000);
    server.conflict = true;
    site.sheet.lines.name = 'Mine again';
    site.changed();
    await settle(10_000);
    expect(site.keeping).toBe('conflict');
    expect(site.sheet.lines.name).toBe('Mine again');
  });

  it('brings in a line somebody else has changed, and leaves the one that is being typed on', async () => {
    const site = new SiteState();
    site.sheet.lines.name = 'Mine';
    site.changed();
    await settle(1000);
    server.elsewhere = { name: 'Theirs', hours: 'Mon-Fri 9-5' };
    site.sheet.lines.telephone = '0117 496 0142';
    site.changed();
    const keeping = site.keep();
    site.sheet.lines.name = 'Mine, still being typed';
    await keeping;
    expect(site.sheet.lines.hours).toBe('Mon-Fri 9-5');
    expect(site.sheet.lines.name).toBe('Mine, still being typed');
  });
});
