import { CROWN_SIZE } from '@sleetcrest/core';
import { SAY } from './words';

/** Twice as fine as the drawing's own units: sharp in a document. */
const SCALE = 2;

/** A picture drawn as SVG, as PNG. */
export async function pngOf(svg: string): Promise<Blob> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = CROWN_SIZE * SCALE;
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve, reject) => {
    canvas.toBlob((blob) => {
      if (blob) resolve(blob);
      else reject(new Error(SAY.theBrowserCouldNotMake));
    }, 'image/png');
  });
}
