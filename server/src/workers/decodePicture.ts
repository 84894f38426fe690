/**
 * Makes a photo anew from its pixels, as a process of its own: whatever a file does to the decoder, it does it here and
 * can be ended. Arguments: the file that was sent, the file to write, how many pixels may be decoded. Prints the size.
 */
import sharp from 'sharp';
import { PICTURE } from '../notes/pictureLimits';

const [from, to, mostPixels] = process.argv.slice(2) as [string, string, string];
sharp.cache(false);
sharp.concurrency(1);
const limits = { limitInputPixels: Number(mostPixels), failOn: 'error', sequentialRead: true } as const;
// One that comes in passes is held whole, six bytes a pixel, before the first of it can be made smaller.
const { isProgressive } = await sharp(from, limits).metadata();
const { width, height } = await sharp(from, {
  ...limits,
  ...(isProgressive ? { limitInputPixels: PICTURE.mostInPasses } : {}),
})
  .autoOrient()
  .resize(PICTURE.longest, PICTURE.longest, { fit: 'inside', withoutEnlargement: true })
  .jpeg({ quality: PICTURE.quality })
  .toFile(to);
process.stdout.write(JSON.stringify({ width, height }));
