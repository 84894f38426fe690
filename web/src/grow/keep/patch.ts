import type { DarkGreenInput } from '@bent-pail/core';

/** A frame in a picture, in shares of its width and height. */
export interface Patch {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** What is drawn on, as far as it is read. */
interface Picture {
  readonly width: number;
  readonly height: number;
  readonly getContext: (
    kind: '2d',
    how: { readonly willReadFrequently: true },
  ) => Pick<CanvasRenderingContext2D, 'getImageData'> | null;
}

/** Fewer pixels are a slip of the finger. */
const LEAST_px = 25;

/** The mean colour of a frame; undefined where it holds next to nothing. */
export function meanOfPatch(picture: Picture, { x, y, width, height }: Patch): DarkGreenInput | undefined {
  const [wide, high] = [Math.floor(width * picture.width), Math.floor(height * picture.height)];
  const count = wide * high;
  const pixels = picture.getContext('2d', { willReadFrequently: true });
  if (count < LEAST_px || pixels === null) return undefined;
  const { data } = pixels.getImageData(Math.floor(x * picture.width), Math.floor(y * picture.height), wide, high);
  const sum = [0, 0, 0];
  for (let i = 0; i < count; i += 1)
    for (let part = 0; part < 3; part += 1) sum[part] = (sum[part] ?? 0) + (data[4 * i + part] ?? 0);
  const [red = 0, green = 0, blue = 0] = sum.map((one) => one / count);
  return { red, green, blue };
}
