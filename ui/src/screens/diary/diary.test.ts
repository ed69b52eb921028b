import { afterEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../api/client';
import { DiaryState, type DiaryView, type Ticket } from './diary.svelte';

const ticket = (id: string, more: Partial<Ticket> = {}): Ticket =>
  ({
    id,
    who: 'Oona Quayle',
    state: 'BOOKED',
    date: '2026-12-01',
    from: 600,
    minutes: 45,
    ...more
  }) as Ticket;

const view = (tickets: Ticket[], asked: Ticket[] = []): DiaryView =>
  ({
    open: true,
    first: '2026-11-30',
    today: '2026-11-30',
    days: [
      {
        date: '2026-11-30',
        tickets: tickets.map((each) => ({ from: 600, to: 645, row: 0, ticket: each }))
      }
    ],
    asked
  }) as unknown as DiaryView;

const answers = (data: unknown, status = 200): never =>
  ({ data: status < 400 ? data : undefined, error: data, response: new Response(null, { status }) }) as never;

describe('the diary of a site', () => {
  afterEach(() => vi.restoreAllMocks());

  const shows = (shown: DiaryView) => vi.spyOn(api, 'GET').mockResolvedValue(answers(shown));

  it('shows the week of today, then those before and after it', async () => {
    const get = shows(view([ticket('a')]));
    const diary = new DiaryState('1');
    await diary.load();
    expect(diary.view?.first).toBe('2026-11-30');
    await diary.go(1);
    await diary.go(-1);
    await diary.load('', 'list');
    const queries = get.mock.calls.map((call) => (call[1] as { params: { query: unknown } }).params.query);
    expect(queries).toEqual([
      { day: '', days: 7 },
      { day: '2026-12-07', days: 7 },
      { day: '2026-11-23', days: 7 },
      { day: '', days: 28 }
    ]);
  });

  it('finds what is opened on its day or among what waits', async () => {
    shows(view([ticket('a')], [ticket('b', { state: 'ASKED' })]));
    const diary = new DiaryState('1');
    await diary.load();
    diary.chosen = 'b';
    expect(diary.ticket?.state).toBe('ASKED');
    diary.chosen = 'none';
    expect(diary.ticket).toBeUndefined();
  });

  it('says that the connection is away, and keeps what it knew', async () => {
    const get = shows(view([ticket('a')]));
    const diary = new DiaryState('1');
    await diary.load();
    get.mockResolvedValue(answers({ detail: 'away' }, 503));
    await diary.load();
    expect(diary.away).toBe(true);
    expect(diary.view?.days).toHaveLength(1);
    get.mockResolvedValue(answers(view([])));
    await diary.load();
    expect(diary.away).toBe(false);
  });

  it('opens what was moved, and leaves all as it was where it could not be', async () => {
    shows(view([ticket('a')]));
    const diary = new DiaryState('1');
    await diary.load();
    const move = {
      time: { date: '2026-12-02', minute: 600 },
      minutes: 45,
      resource: '',
      words: '',
      tells: true
    };
    const put = vi
      .spyOn(api, 'PUT')
      .mockResolvedValue(answers({ detail: 'Cole is booked then.', field: 'start' }, 422));
    expect(await diary.move('a', move)).toMatchObject({ detail: 'Cole is booked then.', field: 'start' });
    expect(diary.chosen).toBe('');
    put.mockResolvedValue(answers(ticket('a')));
    expect(await diary.move('a', move)).toBeNull();
    expect(diary.chosen).toBe('a');
  });

  it('goes to the day of an appointment that a mail named', async () => {
    const get = vi.spyOn(api, 'GET');
    get.mockResolvedValueOnce(answers(ticket('a')));
    get.mockResolvedValueOnce(answers(view([ticket('a')])));
    const diary = new DiaryState('1');
    expect(await diary.open('a')).toBeNull();
    expect(diary.ticket?.who).toBe('Oona Quayle');
    get.mockResolvedValueOnce(answers({ detail: 'There is nothing here.' }, 404));
    expect((await diary.open('gone'))?.status).toBe(404);
  });

  it('forgets an answer to a time that is no longer asked about', async () => {
    const diary = new DiaryState('1');
    let late: (answer: never) => void = () => undefined;
    const get = vi.spyOn(api, 'GET');
    get.mockReturnValueOnce(new Promise((resolve) => (late = resolve)) as never);
    get.mockResolvedValueOnce(answers([{ service: 'Sweep', says: '' }]));
    const first = diary.ask({ date: '2026-12-01', minute: 600 });
    await diary.ask({ date: '2026-12-01', minute: 660 });
    late(answers([{ service: 'Sweep', says: 'The class is full.' }]));
    await first;
    expect(diary.why).toEqual([{ service: 'Sweep', says: '' }]);
  });

  it('blocks and frees', async () => {
    shows(view([]));
    const diary = new DiaryState('1');
    const at = { date: '2026-12-01', minute: 600 };
    const post = vi.spyOn(api, 'POST').mockResolvedValue(answers({ id: 'k' }, 201));
    expect(await diary.block(at, { ...at, minute: 660 }, 'Ferry')).toBeNull();
    expect(post.mock.calls[0]?.[1]).toMatchObject({
      body: { from: at, to: { ...at, minute: 660 }, words: 'Ferry' }
    });
    vi.spyOn(api, 'DELETE').mockResolvedValue(answers({ detail: 'Nothing here.' }, 404));
    expect((await diary.unblock('k'))?.detail).toBe('Nothing here.');
  });

  it('brings in a calendar and takes it out', async () => {
    shows(view([]));
    const diary = new DiaryState('1');
    vi.spyOn(api, 'POST').mockResolvedValue(answers({ name: 'private.ics', times: 3, leftOut: 1 }));
    expect((await diary.bringIn(new File([], 'private.ics'))).brought?.times).toBe(3);
    vi.spyOn(api, 'DELETE').mockResolvedValue(answers(null, 204));
    expect(await diary.takeOut('private.ics')).toBeNull();
  });
});
