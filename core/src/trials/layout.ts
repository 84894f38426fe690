import { refuse, type Check } from '../errors';
import { defineMethod, list, maybe, number, object, text, type InputOf } from '../method';
import { seededRandom, shuffled, type Random } from '../scoring';
import { pairsOf } from './welch';

const INPUT = object({
  media: list(text(), 'what is compared, each once'),
  blocks: number('how many blocks: shelves, ends of a bench'),
  perBlock: maybe(number('places of a block, where fewer than there are media; all of them unless said')),
  repeats: maybe(number('how often each medium stands in a whole block; once unless said')),
  seed: number('the same number gives the same layout for ever'),
});
export type LayoutInput = InputOf<typeof INPUT>;

export interface Plot {
  readonly block: number;
  /** Within its block, from 1. */
  readonly place: number;
  readonly medium: string;
}

export interface LayoutResult {
  readonly plots: readonly Plot[];
  /** How often two media stand in one block: the least and the most of all pairs. */
  readonly together: readonly [number, number];
  readonly checks: readonly Check[];
}

const MOST = Object.freeze({ media: 40, blocks: 60, plots: 2000 });
/** Layouts of small blocks that are tried, and swaps in each; the most even one is taken. */
const TRIES = 40;
const SWAPS = 1500;

function requireWhole(path: string, value: number, lo: number, hi: number): void {
  if (!Number.isInteger(value) || value < lo || value > hi)
    refuse(path, `${String(value)} given; a whole number from ${String(lo)} to ${String(hi)}`);
}

/** Whether each medium can be told against each other one by way of blocks. */
function linksAll(blocks: readonly (readonly number[])[], count: number): boolean {
  const reached = new Set([0]);
  for (let more = true; more;) {
    const before = reached.size;
    for (const block of blocks) if (block.some((one) => reached.has(one))) for (const one of block) reached.add(one);
    more = reached.size > before;
  }
  return reached.size === count;
}

/** How often each pair stands in one block, as a square. */
function meetings(blocks: readonly (readonly number[])[], count: number): number[][] {
  const met = Array.from({ length: count }, () => new Array<number>(count).fill(0));
  for (const block of blocks)
    for (const a of block) for (const b of block) if (a !== b) (met[a] as number[])[b] = (met[a]?.[b] as number) + 1;
  return met;
}

const meetingsOf = (met: readonly (readonly number[])[]): number[] =>
  pairsOf(met.length).map(([i, j]) => met[i]?.[j] as number);

/** Blocks filled one by one with whoever stood least often. */
function filledBlocks(count: number, blocks: number, size: number, random: Random): number[][] {
  const used = new Array<number>(count).fill(0);
  return Array.from({ length: blocks }, () => {
    const free = shuffled(
      Array.from({ length: count }, (_, i) => i),
      random,
    );
    const block = free.sort((a, b) => (used[a] as number) - (used[b] as number)).slice(0, size);
    for (const one of block) used[one] = (used[one] as number) + 1;
    return block;
  });
}

/** What two pairs less and two more, of each who stays, add to the sum of squares when x and y change their blocks. */
function costOf(met: readonly (readonly number[])[], from: readonly number[], x: number, y: number): number {
  return from.reduce((sum, one) => {
    if (one === x) return sum;
    // (n - 1)^2 - n^2 with the one that goes, (n + 1)^2 - n^2 with the one that comes.
    return sum + 2 - 2 * (met[x]?.[one] as number) + 2 * (met[y]?.[one] as number);
  }, 0);
}

/** Swaps media between blocks while that makes pairs meet more evenly, or as evenly. */
function evened(blocks: number[][], count: number, random: Random): number[][] {
  const pick = (below: number): number => Math.floor(random() * below);
  let met = meetings(blocks, count);
  for (let i = 0; i < SWAPS; i += 1) {
    const [a, b] = [blocks[pick(blocks.length)] as number[], blocks[pick(blocks.length)] as number[]];
    const [x, y] = [a[pick(a.length)] as number, b[pick(b.length)] as number];
    if (a === b || a.includes(y) || b.includes(x)) continue;
    if (costOf(met, a, x, y) + costOf(met, b, y, x) > 0) continue;
    a[a.indexOf(x)] = y;
    b[b.indexOf(y)] = x;
    met = meetings(blocks, count);
  }
  return blocks;
}

const squares = (values: readonly number[]): number => values.reduce((sum, one) => sum + one * one, 0);

/** The most even of some layouts of small blocks that link all media; as soon as one cannot be more even, that one. */
function evenBlocks(count: number, blocks: number, size: number, random: Random): number[][] | undefined {
  let best: { readonly blocks: number[][]; readonly uneven: number } | undefined;
  for (let i = 0; i < TRIES; i += 1) {
    const tried = evened(filledBlocks(count, blocks, size, random), count, random);
    const met = meetingsOf(meetings(tried, count));
    if (linksAll(tried, count) && (best === undefined || squares(met) < best.uneven))
      best = { blocks: tried, uneven: squares(met) };
    if (best !== undefined && Math.max(...met) - Math.min(...met) <= 1) break;
  }
  return best?.blocks;
}

/**
 * Where each medium stands: every block has all of them, or, where it has no room, as many as fit, each as often as the
 * others and beside each other one as evenly as can be; within a block, and which block is which, drawn by lot.
 *
 * Throws for fewer than two media, one named twice, numbers that are not whole or out of bounds, small blocks that
 * cannot link all media.
 * Source: Fisher (1935); Yates (1936).
 * Example: A, B, C in 2 blocks: six plots, each medium once in each.
 */
export function layout({ media, blocks, perBlock, repeats = 1, seed }: LayoutInput): LayoutResult {
  if (media.length < 2 || media.length > MOST.media)
    refuse('media', `${String(media.length)} given; from 2 to ${String(MOST.media)} can be laid out`);
  media.forEach((one, i) => {
    if (media.indexOf(one) !== i) refuse(`media[${String(i)}]`, `${one} is named twice`);
  });
  requireWhole('blocks', blocks, 1, MOST.blocks);
  requireWhole('repeats', repeats, 1, MOST.media);
  requireWhole('seed', seed, 0, Number.MAX_SAFE_INTEGER);
  const count = media.length;
  const size = perBlock ?? count * repeats;
  if (perBlock !== undefined) {
    requireWhole('perBlock', perBlock, 2, count);
    if (repeats > 1 && perBlock < count)
      refuse('repeats', 'a block without room for all media has each of its own once');
  }
  if (blocks * size > MOST.plots) refuse('blocks', `${String(blocks * size)} plots; at most ${String(MOST.plots)}`);
  const random = seededRandom(seed);
  const isWhole = size >= count;
  const drawn = isWhole
    ? Array.from({ length: blocks }, () => Array.from({ length: size }, (_, i) => i % count))
    : evenBlocks(count, blocks, size, random);
  if (drawn === undefined) refuse('blocks', 'so few small blocks do not link all media; take more or larger ones');
  const plots = shuffled(drawn, random).flatMap((block, b) =>
    shuffled(block, random).map((medium, i): Plot => ({ block: b + 1, place: i + 1, medium: media[medium] as string })),
  );
  const met = meetingsOf(meetings(drawn, count));
  const together = [Math.min(...met), Math.max(...met)] as const;
  const counts = media.map((one) => plots.filter(({ medium }) => medium === one).length);
  const checks: Check[] = [];
  if (Math.max(...counts) > Math.min(...counts))
    checks.push({
      code: 'uneven',
      severity: 'note',
      message: 'Some media stand once more often than others: blocks times places is no multiple of the media.',
    });
  if (!isWhole && together[1] > together[0])
    checks.push({
      code: 'not-balanced',
      severity: 'note',
      message:
        'Some pairs of media stand together more often than others; their differences are known a little better.',
    });
  return { plots, together, checks };
}

export const layoutMethod = defineMethod({
  name: 'layout',
  version: 1,
  source: 'Fisher, 1935; Yates, 1936.',
  schema: INPUT,
  calculate: layout,
  outputs: {
    together: {
      of: 'together[0]',
      sentence: 'How often two media stand in one block, of the pair that does so least.',
      formula: 'blocks that hold both',
    },
  },
  golden: {
    input: { media: ['A', 'B', 'C'], blocks: 2, seed: 7 },
    gives: { 'plots[0].block': 1, 'together[0]': 2 },
  },
});
