import sharp from 'sharp';
import { refused } from '../http/problems';

/** Longest side of a kept photo, px, its quality, and how many pixels may be decoded at all. */
export const PICTURE = Object.freeze({ longest: 1600, quality: 80, mostPixels: 60_000_000 });

export interface Picture {
  readonly jpeg: Buffer;
  readonly width: number;
  readonly height: number;
}

/**
 * A photo made anew from its pixels: whatever else was in the file (place, camera, anything hidden) is gone, and it is
 * no larger than it has to be. Refused with a sentence where it is no picture.
 */
export async function reencode(file: Buffer): Promise<Picture> {
  try {
    const { data, info } = await sharp(file, { limitInputPixels: PICTURE.mostPixels, failOn: 'error' })
      .rotate()
      .resize(PICTURE.longest, PICTURE.longest, { fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: PICTURE.quality })
      .toBuffer({ resolveWithObject: true });
    return { jpeg: data, width: info.width, height: info.height };
  } catch {
    throw refused('photo', 'This file is not a photo that can be read; take a JPEG, PNG or WebP.');
  }
}
