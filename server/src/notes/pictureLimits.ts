/**
 * Longest side of a kept photo, px, and its quality; how long one may take to be decoded, ms; pixels of one that comes
 * in passes (progressive, interlaced).
 */
export const PICTURE = Object.freeze({ longest: 1600, quality: 80, within_ms: 10_000, mostInPasses: 16_000_000 });

/** A kind of photo that is taken, by the bytes it begins with, and how many pixels of it may be decoded. */
interface PhotoKind {
  readonly isOne: (first: Buffer) => boolean;
  readonly mostPixels: number;
}

/** Bytes that tell a kind apart. */
export const FIRST_BYTES = 12;

/**
 * JPEG, PNG and WebP, by their bytes and not by what they call themselves. A JPEG is made smaller while it is decoded;
 * a WebP is decoded whole, four bytes a pixel, so that less of it is taken.
 */
const KINDS: readonly PhotoKind[] = [
  { isOne: (first) => first.subarray(0, 3).equals(Buffer.from([0xff, 0xd8, 0xff])), mostPixels: 60_000_000 },
  {
    isOne: (first) => first.subarray(0, 8).equals(Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a])),
    mostPixels: 40_000_000,
  },
  {
    isOne: (first) => first.toString('latin1', 0, 4) === 'RIFF' && first.toString('latin1', 8, 12) === 'WEBP',
    mostPixels: 16_000_000,
  },
];

/** How many pixels may be decoded of a file that begins so; undefined where it is no photo. */
export const mostPixelsOf = (first: Buffer): number | undefined => KINDS.find(({ isOne }) => isOne(first))?.mostPixels;
