import { beforeEach, expect, it, vi } from 'vitest';
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
      <div class="sent" hidden>Sent</div>
    </form>`;
});

const form = () => document.querySelector('form')!;
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
  expect(document.querySelector<HTMLButtonElement>('.send')!.disabled).toBe(false);
});

it('gives one sending one id, however often it is pressed', async () => {
  vi.stubGlobal('fetch', vi.fn().mockRejectedValue(new TypeError('Failed to fetch')));
  await send();
  const first = document.querySelector<HTMLInputElement>('[name=submission]')!.value;
  await send();
  expect(first).not.toBe('');
  expect(document.querySelector<HTMLInputElement>('[name=submission]')!.value).toBe(first);
});
