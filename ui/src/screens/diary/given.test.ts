import { describe, expect, it } from 'vitest';
import type { Enquiry } from '../../api/client';
import { given } from './given';

const SERVICES = [
  { id: 'service/sweep', name: 'Chimney sweep', minutes: 45 },
  { id: 'service/nest', name: 'Nest removal', minutes: 90 }
] as Parameters<typeof given>[1];

const message = (answers: Record<string, string>, reach: string, mail: boolean): Enquiry =>
  ({
    answers: Object.entries(answers).map(([key, value]) => ({ key, label: key, value })),
    person: { key: reach, reach, uri: '', mail }
  }) as unknown as Enquiry;

describe('an appointment for whoever wrote a message', () => {
  it('takes who it is, how to reach them, and what it is about', () => {
    const enquiry = message({ name: 'Nell Corrin', service: 'chimney sweep' }, 'nell@corrin.example', true);
    expect(given(enquiry, SERVICES)).toEqual({
      name: 'Nell Corrin',
      email: 'nell@corrin.example',
      telephone: '',
      place: '',
      service: 'service/sweep'
    });
  });

  it('keeps a number a number, and leaves the service where none is named', () => {
    const enquiry = message({ name: 'Tom', place: '4 Lock Lane' }, '01632 960118', false);
    expect(given(enquiry, SERVICES)).toEqual({
      name: 'Tom',
      email: '',
      telephone: '01632 960118',
      place: '4 Lock Lane'
    });
  });
});
