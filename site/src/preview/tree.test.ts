import { expect, it } from 'vitest';
import { blocks, lines } from './tree';

const html = (nodes: Node[]) => {
  const place = document.createElement('div');
  place.append(...nodes);
  return place.innerHTML;
};

it('draws paragraphs, lists and what stands in them', () => {
  expect(
    html(
      blocks([
        {
          kind: 'paragraph',
          inside: [
            { kind: 'words', value: 'Call ' },
            { kind: 'fact', says: '0117' }
          ]
        },
        {
          kind: 'list',
          entries: [
            { kind: 'paragraph', inside: [{ kind: 'strong', inside: [{ kind: 'words', value: 'One' }] }] }
          ]
        }
      ])
    )
  ).toBe('<p dir="auto">Call 0117</p><ul><li><strong>One</strong></li></ul>');
});

it('never reads words as HTML', () => {
  const words = '<img src=x onerror=alert(1)>';
  expect(html(lines([{ kind: 'paragraph', inside: [{ kind: 'words', value: words }] }]))).toBe(
    '&lt;img src=x onerror=alert(1)&gt;'
  );
});

it('breaks the lines of a headline', () => {
  expect(
    html(
      lines([
        { kind: 'paragraph', inside: [{ kind: 'words', value: 'Chimneys' }] },
        { kind: 'paragraph', inside: [] }
      ])
    )
  ).toBe('Chimneys<br>');
});
