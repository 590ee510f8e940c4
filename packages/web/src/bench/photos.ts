/** The device's pictures, and how one is made small enough to keep. */
import { readFlamePicture, type FlameSuggestion } from '@kivex/core';
import { sendFile } from '../kit/request/send-file.js';
import { PhotoBox } from './photo-box.js';

export const photoBox = new PhotoBox({
  send: (picture, jpeg, as) => sendFile('PUT /api/bench/photos/:picture', { picture }, jpeg, as),
  now: () => Date.now(),
  later: (run, ms) => void setTimeout(run, ms),
});
if (typeof addEventListener === 'function') addEventListener('online', () => void photoBox.flush());
void photoBox.flush();

/** Pixels across at most, and how good the picture stays. */
const widest = 640;
const quality = 0.72;

export interface SmallPhoto {
  readonly jpeg: Blob;
  /** What its colours suggest; for a flame. */
  readonly suggests: FlameSuggestion;
}

/**
 * Makes a picture small: whatever a camera wrote beside it (place, time, make) is gone, since its pixels alone are drawn anew.
 * @throws Error with a sentence when it is no picture.
 */
export async function makeSmall(file: Blob): Promise<SmallPhoto> {
  const bitmap = await createImageBitmap(file).catch(() => {
    throw new Error('This file is no picture. Take it again, or choose another.');
  });
  const scale = Math.min(1, widest / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  const draw = canvas.getContext('2d', { willReadFrequently: true })!;
  draw.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  const pixels = draw.getImageData(0, 0, canvas.width, canvas.height);
  const jpeg = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', quality));
  if (!jpeg) throw new Error('This device could not keep the picture. Take it again.');
  return { jpeg, suggests: readFlamePicture(pixels) };
}
