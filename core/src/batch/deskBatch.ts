import type { DeskResult } from '../desk';
import type { LotComponent } from '../lots';
import { onHand, quantity, type OnHandResult, type QuantityResult, type Wanted } from '../quantity';
import { batchPlan, type BatchPlan } from './batchPlan';
import { powdersFor } from './powders';

/** What a batch asks of a lot: what there is, how it is sold, how it behaves. */
export interface BatchLot {
  readonly name: string;
  readonly stock_L?: number;
  /** Litres of a bag as its label states them. */
  readonly packVolume_L?: number;
  /** Price of such a bag. */
  readonly price?: number;
  readonly component?: LotComponent;
}

export interface BatchUse {
  readonly lot: BatchLot;
  /** Loose parts. */
  readonly parts: number;
}

/** What is to be filled; or all that is there, in pots of a size where one is given. */
export type BatchWanted = Wanted | { readonly stock: true; readonly potVolume_L?: number };

export interface DeskBatchInput {
  readonly used: readonly BatchUse[];
  readonly predicted: DeskResult;
  readonly wanted: BatchWanted;
  /** Part of the volume that it settles once it is in place. */
  readonly settling: number;
  readonly lime_meqPerL: number;
  readonly additives: readonly { readonly name: string; readonly gPerL: number }[];
}

export interface DeskBatch {
  readonly quantity: QuantityResult;
  readonly plan: BatchPlan;
  /** Where it was asked how far the stock reaches. */
  readonly reach?: OnHandResult;
}

/** What a bed or pot loses after filling where nobody measured it. */
export const USUAL_SETTLING = 0.05;

const optional = <K extends string>(key: K, value: number | undefined): Partial<Record<K, number>> =>
  value === undefined ? {} : ({ [key]: value } as Record<K, number>);

/** Loose litres that a bag gives: as measured, else as its label states; undefined where neither is known. */
export function bagOf({ component, packVolume_L }: Pick<BatchLot, 'component' | 'packVolume_L'>): number | undefined {
  return component?.facts.bag_L ?? packVolume_L;
}

/**
 * Settling in place, fraction: of the lots' own runs, weighed by their parts, where all were watched; else
 * `USUAL_SETTLING`.
 */
export function settlingOf(used: readonly BatchUse[]): number {
  const whole = used.reduce((sum, { parts }) => sum + parts, 0);
  const known = used.map(({ parts, lot }) => ({ parts, own: lot.component?.facts.settledFirst }));
  if (known.some(({ own }) => own === undefined)) return USUAL_SETTLING;
  return known.reduce((sum, { parts, own }) => sum + (parts * (own ?? 0)) / whole, 0);
}

/** What the stock fills, asked for again forwards, so that one table shows both. */
function reached(reach: OnHandResult, potVolume_L: number | undefined): Wanted | undefined {
  if (reach.pots !== undefined && reach.pots > 0 && potVolume_L !== undefined) return { pots: reach.pots, potVolume_L };
  return reach.settled_L > 0 ? { volume_L: reach.settled_L } : undefined;
}

/**
 * The batch that is wanted of a desk's recipe: what to take, buy and do; undefined where the stock fills nothing.
 *
 * Shrink on mixing is what the desk predicts: 1 - volume made / loose parts. Everything else is `quantity`, `onHand`,
 * `batchPlan` and `powdersFor`, whose errors it passes on.
 * Source: volume balance.
 * Example: 10 pots of 2 L, settling 10 %, no shrink: 22.2 L made of 22.2 L loose.
 */
export function deskBatch(input: DeskBatchInput): DeskBatch | undefined {
  const { used, predicted, wanted, settling, lime_meqPerL, additives } = input;
  const loose = used.reduce((sum, { parts }) => sum + parts, 0);
  const shrink = Math.max(0, 1 - predicted.result.volume / loose);
  const reach =
    'stock' in wanted
      ? onHand({
          lines: used.map(({ lot, parts }) => ({
            name: lot.name,
            parts,
            ...optional('yield', lot.component?.facts.sieveYield),
            ...optional('stock_L', lot.stock_L),
          })),
          settling,
          shrink,
          ...optional('potVolume_L', wanted.potVolume_L),
        })
      : undefined;
  const want = 'stock' in wanted ? reach && reached(reach, wanted.potVolume_L) : wanted;
  if (want === undefined) return undefined;
  const found = quantity({
    want,
    settling,
    shrink,
    lines: used.map(({ lot, parts }) => ({
      name: lot.name,
      parts,
      ...optional('yield', lot.component?.facts.sieveYield),
      ...optional('unit_L', bagOf(lot)),
      ...(bagOf(lot) === undefined ? {} : optional('pricePerUnit', lot.price)),
    })),
  });
  const made_L = found.finished_L;
  const plan = batchPlan({
    made_L,
    water: predicted.result.water,
    powders: powdersFor({ lime_meqPerL, additives, made_L }),
    lines: used.flatMap(({ lot }, i) => {
      const line = found.lines[i];
      if (lot.component === undefined || line === undefined) return [];
      const { component, facts } = lot.component;
      return [
        {
          name: lot.name,
          loose_L: line.loose_L,
          take_L: line.take_L,
          ...optional('stock_L', lot.stock_L),
          ...optional('unit_L', bagOf(lot)),
          ...optional('ec_dSm', component.ec_dSm),
          dryBulkDensity_gcc: component.dryBulkDensity_gcc,
          facts,
        },
      ];
    }),
  });
  return { quantity: found, plan, ...(reach === undefined ? {} : { reach }) };
}
