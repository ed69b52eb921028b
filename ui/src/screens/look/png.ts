/** A drawing as a PNG that is so many pixels wide; the address of it lasts until it is let go. */
export async function png(drawing: string, width: number): Promise<string> {
  const image = new Image();
  image.src = drawing;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = Math.max(1, Math.round((width * image.naturalHeight) / image.naturalWidth));
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
  if (!blob) throw new Error('the drawing could not be made a picture');
  return URL.createObjectURL(blob);
}
