import { render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import SnagList from './SnagList.svelte';

describe('snags before publishing', () => {
  it('say that nothing has to be put right', () => {
    render(SnagList, { snags: [], site: 'one' });
    expect(screen.getByText('Must: none left.')).toBeTruthy();
  });

  it('lead to the section they stand at, and say how much they matter', () => {
    render(SnagList, {
      snags: [
        {
          level: 'MUST',
          words: 'A line is not understood.',
          why: 'It is missing.',
          section: '',
          line: 'hours',
          atDoors: false
        },
        {
          level: 'COULD',
          words: 'The picture is ours.',
          why: 'Yours is better.',
          section: 'ab12',
          line: '',
          atDoors: false
        }
      ],
      site: 'one'
    });
    expect(screen.getByRole('heading').textContent).toBe('Put right first');
    expect(screen.getAllByRole('listitem').map((item) => item.querySelector('b')?.textContent)).toEqual([
      'Must',
      'Could'
    ]);
    expect(screen.getAllByRole('link').map((link) => link.getAttribute('href'))).toEqual([
      '/sites/one/page',
      '/sites/one/page#section-ab12'
    ]);
  });
});
