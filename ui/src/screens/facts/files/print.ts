import type { Area } from './cut';

/** Loads a picture of the editor. */
export function load(address: string): Promise<HTMLImageElement> {
  return new Promise((done, failed) => {
    const image = new Image();
    image.onload = () => done(image);
    image.onerror = () => failed(new Error(address));
    image.src = address;
  });
}

function canvasOf(width: number, height: number): [HTMLCanvasElement, CanvasRenderingContext2D | null] {
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(width));
  canvas.height = Math.max(1, Math.round(height));
  return [canvas, canvas.getContext('2d')];
}

/** A picture turned and mirrored, as a data address; the server does the same to the kept one. */
export function turned(image: HTMLImageElement, degrees: number, mirrored: boolean): string {
  const upright = degrees % 180 === 0;
  const [canvas, context] = canvasOf(
    upright ? image.naturalWidth : image.naturalHeight,
    upright ? image.naturalHeight : image.naturalWidth
  );
  if (!context) return image.src;
  if (mirrored) {
    context.translate(canvas.width, 0);
    context.scale(-1, 1);
  }
  context.translate(canvas.width / 2, canvas.height / 2);
  context.rotate((degrees * Math.PI) / 180);
  context.drawImage(image, -image.naturalWidth / 2, -image.naturalHeight / 2);
  return canvas.toDataURL('image/png');
}

/** A part of a picture, as a data address. */
export function cut(image: HTMLImageElement, area: Area): string {
  const [canvas, context] = canvasOf(
    (image.naturalWidth * area.width) / 100,
    (image.naturalHeight * area.height) / 100
  );
  context?.drawImage(image, (-image.naturalWidth * area.x) / 100, (-image.naturalHeight * area.y) / 100);
  return canvas.toDataURL('image/png');
}
