import { say } from '../../../words/say';

/** A part of a picture in per cent, as the cropper says it. */
export interface Area {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** A shape a picture can be cut to; 0 is its own. */
export interface Shape {
  value: string;
  words: string;
  aspect: number;
}

export const SHAPES: Shape[] = [
  { value: 'own', words: say('facts.cut.asItIs'), aspect: 0 },
  { value: 'wide', words: say('facts.cut.wide'), aspect: 16 / 9 },
  { value: 'landscape', words: say('facts.cut.landscape'), aspect: 3 / 2 },
  { value: 'square', words: say('facts.cut.square'), aspect: 1 },
  { value: 'upright', words: say('facts.cut.upright'), aspect: 3 / 4 }
];

/** Reads `10,20,50,60`; empty words are the whole picture. */
export function areaOf(words: string): Area {
  const [x = 0, y = 0, width = 100, height = 100] = words ? words.split(',').map(Number) : [];
  return { x, y, width, height };
}

/** A part as a line of the sheet; the whole picture is empty words. */
export function wordsOf({ x, y, width, height }: Area): string {
  if (width > 99.9 && height > 99.9) return '';
  const left = within(x, 0, 99);
  const top = within(y, 0, 99);
  return [left, top, within(width, 1, 100 - left), within(height, 1, 100 - top)]
    .map((each) => String(Math.floor(each * 100) / 100))
    .join(',');
}

function within(value: number, least: number, most: number): number {
  return Math.min(most, Math.max(least, value));
}

/** Width to height of a part of a picture of a size. */
export function aspectOf(area: Area, width: number, height: number): number {
  return (area.width * width) / (area.height * height);
}

/** The largest part of an aspect, in per cent of a picture of a size. */
export function largest(aspect: number, width: number, height: number): { width: number; height: number } {
  const own = width / height;
  return aspect > own
    ? { width: 100, height: (own / aspect) * 100 }
    : { width: (aspect / own) * 100, height: 100 };
}

/** How near the cropper stands, and where, to show a part: the other way round from what it answers. */
export function standing(
  area: Area,
  aspect: number,
  picture: { width: number; height: number }
): { zoom: number; crop: { x: number; y: number } } {
  const whole = largest(aspect, picture.width, picture.height);
  const zoom = Math.max(1, whole.width / area.width);
  const middle = { x: area.x + area.width / 2, y: area.y + area.height / 2 };
  return {
    zoom,
    crop: {
      x: ((50 - middle.x) / 100) * picture.width * zoom,
      y: ((50 - middle.y) / 100) * picture.height * zoom
    }
  };
}
