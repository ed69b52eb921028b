// @vitest-environment node
import { describe, expect, it } from 'vitest';
import { emptySheet, LINES } from '../../sheet';
import { kindOf } from './where';

describe('where on the facts sheet a field stands', () => {
  const sheet = emptySheet();
  sheet.rows = [{ kind: 'picture', id: 'p1', lines: { use: 'opening' } }];

  it.each([
    ['telephone', 'telephone'],
    ['hours', 'hours'],
    ['exceptions.0', 'exceptions'],
    ['links.3', 'links'],
    ['link/instagram', 'links'],
    ['services.2.price', 'services'],
    ['service/sweep/name', 'services'],
    ['membership', 'membership'],
    ['membership/body', 'membership'],
    ['testimonial/t1', 'testimonial-rows'],
    ['question/q1/answer', 'question-rows'],
    ['person/ada', 'person-rows'],
    ['picture/p1', 'pictures/opening'],
    ['picture/gone', 'pictures/work'],
    ['document/d', 'documents'],
    ['practice/certificate', 'practices']
  ])('%s stands with %s', (field, kind) => {
    expect(kindOf(field, sheet)?.id).toBe(kind);
  });

  /** Settings of the page and parts of other rows are not on the sheet by themselves. */
  const ELSEWHERE = [
    'goal',
    'tone',
    'voice',
    'put-off',
    'left-as-is',
    'pages',
    'callers-abroad',
    'place/shown'
  ];

  it.each(LINES.filter((line) => !ELSEWHERE.includes(line)))('%s is found', (line) => {
    expect(kindOf(line, sheet)).toBeDefined();
  });
});
