import { expect, it } from 'vitest';
import { meanOfPatch } from './patch';

/** A picture of which the right half is green and the left half white. */
const picture = {
  width: 40,
  height: 20,
  getContext: () => ({
    getImageData: (x: number, _y: number, wide: number, high: number) => {
      const data = new Uint8ClampedArray(4 * wide * high);
      for (let i = 0; i < wide * high; i += 1) {
        const isRight = x + (i % wide) >= 20;
        data.set(isRight ? [40, 120, 40, 255] : [255, 255, 255, 255], 4 * i);
      }
      return { data } as unknown as ImageData;
    },
  }),
};

it('takes the mean of a frame, in shares of the picture, and of nothing else', () => {
  expect(meanOfPatch(picture, { x: 0.5, y: 0, width: 0.5, height: 1 })).toEqual({ red: 40, green: 120, blue: 40 });
  expect(meanOfPatch(picture, { x: 0, y: 0, width: 1, height: 1 })).toEqual({ red: 147.5, green: 187.5, blue: 147.5 });
});

it('takes no slip of the finger for a patch', () => {
  expect(meanOfPatch(picture, { x: 0.5, y: 0.5, width: 0.05, height: 0.1 })).toBeUndefined();
});
