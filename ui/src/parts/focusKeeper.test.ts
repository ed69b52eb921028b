import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { keepFocus } from './focusKeeper';

const settled = () => new Promise((done) => setTimeout(done, 120));

describe('the focus', () => {
  let stop: () => void;

  beforeEach(() => {
    document.body.innerHTML = `
      <main>
        <ul><li id="one"><button id="a">Remove</button></li><li id="two"><button id="b">Remove</button></li></ul>
        <section id="part"><div><button id="c">Act</button></div></section>
      </main>`;
    stop = keepFocus();
  });

  afterEach(() => {
    stop();
    document.body.innerHTML = '';
  });

  const at = () => document.activeElement?.id || document.activeElement?.localName;
  const element = (id: string) => document.getElementById(id) as HTMLElement;

  it('goes to what stood around the thing that is gone', async () => {
    element('c').focus();
    element('c').parentElement?.remove();
    await settled();
    expect(at()).toBe('part');
  });

  it('goes to the screen when all around it is gone', async () => {
    element('a').focus();
    document.body.innerHTML = '<main id="next">Another screen</main>';
    await settled();
    expect(at()).toBe('next');
  });

  it('stays where somebody has put it', async () => {
    element('a').focus();
    element('one').remove();
    element('b').focus();
    await settled();
    expect(at()).toBe('b');
  });

  it('is not taken from a press on nothing', async () => {
    element('a').focus();
    element('a').blur();
    element('two').remove();
    await settled();
    expect(at()).toBe('body');
  });
});
