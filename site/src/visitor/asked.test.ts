import { beforeEach, describe, expect, it } from 'vitest';
import { askWhatCounts } from './asked';

const page = `
  <form data-enquiry>
    <div class="fld" data-field="what">
      <select name="what"><option value=""></option><option>Sweep</option><option>Other</option></select>
    </div>
    <div class="fld" data-field="other" data-if="what" data-is="Other">
      <p class="help only">Only if</p><input name="other"></div>
    <div class="fld" data-field="pets">
      <input type="radio" name="pets" value="Yes"><input type="radio" name="pets" value="No">
    </div>
    <div class="fld" data-field="which" data-if="pets" data-is="Yes"><input name="which"></div>
  </form>`;

function field(key: string): HTMLElement {
  return document.querySelector<HTMLElement>(`[data-field=${key}]`)!;
}

describe('a field that hangs on an answer', () => {
  beforeEach(() => {
    document.body.innerHTML = page;
    askWhatCounts();
  });

  it('is not shown before it is given', () => {
    expect(field('other').hidden).toBe(true);
    expect(field('what').hidden).toBe(false);
  });

  it('is shown with that answer of a list, and goes with another', () => {
    const what = document.querySelector('select')!;
    what.value = 'Other';
    what.dispatchEvent(new Event('change', { bubbles: true }));
    expect(field('other').hidden).toBe(false);
    expect(document.querySelector<HTMLElement>('.only')!.hidden).toBe(true);
    what.value = 'Sweep';
    what.dispatchEvent(new Event('change', { bubbles: true }));
    expect(field('other').hidden).toBe(true);
  });

  it('is shown with yes', () => {
    document.querySelector<HTMLInputElement>('[value=Yes]')!.click();
    expect(field('which').hidden).toBe(false);
    document.querySelector<HTMLInputElement>('[value=No]')!.click();
    expect(field('which').hidden).toBe(true);
  });
});
