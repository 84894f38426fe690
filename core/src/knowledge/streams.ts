import { gammaDraw, normalDraw, seededRandom, seedOf, type Random } from '../scoring';

/** What a draw takes from the randomness of whoever asks: one number, from which each source makes its own. */
export const baseOf = (random: Random): number => Math.floor(random() * 4294967296);

/**
 * The randomness of one source in one draw. What is read later adds sources and leaves the draws of the others as they were:
 * two bands then differ by what is known, not by chance.
 */
export const streamOf = (source: number, base: number): Random =>
  seededRandom(Math.imul(source ^ base, 0x9e3779b1) ^ (base >>> 7));

/** A number that stands for a source by its name. */
export const sourceCalled = (name: string): number => seedOf(name, 1);

export const normalOf = (source: number, base: number): number => normalDraw(streamOf(source, base));

/** What Student's t is wider than a normal draw by; 1 where the spread is known for certain. */
export const widerOf = (source: number, base: number, freedom: number | undefined): number =>
  freedom === undefined ? 1 : Math.sqrt(freedom / (2 * gammaDraw(freedom / 2, streamOf(source, base))));
