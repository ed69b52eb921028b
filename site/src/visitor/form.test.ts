import { beforeEach, describe, expect, it, vi } from 'vitest';
import { sendInPlace } from './form';

sendInPlace();

beforeEach(() => {
  Element.prototype.scrollIntoView = vi.fn();
  document.body.innerHTML = `
    <form data-enquiry action="/_ostium/enquiry">
      <div class="fld" data-field="name"><input id="f-name" name="name" value="Wilma"><p class="fault" id="f-name-fault" hidden></p></div>
      <div class="fld" data-field="reach"><input id="f-reach" name="reach"><p class="fault" id="f-reach-fault" hidden></p></div>
      <input type="hidden" name="submission" value="">
      <button class="send" type="submit">Send</button>
      <p class="fault unsent" hidden>Not sent</p>
      <div class="sent" tabindex="-1" hidden>Sent</div>
    </form>`;
});

const form = () => document.querySelector('form')!;
const button = () => document.querySelector<HTMLButtonElement>('.send')!;
const answered = (ok: boolean, body: unknown) =>
  vi.stubGlobal('fetch', vi.fn().mockResolvedValue({ ok, json: () => Promise.resolve(body) }));
const send = async () => {
  form().dispatchEvent(new Event('submit', { bubbles: true, cancelable: true }));
  await new Promise((done) => setTimeout(done));
};

it('says that it is sent, in its place', async () => {
  answered(true, { sent: true });
  await send();
  expect(document.querySelector<HTMLElement>('.sent')!.hidden).toBe(false);
  expect(form().classList.contains('is-sent')).toBe(true);
});

it('gives the cursor to what says so, for the button it was on has gone', async () => {
  answered(true, { sent: true });
  button().focus();
  await send();
  expect(document.activeElement).toBe(document.querySelector('.sent'));
});

it('leaves the cursor on the button while it sends and when it could not, and sends once', async () => {
  let away: (reason: Error) => void = () => undefined;
  const fetching = vi.fn().mockReturnValue(new Promise((_, reject) => (away = reject)));
  vi.stubGlobal('fetch', fetching);
  button().focus();
  await send();
  await send();
  expect(fetching).toHaveBeenCalledOnce();
  expect(document.activeElement).toBe(button());
  expect(button().getAttribute('aria-disabled')).toBe('true');
  away(new TypeError('Failed to fetch'));
  await new Promise((done) => setTimeout(done));
  expect(document.activeElement).toBe(button());
  expect(button().hasAttribute('aria-disabled')).toBe(false);
});

it('points at the field that is wrong, and gives it the cursor', async () => {
  answered(false, { faults: { reach: 'Leave a number.' } });
  await send();
  const field = document.querySelector<HTMLInputElement>('#f-reach')!;
  expect(document.activeElement).toBe(field);
  expect(field.getAttribute('aria-describedby')).toBe('f-reach-fault');
  expect(document.getElementById('f-reach-fault')!.textContent).toBe('Leave a number.');
});

it('keeps what was written and says so when the connection is away', async () => {
  vi.stubGlobal('fetch', vi.fn().mockRejectedValue(new TypeError('Failed to fetch')));
  await send();
  expect(document.querySelector<HTMLElement>('.unsent')!.hidden).toBe(false);
  expect(document.querySelector<HTMLInputElement>('#f-name')!.value).toBe('Wilma');
});

it('gives one sending one id, however often it is pressed', async () => {
  vi.stubGlobal('fetch', vi.fn().mockRejectedValue(new TypeError('Failed to fetch')));
  await send();
  const first = document.querySelector<HTMLInputElement>('[name=submission]')!.value;
  await send();
  expect(first).not.toBe('');
  expect(document.querySelector<HTMLInputElement>('[name=submission]')!.value).toBe(first);
});

it('says for how many milliseconds the page stood open', async () => {
  answered(true, { sent: true });
  await send();
  const sent = vi.mocked(fetch).mock.calls[0]?.[1]?.body as URLSearchParams;
  expect(sent.get('taken')).toMatch(/^\d+$/);
  expect(sent.get('name')).toBe('Wilma');
});

describe('a form that asks for files', () => {
  const file = (bytes: number) => new File([new Uint8Array(bytes)], 'hearth.jpg');
  const choose = (...files: File[]) =>
    Object.defineProperty(document.querySelector('[type=file]')!, 'files', {
      value: files,
      configurable: true
    });

  beforeEach(() => {
    form().enctype = 'multipart/form-data';
    form().insertAdjacentHTML(
      'afterbegin',
      `<div class="fld" data-field="files">
        <input id="f-files" name="files" type="file" aria-describedby="f-files-limits" data-most="2" data-bytes="1000">
        <p id="f-files-limits">At most 2.</p><p class="fault" id="f-files-fault" hidden></p>
      </div><p class="sending" data-words="On their way."></p>`
    );
  });

  it('sends them in parts, and says so while they are on their way', async () => {
    let said = '';
    const fetching = vi.fn().mockImplementation(() => {
      said = document.querySelector('.sending')!.textContent;
      return Promise.resolve({ ok: true, json: () => Promise.resolve({ sent: true }) });
    });
    vi.stubGlobal('fetch', fetching);
    choose(file(10));
    await send();
    expect(fetching.mock.calls[0]![1].body).toBeInstanceOf(FormData);
    expect(said).toBe('On their way.');
    expect(document.querySelector('.sending')!.textContent).toBe('');
  });

  it.each([
    ['too many', [10, 10, 10]],
    ['too heavy', [600, 600]]
  ])('says so before it sends %s', async (_, sizes) => {
    const fetching = vi.fn();
    vi.stubGlobal('fetch', fetching);
    choose(...sizes.map(file));
    await send();
    expect(fetching).not.toHaveBeenCalled();
    expect(document.getElementById('f-files-fault')!.textContent).toBe('At most 2.');
    expect(document.activeElement!.id).toBe('f-files');
    expect(document.activeElement!.getAttribute('aria-describedby')).toBe('f-files-limits f-files-fault');
    choose(file(10));
    answered(true, { sent: true });
    await send();
    expect(document.querySelector('#f-files')!.getAttribute('aria-describedby')).toBe('f-files-limits');
  });
});
