import { fireEvent, render, screen } from '@testing-library/svelte';
import { tick } from 'svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { SiteView } from '../../api/client';
import { SiteState } from '../../site.svelte';
import ExceptionsEditor from './ExceptionsEditor.svelte';
import type { FactsState } from './facts.svelte';

describe('days with hours of their own', () => {
  let site: SiteState;

  beforeEach(() => {
    site = new SiteState();
    site.view = { answers: {} } as unknown as SiteView;
    site.changed = vi.fn();
    site.sheet.lines.exceptions = '3 Dec closed';
    const facts = {
      view: { holidays: [{ name: 'Boxing Day', date: '2026-12-26', line: 'Boxing Day closed' }] }
    } as unknown as FactsState;
    render(ExceptionsEditor, { site, facts });
  });

  const rows = () => screen.getAllByRole<HTMLInputElement>('textbox');
  const another = () => fireEvent.click(screen.getByRole('button', { name: 'Another day' }));

  it('gives another row, with the cursor in it', async () => {
    await another();
    await vi.waitFor(() => expect(document.activeElement).toBe(rows()[1]));
    expect(site.changed).not.toHaveBeenCalled();
  });

  it('keeps the row that is still to be filled when an answer comes', async () => {
    await another();
    // What an answer does with the lines it knows.
    if (site.sheet.lines.exceptions !== '3 Dec closed') site.sheet.lines.exceptions = '3 Dec closed';
    await tick();
    expect(rows().map((row) => row.value)).toEqual(['3 Dec closed', '']);
    await fireEvent.input(rows()[1]!, { target: { value: '24 Dec 9-12' } });
    expect(site.sheet.lines.exceptions).toBe('3 Dec closed\n24 Dec 9-12');
    expect(rows()).toHaveLength(2);
  });

  it('gives no second empty row', async () => {
    await another();
    await another();
    expect(rows()).toHaveLength(2);
  });

  it('takes a holiday with one press, and leaves the empty row last', async () => {
    await another();
    await fireEvent.click(screen.getByRole('button', { name: /Boxing Day/ }));
    expect(rows().map((row) => row.value)).toEqual(['3 Dec closed', 'Boxing Day closed', '']);
    expect(site.changed).toHaveBeenCalledOnce();
  });
});
