import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, type Enquiry } from '../../api/client';
import { answer, EnquiriesState, nameOf } from './enquiries.svelte';

const enquiry = (id: string, more: Partial<Enquiry> = {}): Enquiry => ({
  id,
  state: 'NEW',
  came: 'FORM',
  receivedAt: '2026-11-27T09:00:00Z',
  answers: [{ key: 'name', label: 'Your name', value: id }],
  setAside: [],
  files: [],
  deliveries: [],
  entries: [],
  work: [],
  due: null as never,
  person: null as never,
  askAgain: null as never,
  words: null as never,
  ...more
});

async function loaded(...list: Enquiry[]): Promise<EnquiriesState> {
  vi.spyOn(api, 'GET').mockResolvedValue({ data: list, response: new Response() } as never);
  const enquiries = new EnquiriesState();
  await enquiries.load('site');
  return enquiries;
}

describe('the enquiries of a site', () => {
  afterEach(() => vi.restoreAllMocks());

  it('stand by the promise: whoever is to be answered first, of two the longer wait', async () => {
    const enquiries = await loaded(
      enquiry('later', { due: '2026-11-28T12:00:00Z' }),
      enquiry('sooner', { due: '2026-11-27T12:00:00Z', receivedAt: '2026-11-27T09:00:00Z' }),
      enquiry('sooner and longer', { due: '2026-11-27T12:00:00Z', receivedAt: '2026-11-26T09:00:00Z' })
    );
    expect(enquiries.open.map((each) => each.id)).toEqual(['sooner and longer', 'sooner', 'later']);
  });

  it('put those that wait before those to be asked again, and leave out what is over', async () => {
    const enquiries = await loaded(
      enquiry('friday', { state: 'AGREED', askAgain: '2026-12-04' }),
      enquiry('monday', { state: 'ANSWERED', askAgain: '2026-11-30' }),
      enquiry('done', { state: 'DONE' }),
      enquiry('unwanted', { state: 'UNWANTED' }),
      enquiry('waits')
    );
    expect(enquiries.open.map((each) => each.id)).toEqual(['waits', 'monday', 'friday']);
    expect(enquiries.of('DONE', 'LOST').map((each) => each.id)).toEqual(['done']);
  });

  it('know what the same person wrote before', async () => {
    const person = { key: 'oona@quayle.example', reach: '', uri: '', mail: true };
    const now = enquiry('now', { person });
    const enquiries = await loaded(now, enquiry('before', { person, state: 'DONE' }), enquiry('other'));
    expect(enquiries.earlier(now).map((each) => each.id)).toEqual(['before']);
    expect(enquiries.earlier(enquiry('nobody'))).toEqual([]);
  });

  it('show a mark at once and take it back where it cannot be kept', async () => {
    const enquiries = await loaded(enquiry('one'));
    let answered: (value: unknown) => void = () => undefined;
    vi.spyOn(api, 'PUT').mockReturnValue(new Promise((done) => (answered = done)) as never);
    const marking = enquiries.mark(enquiries.list![0]!, 'DONE');
    expect(enquiries.of('DONE')).toHaveLength(1);
    answered({ error: { detail: 'The connection is away.' }, response: new Response(null, { status: 503 }) });
    expect((await marking)?.detail).toBe('The connection is away.');
    expect(enquiries.of('NEW')).toHaveLength(1);
  });

  it('show what was last known while the connection is away', async () => {
    await loaded(enquiry('known'));
    vi.spyOn(api, 'GET').mockResolvedValue({ response: new Response(null, { status: 503 }) } as never);
    const later = new EnquiriesState();
    await later.load('site');
    expect(later.away).toBe(true);
    expect(later.list?.map((each) => answer(each, 'name'))).toEqual(['known']);
  });

  it('let go of everything of a person', async () => {
    const person = { key: 'oona@quayle.example', reach: '', uri: '', mail: true };
    const enquiries = await loaded(enquiry('hers', { person }), enquiry('other'));
    vi.spyOn(api, 'DELETE').mockResolvedValue({ data: { enquiries: 1 }, response: new Response() } as never);
    expect(await enquiries.forget(person.key)).toBeNull();
    expect(enquiries.list?.map((each) => each.id)).toEqual(['other']);
  });
});

describe('finding and people', () => {
  const from = (id: string, name: string, key: string, receivedAt: string, other = {}): Enquiry =>
    ({
      id,
      state: 'NEW',
      came: 'FORM',
      receivedAt,
      answers: [
        { key: 'name', label: 'Your name', value: name },
        { key: 'message', label: 'Your message', value: `The stove of ${name}` }
      ],
      entries: [],
      person: key ? { key, reach: key, uri: `mailto:${key}`, mail: true } : null,
      ...other
    }) as unknown as Enquiry;
  const state = new EnquiriesState();
  state.list = [
    from('1', 'Oona Quayle', 'oona@x.example', '2026-11-01T10:00:00Z', { state: 'DONE' }),
    from('2', 'Oona', 'oona@x.example', '2026-11-20T10:00:00Z'),
    from('3', 'Zoë Holm', 'zoe@x.example', '2026-11-10T10:00:00Z'),
    from('4', 'A Bot', 'bot@x.example', '2026-11-11T10:00:00Z', { state: 'UNWANTED' }),
    from('5', 'Ada', 'ada@x.example', '2026-11-12T10:00:00Z', { came: 'TEST' }),
    from('6', '', '', '2026-11-13T10:00:00Z')
  ];

  it.each([
    ['oona', ['2', '1']],
    ['zoe stove', ['3']],
    ['ZOË', ['3']],
    ['x.example bot', ['4']],
    ['nobody', []]
  ])('finds “%s” in any state', (words, ids) => {
    expect(state.find(words).map((each) => each.id)).toEqual(ids);
  });

  it('names everybody once, who wrote last first, and no test or unwanted one', () => {
    expect(state.people.map((person) => [nameOf(person.last), person.messages.length])).toEqual([
      ['Oona', 2],
      ['Zoë Holm', 1]
    ]);
  });

  it('has a name for somebody who gave none', () => {
    expect(nameOf(state.list?.[5] as Enquiry)).toBe('Somebody');
  });

  it('stand one list behind the other, each message once, and stay when the first is read anew', async () => {
    const page = Array.from({ length: 500 }, (_, at) => enquiry(`first ${at}`, { state: 'DONE' }));
    const enquiries = await loaded(...page);
    expect(enquiries.more).toBe(true);
    const asked = vi
      .spyOn(api, 'GET')
      .mockResolvedValue({ data: [page[499], enquiry('older')], response: new Response() } as never);
    expect(await enquiries.older()).toBeNull();
    expect(asked.mock.lastCall?.[1]).toMatchObject({ params: { query: { after: 'first 499' } } });
    expect(enquiries.more).toBe(false);
    expect(enquiries.list).toHaveLength(501);
    vi.spyOn(api, 'GET').mockResolvedValue({ data: page, response: new Response() } as never);
    await enquiries.load('site');
    expect(enquiries.list?.at(-1)?.id).toBe('older');
    expect(enquiries.more).toBe(false);
  });

  it('stand behind the one before, where the last was deleted in another window', async () => {
    const enquiries = await loaded(enquiry('kept', { state: 'DONE' }), enquiry('deleted', { state: 'DONE' }));
    const asked = vi
      .spyOn(api, 'GET')
      .mockResolvedValueOnce({ error: {}, response: new Response(null, { status: 404 }) } as never)
      .mockResolvedValueOnce({ data: [enquiry('older')], response: new Response() } as never);
    expect(await enquiries.older()).toBeNull();
    expect(asked.mock.lastCall?.[1]).toMatchObject({ params: { query: { after: 'kept' } } });
    expect(enquiries.list?.map((each) => each.id)).toEqual(['kept', 'older']);
  });
});
