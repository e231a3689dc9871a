import type { Photo } from '@sleetcrest/core/insight/pictures';

/** Larger pictures are made smaller: more pixels do not make a sticker's colour surer. */
const LARGEST = 480;

function drawn(source: CanvasImageSource, width: number, height: number): Photo {
  const scale = Math.min(1, LARGEST / Math.max(width, height));
  const [w, h] = [Math.max(1, Math.round(width * scale)), Math.max(1, Math.round(height * scale))];
  const canvas = new OffscreenCanvas(w, h);
  const pen = canvas.getContext('2d', { willReadFrequently: true })!;
  pen.drawImage(source, 0, 0, w, h);
  return { width: w, height: h, data: pen.getImageData(0, 0, w, h).data };
}

/**
 * The pixels of an image file, upright as the camera was held.
 * @throws Error when it is no image that the browser can show.
 */
export async function pictureOfFile(file: File): Promise<Photo> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  try {
    return drawn(bitmap, bitmap.width, bitmap.height);
  } finally {
    bitmap.close();
  }
}

export const pictureOfVideo = (video: HTMLVideoElement): Photo =>
  drawn(video, video.videoWidth, video.videoHeight);

/** An address under which a picture can be shown. */
export async function urlOf({ width, height, data }: Photo): Promise<string> {
  const canvas = new OffscreenCanvas(width, height);
  canvas
    .getContext('2d')!
    .putImageData(new ImageData(new Uint8ClampedArray(data), width, height), 0, 0);
  return URL.createObjectURL(await canvas.convertToBlob({ type: 'image/png' }));
}
