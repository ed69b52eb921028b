import { fireEvent } from '@testing-library/svelte';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { toolbar } from './toolbar';

describe('a toolbar', () => {
  let bar: HTMLElement;
  let stop: () => void;

  beforeEach(() => {
    document.body.innerHTML = `<div role="toolbar">
      <button>Up</button><button>Down</button><button disabled>Never</button><button>Remove</button></div>`;
    bar = document.querySelector<HTMLElement>('[role=toolbar]')!;
    stop = toolbar(bar);
  });

  afterEach(() => {
    stop();
    document.body.innerHTML = '';
  });

  const tool = (name: string) =>
    [...bar.querySelectorAll('button')].find((each) => each.textContent === name)!;
  const stops = () =>
    [...bar.querySelectorAll('button')].filter((each) => each.tabIndex === 0 && !each.disabled);
  const press = (key: string, more = {}) => fireEvent.keyDown(document.activeElement!, { key, ...more });
  const at = () => document.activeElement?.textContent;

  it('is one stop for Tab, at its first tool and then where one was last', () => {
    expect(stops()).toEqual([tool('Up')]);
    tool('Remove').focus();
    expect(stops()).toEqual([tool('Remove')]);
  });

  it.each([
    ['Up', 'ArrowRight', 'Down'],
    ['Down', 'ArrowRight', 'Remove'],
    ['Remove', 'ArrowRight', 'Up'],
    ['Up', 'ArrowLeft', 'Remove'],
    ['Down', 'Home', 'Up'],
    ['Up', 'End', 'Remove']
  ])('from %s goes by %s to %s, past what cannot be pressed', async (from, key, to) => {
    tool(from).focus();
    await press(key);
    expect(at()).toBe(to);
  });

  it('leaves keys to the manuscript that move a section', async () => {
    tool('Up').focus();
    await press('ArrowRight', { altKey: true });
    expect(at()).toBe('Up');
  });

  it('has a stop still when the tool that was it is gone', async () => {
    tool('Up').remove();
    await new Promise((done) => setTimeout(done));
    expect(stops()).toEqual([tool('Down')]);
  });
});
