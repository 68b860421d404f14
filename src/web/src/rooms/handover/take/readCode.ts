import jsQR from 'jsqr';

/** Pictures are looked at no larger than this on a side: a code is found as well, and sooner. */
const mostPixels = 1200;

/** The bytes of the code on a picture; null where none is found. */
export function readCode(picture: CanvasImageSource, width: number, height: number): Uint8Array | null {
  const scale = Math.min(1, mostPixels / Math.max(width, height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(width * scale);
  canvas.height = Math.round(height * scale);
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context || canvas.width === 0 || canvas.height === 0) return null;
  context.drawImage(picture, 0, 0, canvas.width, canvas.height);
  const { data } = context.getImageData(0, 0, canvas.width, canvas.height);
  const found = jsQR(data, canvas.width, canvas.height, { inversionAttempts: 'dontInvert' });
  return found ? Uint8Array.from(found.binaryData) : null;
}
