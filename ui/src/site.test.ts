import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Edit } from './document/edits';
import { applyToSheet } from './document/sheetEdits';
import { emptySheet, type Sheet } from './sheet';
import type { SiteState as State } from './site.svelte';

interface Sent {
  method: string;
  path: string;
  body: { revision: number; key: string; edit: Edit } | null;
}

/** A server that keeps one sheet; it can be away, refuse, or ask for a sign-in. */
class Server {
  sent: Sent[] = [];
  revision = 1;
  away = false;
  signedOut = false;
  /** How many requests are turned away for want of a session there is. */
  turnedAway = 0;
  sheet: Sheet = { ...emptySheet(), seed: 7 };
  /** Lines somebody else has changed meanwhile, which edits meet. */
  met: string[] = [];

  edits(): Edit[] {
    return this.sent.flatMap(({ body }) => (body?.edit ? [body.edit] : []));
  }

  answer = async (request: Request): Promise<Response> => {
    if (this.away) throw new TypeError('network');
    const path = new URL(request.url).pathname;
    if (path === '/api/session') return Response.json({ name: null, email: this.signedOut ? null : 'a@b' });
    const text = await request.text();
    const body = text ? JSON.parse(text) : null;
    this.sent.push({ method: request.method, path, body });
    if (this.signedOut || this.turnedAway-- > 0) return Response.json({ detail: 'Sign in' }, { status: 401 });
    if (body?.edit) {
      const edits: Edit[] = body.edit.kind === 'several' ? body.edit.edits : [body.edit];
      const meets = edits.some((edit) => edit.kind === 'setLine' && this.met.includes(edit.path));
      if (meets && body.revision < this.revision) return Response.json({ detail: 'met' }, { status: 409 });
      if (edits.some((edit) => edit.kind === 'setLine' && edit.words.length > 100)) {
        return Response.json({ detail: 'Too long.' }, { status: 422 });
      }
      this.revision += 1;
      this.sheet = edits.reduce(applyToSheet, this.sheet);
    }
    const facts = { revision: this.revision, zone: 'Europe/London' };
    if (path.endsWith('/facts')) return Response.json(facts);
    const site = {
      id: body?.id ?? path.split('/')[3],
      revision: this.revision,
      sheet: this.sheet,
      answers: {},
      missing: []
    };
    return Response.json(body?.edit ? { site, facts } : site);
  };
}

describe('a site being worked on', () => {
  let server: Server;
  let SiteState: new () => State;
  let site: State;

  // The client takes the browser's fetch when it is made, so it is made anew for each server.
  beforeEach(async () => {
    vi.resetModules();
    vi.useFakeTimers();
    server = new Server();
    vi.stubGlobal('fetch', server.answer);
    ({ SiteState } = await import('./site.svelte'));
    site = new SiteState();
  });

  afterEach(() => {
    site.leave();
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  async function settle(ms: number): Promise<void> {
    await vi.advanceTimersByTimeAsync(ms);
  }

  function name(words: string): void {
    site.sheet.lines.name = words;
    site.changed();
  }

  it('is made with the first thing typed, and kept after a pause', async () => {
    name('Ash');
    name('Ashlatch');
    expect(site.outbox?.keeping).toBe('onItsWay');
    await settle(1000);
    expect(server.sent.map((sent) => sent.method)).toEqual(['POST', 'POST']);
    expect(server.edits()).toEqual([{ kind: 'setLine', path: 'name', words: 'Ashlatch' }]);
    expect(site.outbox?.keeping).toBe('kept');
    expect(site.sheet.seed).toBe(7);
  });

  it('brings what stands beside its facts with each answer, and asks for it only where it came without', async () => {
    const { FactsState } = await import('./screens/facts/facts.svelte');
    const facts = new FactsState();
    const asked = () =>
      server.sent.filter((sent) => sent.method === 'GET' && sent.path.endsWith('/facts')).length;
    name('Ashlatch');
    await settle(1000);
    await facts.follow(site);
    expect(facts.view?.revision).toBe(site.view?.revision);
    expect(asked()).toBe(0);

    server.revision += 1;
    await Promise.all([site.reload(), settle(100)]);
    await facts.follow(site);
    expect(facts.view?.revision).toBe(server.revision);
    expect(asked()).toBe(1);
  });

  it('is made for what needs it, though nothing is typed', async () => {
    await Promise.all([site.ready(), settle(100)]);
    expect(server.sent.map((sent) => sent.path)).toEqual(['/api/sites']);
    expect(site.view).not.toBeNull();
    name('Typed later');
    await settle(1000);
    expect(server.sent.filter((sent) => sent.path === '/api/sites')).toHaveLength(1);
    expect(server.sheet.lines.name).toBe('Typed later');
  });

  it('is made once, though two things need it at once', async () => {
    name('Typed');
    await settle(290);
    await Promise.all([site.ready(), site.ready(), settle(1000)]);
    expect(server.sent.filter((sent) => sent.path === '/api/sites')).toHaveLength(1);
    expect(server.sheet.lines.name).toBe('Typed');
  });

  it('is made once, though the connection goes while it is made', async () => {
    server.away = true;
    name('In a tunnel');
    await settle(6000);
    expect(site.outbox?.keeping).toBe('away');
    server.away = false;
    await settle(6000);
    expect(site.outbox?.keeping).toBe('kept');
    expect(server.sent.filter((sent) => sent.path === '/api/sites')).toHaveLength(1);
    expect(server.sheet.lines.name).toBe('In a tunnel');
  });

  it('never loses what was typed while an answer was on its way', async () => {
    name('One');
    await settle(1000);
    name('Two');
    const keeping = site.keep();
    name('Three');
    await keeping;
    await settle(1000);
    expect(server.sheet.lines.name).toBe('Three');
    expect(site.sheet.lines.name).toBe('Three');
    expect(site.outbox?.keeping).toBe('kept');
  });

  it('sends several lines changed at once as one step', async () => {
    site.sheet.lines.name = 'Ashlatch';
    site.sheet.services.push({ id: 's', usual: '', name: 'Sweep', summary: '', price: '', minutes: '' });
    site.changed();
    await settle(1000);
    expect(server.edits().map((edit) => edit.kind)).toEqual(['several']);
    expect(server.sheet.services[0]?.name).toBe('Sweep');
  });

  it('never makes a second site of one it cannot load', async () => {
    server.away = true;
    await Promise.all([site.load('there'), settle(100)]);
    expect(site.openness).toBe('away');
    server.sheet.lines.name = 'There all along';
    server.away = false;
    await settle(6000);
    expect(site.openness).toBe('open');
    expect(site.sheet.lines.name).toBe('There all along');
    expect(server.sent.filter((sent) => sent.path === '/api/sites')).toHaveLength(0);
  });

  it('asks for a sign-in, and sends what waits after it', async () => {
    await Promise.all([site.load('mine'), settle(100)]);
    server.signedOut = true;
    name('Typed while signed out');
    await settle(1000);
    expect(site.outbox?.keeping).toBe('signedOut');
    expect(site.sheet.lines.name).toBe('Typed while signed out');
    server.signedOut = false;
    await Promise.all([site.keep(), settle(100)]);
    expect(server.sheet.lines.name).toBe('Typed while signed out');
    expect(site.outbox?.keeping).toBe('kept');
  });

  describe('when somebody else has changed a line too', () => {
    beforeEach(async () => {
      await Promise.all([site.load('shared'), settle(100)]);
      server.revision += 1;
      server.sheet.lines.name = 'Theirs';
      server.met = ['name'];
      site.sheet.lines.name = 'Mine';
      site.sheet.lines.telephone = '0117 496 0142';
      site.changed();
      await settle(1000);
    });

    it('keeps every other line, and says what is met', () => {
      expect(server.sheet.lines.telephone).toBe('0117 496 0142');
      expect(site.outbox?.keeping).toBe('met');
      expect(site.sheet.lines.name).toBe('Mine');
      const [item] = site.outbox?.stopped ?? [];
      expect(item && site.outbox?.theirs(item)).toBe('Theirs');
    });

    it('puts mine when I say so', async () => {
      site.outbox?.insist(site.outbox.stopped[0]!);
      await settle(100);
      expect(server.sheet.lines.name).toBe('Mine');
      expect(site.outbox?.keeping).toBe('kept');
    });

    it('takes theirs when I say so', async () => {
      site.outbox?.letGo(site.outbox.stopped[0]!);
      await settle(100);
      expect(site.sheet.lines.name).toBe('Theirs');
      expect(site.outbox?.keeping).toBe('kept');
    });
  });

  it('keeps a refused line where it was typed, with the reason, until it is typed again', async () => {
    name('x'.repeat(101));
    await settle(1000);
    expect(site.outbox?.keeping).toBe('refused');
    expect(site.outbox?.stopped[0]?.reason).toBe('Too long.');
    expect(site.sheet.lines.name).toHaveLength(101);
    name('Shorter');
    await settle(1000);
    expect(server.sheet.lines.name).toBe('Shorter');
    expect(site.outbox?.keeping).toBe('kept');
  });

  it('brings in a line somebody else has changed, and leaves the one that is being typed on', async () => {
    name('Mine');
    await settle(1000);
    server.sheet = {
      ...server.sheet,
      lines: { ...server.sheet.lines, name: 'Theirs', hours: 'Mon-Fri 9-5' }
    };
    site.sheet.lines.telephone = '0117 496 0142';
    site.changed();
    const keeping = site.keep();
    name('Mine, still being typed');
    await keeping;
    expect(site.sheet.lines.hours).toBe('Mon-Fri 9-5');
    expect(site.sheet.lines.name).toBe('Mine, still being typed');
  });

  it('leaves an empty line that is being typed after the last link', async () => {
    site.sheet.links = ['a.example', ''];
    site.changed();
    await settle(1000);
    server.sheet = { ...server.sheet, links: ['a.example'] };
    name('Ashlatch');
    await settle(1000);
    expect(site.sheet.links).toEqual(['a.example', '']);
  });

  it('asks again when it is told to sign in though somebody is signed in', async () => {
    server.revision = 4;
    server.turnedAway = 1;
    site.open('11111111-1111-4111-8111-111111111111');
    await settle(10);
    expect(site.view).toBeNull();
    expect(site.openness).toBe('opening');
    await settle(5000);
    expect(site.view?.revision).toBe(4);
    expect(site.openness).toBe('open');
  });
});
