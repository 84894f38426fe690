import { refuse, requireNotNegative, requirePositive } from '../errors';

export interface OnHandLine {
  readonly name: string;
  readonly parts: number;
  readonly yield?: number;
  /** What is there, L; absent where it does not limit. */
  readonly stock_L?: number;
}

export interface OnHandInput {
  readonly lines: readonly OnHandLine[];
  readonly settling: number;
  readonly shrink: number;
  readonly potVolume_L?: number;
}

export interface OnHandResult {
  /** What runs out first. */
  readonly limitedBy: string;
  readonly loose_L: number;
  readonly finished_L: number;
  readonly settled_L: number;
  readonly pots?: number;
  readonly lines: readonly { readonly name: string; readonly take_L: number; readonly left_L?: number }[];
}

/**
 * How far what is there reaches: `quantity` backwards.
 *
 * loose = the least over the lines of stock x yield / the line's share; finished = loose (1 - shrink); settled =
 * finished (1 - settling); pots = whole ones of the settled volume. Left over is stock less what those pots take, or
 * less all that the loose volume takes where no pot is given.
 * Throws where no line with a part has a stock, for shares outside 0..1, for a yield of zero.
 * Example: 100 L and 30 L for 3 parts and 1 part: the first reaches for 133 L, the second for 120 L loose.
 */
export function onHand({ lines, settling, shrink, potVolume_L }: OnHandInput): OnHandResult {
  for (const [path, share] of [
    ['settling', settling],
    ['shrink', shrink],
  ] as const)
    if (!(share >= 0 && share < 1)) refuse(path, `${String(share)} must be 0 or more and under 1`);
  const parts = lines.reduce(
    (sum, line, i) => sum + requireNotNegative(`lines[${String(i)}].parts`, line.parts, ''),
    0,
  );
  if (!(parts > 0)) refuse('lines', 'no line has a part');
  const limits = lines.flatMap((line, i) => {
    const share = requirePositive(`lines[${String(i)}].yield`, line.yield ?? 1, '');
    return line.stock_L === undefined || line.parts === 0
      ? []
      : [{ name: line.name, loose_L: (line.stock_L * share * parts) / line.parts }];
  });
  const [least] = limits.sort((a, b) => a.loose_L - b.loose_L);
  if (least === undefined) return refuse('lines', 'count the stock of at least one of its lots first');
  const whole = { loose_L: least.loose_L, finished_L: least.loose_L * (1 - shrink) };
  const settled_L = whole.finished_L * (1 - settling);
  const pots =
    potVolume_L === undefined
      ? undefined
      : Math.floor(settled_L / requirePositive('potVolume_L', potVolume_L, 'L') + 1e-9);
  const used_L =
    pots === undefined || potVolume_L === undefined
      ? whole.loose_L
      : (pots * potVolume_L) / (1 - settling) / (1 - shrink);
  return {
    limitedBy: least.name,
    ...whole,
    settled_L,
    ...(pots === undefined ? {} : { pots }),
    lines: lines.map((line) => {
      const take_L = (used_L * line.parts) / parts / (line.yield ?? 1);
      const left = line.stock_L === undefined ? {} : { left_L: Math.max(0, line.stock_L - take_L) };
      return { name: line.name, take_L, ...left };
    }),
  };
}
