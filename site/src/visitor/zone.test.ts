import { beforeEach, describe, expect, it } from 'vitest';
import { showOwnTimes, timeIn } from './zone';

describe('times of a business elsewhere', () => {
  beforeEach(() => {
    document.body.innerHTML =
      '<div class="tear"><button value="2026-12-01T10:30:00Z">10:30</button></div>' +
      '<p data-zone="Europe/London">Times are by the clocks of London.</p>';
  });

  it('are said by both clocks', () => {
    showOwnTimes(document, 'America/New_York');
    expect(document.querySelector('button')?.textContent).toBe('10:3005:30 for you');
    expect(document.querySelector('p')?.hidden).toBe(false);
  });

  it('are said once where the clocks agree', () => {
    showOwnTimes(document, 'Europe/Lisbon');
    expect(document.querySelector('button')?.textContent).toBe('10:30');
    expect(document.querySelector('p')?.hidden).toBe(true);
  });

  it('know a clock change', () => {
    expect(timeIn(new Date('2027-03-28T01:30:00Z'), 'Europe/London')).toBe('02:30');
  });

  it('leave other pages alone', () => {
    document.body.innerHTML = '';
    expect(() => showOwnTimes(document)).not.toThrow();
  });
});
