// @vitest-environment node
import { describe, expect, it } from 'vitest';
import { areaOf, aspectOf, largest, standing, wordsOf } from './cut';

describe('cutting a picture', () => {
  it('reads what it writes', () => {
    for (const words of ['', '10,20,50,60', '0,33.33,100,66.67', '12.5,0,25,100']) {
      expect(wordsOf(areaOf(words))).toBe(words);
    }
  });

  it('never leaves the picture', () => {
    expect(wordsOf({ x: -0.001, y: 60, width: 100.2, height: 45 })).toBe('0,60,100,40');
    expect(wordsOf({ x: 99.7, y: 99.9, width: 5, height: 5 })).toBe('99,99,1,1');
  });

  it('finds the largest part of a shape', () => {
    expect(largest(1, 400, 200)).toEqual({ width: 50, height: 100 });
    expect(largest(4, 400, 200)).toEqual({ width: 100, height: 50 });
    expect(aspectOf({ x: 0, y: 0, width: 50, height: 100 }, 400, 200)).toBe(1);
  });

  it('stands the cropper where a part is seen', () => {
    const whole = standing({ x: 0, y: 0, width: 100, height: 100 }, 2, { width: 400, height: 200 });
    expect(whole).toEqual({ zoom: 1, crop: { x: 0, y: 0 } });
    const quarter = standing({ x: 50, y: 0, width: 50, height: 50 }, 2, { width: 400, height: 200 });
    expect(quarter).toEqual({ zoom: 2, crop: { x: -200, y: 100 } });
  });
});
