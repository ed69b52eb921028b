import { beforeEach, describe, expect, it, vi } from 'vitest';
import { session } from '../session.svelte';
import { unkeptWords } from './browserStore';
import { Outbox, type Carrier } from './outbox.svelte';

const SITE = '5b7f0c1e-0000-4000-8000-000000000001';
const words = (said: string) => ({ kind: 'setLine', path: 'promise', words: said }) as const;

/** A screen whose server answers as told. */
function screen(status: () => number, sent: string[] = []): Carrier {
  return {
    revision: () => 3,
    send: async ({ edit }) => {
      sent.push((edit as { words: string }).words);
      const response = new Response(null, { status: status() });
      return response.ok ? { data: {}, response } : { error: { detail: 'No.' }, response };
    },
    taken: vi.fn(),
    changed: vi.fn(),
    theirs: () => '',
    said: vi.fn()
  };
}

/** Somebody has signed in in another window. */
function signedIn(): void {
  session.set({ name: 'Ada', email: 'ada@ashlatch.example', confirmed: true });
  vi.spyOn(session, 'load').mockResolvedValue();
}

describe('words that are not kept yet', () => {
  beforeEach(async () => {
    for (const item of await unkeptWords.of(SITE)) await unkeptWords.drop(item.key);
    vi.stubGlobal('fetch', async () => Response.json({ name: 'Ada', email: 'ada@ashlatch.example' }));
  });

  it('lie in the browser until they are kept, over a reload', async () => {
    const before = new Outbox(SITE);
    before.carry(screen(() => 503));
    before.type('line/promise', words('by the next working morning'));
    await before.keep();
    expect(before.keeping).toBe('away');

    const sent: string[] = [];
    const after = new Outbox(SITE);
    after.carry(screen(() => 200, sent));
    await after.restore();
    expect(after.waits).toBe(true);
    await after.keep();
    expect(sent).toEqual(['by the next working morning']);
    expect(after.keeping).toBe('kept');
    await vi.waitFor(async () => expect(await unkeptWords.of(SITE)).toEqual([]));
  });

  it('go once more when somebody signed in while they were turned away', async () => {
    signedIn();
    const answers = [401, 200];
    const outbox = new Outbox(SITE);
    const sent: string[] = [];
    outbox.carry(screen(() => answers.shift() ?? 200, sent));
    outbox.type('line/promise', words('tomorrow'));
    await outbox.keep();
    expect(sent).toEqual(['tomorrow', 'tomorrow']);
    expect(outbox.keeping).toBe('kept');
  });

  it('are never called refused for want of a session', async () => {
    signedIn();
    const outbox = new Outbox(SITE);
    outbox.carry(screen(() => 401));
    outbox.type('line/promise', words('tomorrow'));
    await outbox.keep();
    expect(outbox.keeping).toBe('away');
    expect(outbox.waits).toBe(true);
  });

  it('wait as long as the server asks where they were too many, and say so', async () => {
    vi.useFakeTimers();
    try {
      const answers = [429];
      const outbox = new Outbox(SITE);
      const sent: string[] = [];
      outbox.carry(screen(() => answers.shift() ?? 200, sent));
      outbox.add(words('tomorrow'));
      await outbox.keep();
      expect(outbox.keeping).toBe('often');
      expect(outbox.waits).toBe(true);
      await vi.advanceTimersByTimeAsync(2600);
      expect(outbox.keeping).toBe('kept');
      expect(sent).toEqual(['tomorrow', 'tomorrow']);
    } finally {
      vi.useRealTimers();
    }
  });

  it('come back in the order they were typed, once', async () => {
    const before = new Outbox(SITE);
    before.carry(screen(() => 503));
    before.add(words('first'));
    before.add(words('second'));
    await before.keep();
    await before.restore();
    const after = new Outbox(SITE);
    await after.restore();
    expect(after.items.map((item) => item.edit)).toEqual([words('first'), words('second')]);
    expect(before.items).toHaveLength(2);
  });

  it('stay when they are refused, over a reload too, and go when the owner says so', async () => {
    const before = new Outbox(SITE);
    before.carry(screen(() => 422));
    before.add(words('far too long'));
    await before.keep();
    expect(before.keeping).toBe('refused');
    const after = new Outbox(SITE);
    await after.restore();
    expect(after.keeping).toBe('refused');
    expect(after.stopped[0]?.reason).toBe('No.');
    after.letGo(after.stopped[0]!);
    expect(after.keeping).toBe('kept');
    await vi.waitFor(async () => expect(await unkeptWords.of(SITE)).toEqual([]));
  });

  it('that another window is still typing are not taken for what it types later', async () => {
    const keys: string[] = [];
    const open = new Outbox(SITE);
    const here = { ...screen(() => 200) };
    const carrier: Carrier = { ...here, send: (edit) => (keys.push(edit.key), here.send(edit)) };
    open.carry(carrier);
    open.type('line/promise', words('so'));
    await vi.waitFor(async () => expect(await unkeptWords.of(SITE)).toHaveLength(1));
    const second = new Outbox(SITE);
    second.carry(carrier);
    await second.restore();
    await second.keep();
    open.type('line/promise', words('soon'));
    await open.keep();
    expect(new Set(keys).size).toBe(2);
  });

  it('of one place are one edit while they are typed', async () => {
    const sent: string[] = [];
    const outbox = new Outbox(SITE);
    outbox.carry(screen(() => 200, sent));
    for (const said of ['s', 'so', 'soon']) outbox.type('line/promise', words(said));
    expect(outbox.items).toHaveLength(1);
    await outbox.keep();
    expect(sent).toEqual(['soon']);
  });

  it.each([0, 1, 2, 3, 4, 5, 6])(
    'are sent though they come as the last is kept, %i turns later',
    async (turns) => {
      const sent: string[] = [];
      const outbox = new Outbox(SITE);
      const carrier = screen(() => 200, sent);
      carrier.taken = async () => {
        if (sent.length > 1) return;
        for (let turn = 0; turn < turns; turn++) await Promise.resolve();
        outbox.add(words('second'));
      };
      outbox.carry(carrier);
      outbox.add(words('first'));
      await vi.waitFor(() => expect(sent).toEqual(['first', 'second']));
      expect(outbox.keeping).toBe('kept');
    }
  );

  it('of another site are left alone', async () => {
    const outbox = new Outbox(SITE);
    outbox.carry(screen(() => 503));
    outbox.add(words('mine'));
    await outbox.keep();
    const other = new Outbox('5b7f0c1e-0000-4000-8000-000000000002');
    await other.restore();
    expect(other.items).toEqual([]);
  });
});

describe('an edit without words that cannot be', () => {
  it('is said once and not held', async () => {
    const outbox = new Outbox(SITE);
    const carrier = screen(() => 422);
    outbox.carry(carrier);
    outbox.add({ kind: 'removeSection', section: 'gone' });
    await outbox.keep();
    expect(carrier.said).toHaveBeenCalledExactlyOnceWith('No.');
    expect(outbox.items).toEqual([]);
  });
});
