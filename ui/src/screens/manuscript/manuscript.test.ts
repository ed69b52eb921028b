import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Block, Site } from '../../document/types';
import type { ManuscriptState as State } from './manuscript.svelte';

interface Sent {
  path: string;
  body: { revision: number; key?: string; edit?: { kind: string; text?: string } };
}

const words = (value: string): Block[] => [{ kind: 'paragraph', inside: [{ kind: 'words', value }] }];

function site(headline: string): Site {
  const section = (id: string, texts = {}) => ({
    id,
    kind: 'OPENING',
    layout: 'across',
    anchor: id,
    hidden: false,
    texts,
    items: []
  });
  return {
    masthead: section('head'),
    pages: [
      {
        id: 'home',
        slug: '',
        name: 'Home',
        sections: [
          section('one', {
            headline: {
              id: 't',
              mark: 'SUGGESTED',
              tree: words(headline),
              origin: { pattern: '', seed: 0, needs: [] }
            }
          }),
          section('two')
        ]
      }
    ],
    footer: section('foot')
  };
}

/** A server with one manuscript, that can be away, refuse, or keep words aside. */
class Server {
  sent: Sent[] = [];
  revision = 1;
  headline = 'Swept';
  away = false;
  status = 200;
  aside = false;
  isReading = false;
  asked = 0;

  view() {
    return {
      revision: this.revision,
      name: 'A',
      site: site(this.headline),
      facts: [],
      services: [],
      snags: [],
      isReading: this.isReading,
      offers: [],
      asides: [],
      messagesTo: [],
      kinds: {},
      changes: 0,
      preview: '',
      canUndo: true,
      canRedo: false
    };
  }

  answer = async (request: Request): Promise<Response> => {
    if (this.away) throw new TypeError('network');
    const path = new URL(request.url).pathname;
    if (request.method === 'GET') {
      if (path.endsWith('/manuscript')) this.asked += 1;
      return Response.json(path.endsWith('/revision') ? { revision: this.revision } : this.view());
    }
    const body = JSON.parse(await request.text());
    this.sent.push({ path, body });
    if (this.status !== 200) return Response.json({ detail: 'It cannot be.' }, { status: this.status });
    this.revision += 1;
    if (body.edit?.kind === 'setText' && !this.aside) this.headline = body.edit.tree[0].inside[0].value;
    return Response.json({
      manuscript: this.view(),
      shopfront: { order: [], html: {}, anew: false },
      aside: this.aside
    });
  };
}

describe('a manuscript being worked on', () => {
  let server: Server;
  let manuscript: State;
  let close: () => void;
  const listener = { drawn: vi.fn(), said: vi.fn(), toLook: vi.fn() };

  beforeEach(async () => {
    vi.resetModules();
    vi.clearAllMocks();
    vi.useFakeTimers();
    server = new Server();
    vi.stubGlobal('fetch', server.answer);
    const { ManuscriptState } = await import('./manuscript.svelte');
    manuscript = new ManuscriptState('one', listener);
    close = manuscript.open();
    await settle(10);
  });
  afterEach(() => {
    close();
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  const settle = (time: number) => vi.advanceTimersByTimeAsync(time);

  it('sends words once there is a pause, as one step', async () => {
    for (const typed of ['S', 'Sw', 'Swe']) {
      manuscript.type('t', words(typed));
      await settle(100);
    }
    expect(server.sent).toHaveLength(0);
    expect(manuscript.isTyped('t')).toBe(true);
    await settle(400);
    expect(server.sent).toHaveLength(1);
    expect(server.headline).toBe('Swe');
    expect(manuscript.isTyped('t')).toBe(false);
    expect(manuscript.outbox.keeping).toBe('kept');
    expect(listener.drawn).toHaveBeenCalledOnce();
  });

  it('shows a move at once, and sends edits one after another with the revision each was made on', async () => {
    manuscript.edit({ kind: 'moveSection', section: 'two', to: { page: 'home', after: '' } });
    manuscript.edit({ kind: 'hideSection', section: 'one', hidden: true });
    expect(manuscript.sections.map((section) => section.id)).toEqual(['head', 'two', 'one', 'foot']);
    expect(manuscript.sections[2]?.hidden).toBe(true);
    await settle(10);
    expect(server.sent.map((sent) => sent.body.revision)).toEqual([1, 1]);
  });

  it('moves a section by one place, as long as there is room', async () => {
    const order = () => manuscript.sections.map((section) => section.id);
    expect(manuscript.moveSection('one', -1)).toBe(false);
    expect(manuscript.moveSection('one', 1)).toBe(true);
    expect(order()).toEqual(['head', 'two', 'one', 'foot']);
    expect(manuscript.moveSection('one', 1)).toBe(false);
    expect(manuscript.moveSection('one', -1)).toBe(true);
    expect(order()).toEqual(['head', 'one', 'two', 'foot']);
    expect(manuscript.moveSection('head', 1)).toBe(false);
  });

  it('keeps edits here while the connection is away, and sends each with the key it had', async () => {
    server.away = true;
    manuscript.type('t', words('In a tunnel'));
    await settle(400);
    expect(manuscript.outbox.keeping).toBe('away');
    expect(manuscript.waits).toBe(true);
    server.away = false;
    server.status = 503;
    await settle(2600);
    const first = server.sent[0]?.body.key;
    server.status = 200;
    await settle(2600);
    expect(server.sent.at(-1)?.body.key).toBe(first);
    expect(server.headline).toBe('In a tunnel');
    expect(manuscript.outbox.keeping).toBe('kept');
  });

  it('takes a step back only once what was asked before it is answered', async () => {
    const drafted = manuscript.draftAgain('one');
    const undone = manuscript.undo();
    await settle(10);
    await Promise.all([drafted, undone]);
    expect(server.sent.map((sent) => [sent.path.split('/').at(-1), sent.body.revision])).toEqual([
      ['draft', 1],
      ['undo', 2]
    ]);
  });

  it('looks again in a moment while the words are being read, and not after', async () => {
    server.isReading = true;
    await manuscript.load();
    const before = server.asked;
    await settle(4100);
    expect(server.asked).toBe(before + 1);
    server.isReading = false;
    await settle(4100);
    expect(server.asked).toBe(before + 2);
    await settle(20000);
    expect(server.asked).toBe(before + 2);
  });

  it('says why an edit cannot be, and goes on with the next', async () => {
    server.status = 422;
    manuscript.edit({ kind: 'removeSection', section: 'gone' });
    await settle(10);
    expect(listener.said).toHaveBeenCalledWith('It cannot be.', true);
    server.status = 200;
    manuscript.type('t', words('Next'));
    await settle(400);
    expect(server.headline).toBe('Next');
  });

  it('holds words that are too many where they were typed, and says why', async () => {
    manuscript.hold('t', words('Far too long'), 'At most 3 characters, please.');
    await settle(1000);
    expect(server.sent).toHaveLength(0);
    expect(manuscript.refusal('t')).toBe('At most 3 characters, please.');
    expect(manuscript.outbox.keeping).toBe('refused');
    expect(manuscript.sections[1]?.texts['headline']?.tree).toEqual(words('Far too long'));
    manuscript.type('t', words('Far'));
    await settle(400);
    expect(server.headline).toBe('Far');
    expect(manuscript.outbox.keeping).toBe('kept');
  });

  it('keeps words of a refused edit where they were typed', async () => {
    server.status = 422;
    manuscript.type('t', words('Refused'));
    await settle(400);
    expect(manuscript.outbox.keeping).toBe('refused');
    expect(manuscript.sections[1]?.texts['headline']?.tree).toEqual(words('Refused'));
  });

  it('tells that words were kept aside', async () => {
    server.aside = true;
    manuscript.type('t', words('Mine'));
    await settle(400);
    expect(listener.said).toHaveBeenCalledWith(expect.stringContaining('kept beside them'), false);
  });

  it('keeps what was typed before it takes a step back', async () => {
    manuscript.type('t', words('Typed'));
    await manuscript.undo();
    expect(server.sent.map((sent) => sent.path.split('/').at(-1))).toEqual(['edits', 'undo']);
  });

  it('notices what somebody else has done', async () => {
    server.revision = 9;
    server.headline = 'Theirs';
    expect(await manuscript.lookAround()).toBe(true);
    expect(manuscript.sections[1]?.texts['headline']?.tree).toEqual(words('Theirs'));
    expect(await manuscript.lookAround()).toBe(false);
  });
});
