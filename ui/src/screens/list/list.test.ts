import { afterEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../api/client';
import { ListState, type ListView, type Member } from './list.svelte';

function member(number: number): Member {
  return { id: `m${number}`, email: `p${number}@marrow.example` } as Member;
}

function view(members: Member[], next = '', number = members.length): ListView {
  return { number, asked: 0, stands: true, members, next } as unknown as ListView;
}

function answers(...views: (ListView | null)[]) {
  const get = vi.spyOn(api, 'GET');
  views.forEach((each) =>
    get.mockResolvedValueOnce({
      data: each ?? undefined,
      response: new Response(null, { status: each ? 200 : 503 })
    } as never)
  );
  return get;
}

const GONE = { error: { detail: 'Not now.' }, response: new Response(null, { status: 503 }) } as never;
const DONE = { response: new Response(null, { status: 204 }) } as never;

async function loaded(...members: Member[]): Promise<ListState> {
  answers(view(members));
  const list = new ListState('site');
  await list.load();
  return list;
}

describe('the list', () => {
  afterEach(() => vi.restoreAllMocks());

  it('comes in pages, one after the other', async () => {
    const get = answers(view([member(1), member(2)], 'm2', 3), view([member(3)], '', 3));
    const list = new ListState('site');
    await list.load();
    await list.more();
    expect(list.members.map((each) => each.id)).toEqual(['m1', 'm2', 'm3']);
    await list.more();
    expect(get).toHaveBeenCalledTimes(2);
  });

  it('shows what was searched last, whatever answer comes last', async () => {
    const get = vi.spyOn(api, 'GET');
    let first: (answer: never) => void = () => undefined;
    get.mockReturnValueOnce(new Promise((resolve) => (first = resolve)) as never);
    get.mockResolvedValueOnce({ data: view([member(2)]), response: new Response() } as never);
    const list = new ListState('site');
    const slow = list.load();
    list.search = 'p2';
    await list.load();
    first({ data: view([member(1)]), response: new Response() } as never);
    await slow;
    expect(list.members.map((each) => each.id)).toEqual(['m2']);
  });

  it('keeps what is shown while the connection is away, and says so', async () => {
    const list = await loaded(member(1));
    answers(null);
    await list.load();
    expect(list.trouble).toBe('away');
    expect(list.members).toHaveLength(1);
    answers(view([member(1), member(2)]));
    await list.load();
    expect(list.trouble).toBe('');
  });

  it('says that the session has ended, and keeps what is shown', async () => {
    const list = await loaded(member(1));
    vi.spyOn(api, 'GET').mockResolvedValueOnce({ response: new Response(null, { status: 401 }) } as never);
    await list.load();
    expect(list.trouble).toBe('signedOut');
    expect(list.members).toHaveLength(1);
  });

  it('takes somebody off only once the server has', async () => {
    const list = await loaded(member(1), member(2));
    const [one] = list.members;
    const del = vi.spyOn(api, 'DELETE').mockResolvedValueOnce(GONE);
    expect(await list.remove(one!)).toMatchObject({ detail: 'Not now.' });
    expect(list.members).toHaveLength(2);
    del.mockResolvedValueOnce(DONE);
    expect(await list.remove(one!)).toBeNull();
    expect(list.members.map((each) => each.id)).toEqual(['m2']);
    expect(list.view?.number).toBe(1);
  });

  it('brings a file with how its people agreed, and shows them', async () => {
    const list = await loaded();
    const post = vi
      .spyOn(api, 'POST')
      .mockResolvedValueOnce({ data: { added: 1, known: 0, faults: [] }, response: new Response() } as never);
    answers(view([member(9)]));
    const { brought } = await list.bring('email\np9@marrow.example', 'at the counter');
    expect(brought?.added).toBe(1);
    expect(post.mock.calls[0]?.[1]).toMatchObject({
      body: { file: 'email\np9@marrow.example', agreed: 'at the counter' }
    });
    expect(list.members).toHaveLength(1);
  });
});
