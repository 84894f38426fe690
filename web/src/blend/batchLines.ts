import type { BlendVersion, LotRow } from '@bent-pail/contract';

export interface BatchLine {
  readonly lotId: string;
  readonly name: string;
  readonly code: string;
  readonly loose_L: number;
  readonly stock_L?: number;
  /** The stock does not reach. */
  readonly short: boolean;
}

/** What a batch takes of each lot, loose, for a volume made: the parts settle into each other, so it is more. */
export function batchLines(
  { recipe, result }: Pick<BlendVersion, 'recipe' | 'result'>,
  lots: readonly LotRow[],
  made_L: number,
): BatchLine[] {
  return recipe.lines.map(({ lotId, parts }) => {
    const lot = lots.find((one) => one.id === lotId);
    const loose_L = (made_L * parts) / result.volume;
    const stock_L = lot?.stock_L;
    return {
      lotId,
      name: lot?.name ?? '',
      code: lot?.code ?? '',
      loose_L,
      ...(stock_L === undefined ? {} : { stock_L }),
      short: stock_L !== undefined && stock_L < loose_L,
    };
  });
}
