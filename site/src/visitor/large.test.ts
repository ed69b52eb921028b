import { beforeAll, expect, it, vi } from 'vitest';
import { openLarge } from './large';

beforeAll(() => {
  HTMLDialogElement.prototype.showModal = vi.fn(function (this: HTMLDialogElement) {
    this.open = true;
  });
  HTMLDialogElement.prototype.close = function (this: HTMLDialogElement) {
    this.open = false;
    this.dispatchEvent(new Event('close'));
  };
  openLarge();
  document.body.innerHTML =
    '<a href="/pictures/1280.x.jpg" data-large="Close"><img src="/pictures/320.x.jpg" alt="A swept hearth"></a>';
});

const press = (more: MouseEventInit = {}) => {
  const event = new MouseEvent('click', { bubbles: true, cancelable: true, ...more });
  document.querySelector('img')!.dispatchEvent(event);
  return event;
};

it('opens at full size, says what it shows, and gives the cursor back', () => {
  expect(press().defaultPrevented).toBe(true);
  const dialog = document.querySelector('dialog')!;
  expect(dialog.open).toBe(true);
  expect(dialog.getAttribute('aria-label')).toBe('A swept hearth');
  expect(dialog.querySelector('img')!.src).toContain('/pictures/1280.x.jpg');
  dialog.querySelector('button')!.click();
  expect(document.querySelector('dialog')).toBeNull();
  expect(document.activeElement).toBe(document.querySelector('a'));
});

it('leaves a press that asks for a new tab alone', () => {
  expect(press({ ctrlKey: true }).defaultPrevented).toBe(false);
});
