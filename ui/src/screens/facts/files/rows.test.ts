// @vitest-environment node
import { describe, expect, it } from 'vitest';
import { emptySheet } from '../../../sheet';
import { called, picturesOf, put, settle, type Taken } from './rows';

const PICTURE: Taken = {
  kind: 'picture',
  file: `${'ab'.repeat(32)} png 400x200 900`,
  name: 'Hearth',
  notes: [],
  inside: '25,25,50,50',
  ground: '#ffffff'
};

describe('pictures on a sheet', () => {
  it('cuts the empty margin off a logo, and off nothing else', () => {
    const sheet = emptySheet();
    put(sheet, PICTURE, 'logo');
    put(sheet, PICTURE, 'work');
    expect(picturesOf(sheet, 'logo')[0]?.lines['crop']).toBe('25,25,50,50');
    expect(picturesOf(sheet, 'work')[0]?.lines['crop']).toBe('');
  });

  it('keeps the picture that another takes the place of', () => {
    const sheet = emptySheet();
    const first = put(sheet, PICTURE, 'opening');
    const second = put(sheet, PICTURE, 'opening');
    expect(picturesOf(sheet, 'opening').map((row) => row.id)).toEqual([second]);
    expect(picturesOf(sheet, 'work').map((row) => row.id)).toEqual([first]);
  });

  it('lets many stand where many can', () => {
    const sheet = emptySheet();
    put(sheet, PICTURE, 'work');
    put(sheet, PICTURE, 'work');
    settle(sheet, 'work', '');
    expect(picturesOf(sheet, 'work')).toHaveLength(2);
  });

  it('calls a file by its name, and one that has none a price list', () => {
    const sheet = emptySheet();
    put(sheet, { ...PICTURE, kind: 'document', name: 'Prices 2026' }, 'work');
    put(sheet, { ...PICTURE, kind: 'document', name: '' }, 'work');
    expect(sheet.rows.map((row) => row.lines['title'])).toEqual(['Prices 2026', 'Price list']);
  });

  it('calls a picture by what it shows', () => {
    const sheet = emptySheet();
    put(sheet, PICTURE, 'work');
    put(sheet, { ...PICTURE, name: '' }, 'work');
    const [named, nameless] = sheet.rows;
    expect(named && called(named)).toBe('Hearth');
    expect(nameless && called(nameless)).toBe('A picture');
    if (named) named.lines['alternative'] = 'A brush before a hearth';
    expect(named && called(named)).toBe('A brush before a hearth');
  });
});
