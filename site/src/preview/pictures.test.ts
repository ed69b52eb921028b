import { expect, it } from 'vitest';
import { pictureAt } from './pictures';

function pressed(html: string): string {
  document.body.innerHTML = html;
  return pictureAt(document.querySelector('[data-pressed]')!);
}

it('knows the picture of the opening in both of its layouts, drawn ones too', () => {
  expect(pressed('<section class="beside"><div class="pic"><img data-pressed></div></section>')).toBe(
    'opening'
  );
  expect(pressed('<section class="across"><div class="shot" data-pressed></div></section>')).toBe('opening');
  expect(pressed('<section class="across"><div class="orn" data-pressed></div></section>')).toBe('opening');
});

it('knows the logo, and that words are no picture', () => {
  expect(pressed('<header><span class="logo"><img data-pressed></span></header>')).toBe('logo');
  expect(
    pressed('<section class="beside"><div class="txt"><h1 data-pressed>Swept</h1></div></section>')
  ).toBe('');
});
