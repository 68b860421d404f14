import fc from 'fast-check';
import jsQR from 'jsqr';
import { expect, test } from 'vitest';
import { codeShape } from '../../src/rooms/handover/give/codeShape';

const scale = 4;

/** The outline filled in, as a screen would show it. */
function drawn({ path, modules }: { path: string; modules: number }): Uint8ClampedArray {
  const size = modules * scale;
  const pixels = new Uint8ClampedArray(size * size * 4).fill(255);
  for (const [, x, y, width] of path.matchAll(/M(\d+) (\d+)h(\d+)v1h-\d+z/g)) {
    for (let row = +y * scale; row < (+y + 1) * scale; row++)
      for (let column = +x * scale; column < (+x + +width) * scale; column++)
        pixels.fill(0, (row * size + column) * 4, (row * size + column) * 4 + 3);
  }
  return pixels;
}

test('what is drawn is read back, whatever the bytes', () => {
  fc.assert(
    fc.property(fc.uint8Array({ minLength: 1, maxLength: 400 }), (frame) => {
      const shape = codeShape(frame);
      const found = jsQR(drawn(shape), shape.modules * scale, shape.modules * scale);
      expect(Uint8Array.from(found!.binaryData)).toEqual(frame);
    }),
    { numRuns: 25 },
  );
});

test('there is light all around, or no reader finds it', () => {
  const { path, modules } = codeShape(Uint8Array.from({ length: 100 }, (_, i) => i));
  for (const [, x, y, width] of path.matchAll(/M(\d+) (\d+)h(\d+)v1h-(\d+)z/g)) {
    expect(+x).toBeGreaterThanOrEqual(4);
    expect(+y).toBeGreaterThanOrEqual(4);
    expect(+x + +width).toBeLessThanOrEqual(modules - 4);
    expect(+y).toBeLessThan(modules - 4);
  }
});
