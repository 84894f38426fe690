import {
  batchPlan,
  onHand,
  powdersFor,
  quantity,
  type BatchPlan,
  type OnHandResult,
  type QuantityResult,
  type Wanted,
} from '@bent-pail/core';
import type { DeskLot } from '@bent-pail/contract';
import type { DeskView } from '../deskView';
import { typedNumber } from './standStore';

/** What is to be filled, as it is typed. */
export interface Want {
  readonly kind: 'pots' | 'bed' | 'top-dressing' | 'volume' | 'stock';
  readonly pots: string;
  readonly potVolume_L: string;
  readonly length_m: string;
  readonly width_m: string;
  readonly depth_cm: string;
  readonly volume_L: string;
  /** Percent that it settles once it is in place. */
  readonly settling: string;
}

/** A want as it stands in an address. */
export function wantParams(want: Want): string {
  return new URLSearchParams(Object.entries(want)).toString();
}

/** Reads a want from an address; what is not in it is as usual. */
export function wantFrom(params: URLSearchParams): Want {
  const read = (key: keyof Want): string => params.get(key) ?? FIRST_WANT[key];
  const kind = WANTS.find((one) => one.key === params.get('kind'))?.key ?? FIRST_WANT.kind;
  return {
    kind,
    pots: read('pots'),
    potVolume_L: read('potVolume_L'),
    length_m: read('length_m'),
    width_m: read('width_m'),
    depth_cm: read('depth_cm'),
    volume_L: read('volume_L'),
    settling: read('settling'),
  };
}

export const WANTS = [
  { key: 'pots', words: 'pots' },
  { key: 'bed', words: 'a bed' },
  { key: 'top-dressing', words: 'a top-dressing' },
  { key: 'volume', words: 'a volume' },
  { key: 'stock', words: 'all that is there' },
] as const satisfies readonly { readonly key: Want['kind']; readonly words: string }[];

/** What is asked for before anybody says how much. */
export const FIRST_WANT: Want = Object.freeze({
  kind: 'pots',
  pots: '12',
  potVolume_L: '10',
  length_m: '3',
  width_m: '1.2',
  depth_cm: '20',
  volume_L: '100',
  settling: '5',
});

/** What a bed or pot loses after filling where nobody measured it. */
const USUAL_SETTLING = 0.05;

/** Settling by the lots' own runs, weighed by their parts, where all were watched; else the usual. */
export function settlingOf({ used }: Pick<DeskView, 'used'>): number {
  const whole = used.reduce((sum, { parts }) => sum + parts, 0);
  const known = used.map(({ parts, lot }) => ({ parts, own: lot.component?.facts.settledFirst }));
  if (known.some(({ own }) => own === undefined)) return USUAL_SETTLING;
  return known.reduce((sum, { parts, own }) => sum + (parts * (own ?? 0)) / whole, 0);
}

/** What is wanted, for the quantity; undefined while a field is empty, and for the stock, which is asked backwards. */
export function wantedOf(want: Want): Wanted | undefined {
  const [pots, potVolume_L, length_m, width_m, depth_cm, volume_L] = [
    want.pots,
    want.potVolume_L,
    want.length_m,
    want.width_m,
    want.depth_cm,
    want.volume_L,
  ].map(typedNumber);
  switch (want.kind) {
    case 'pots':
      return pots === undefined || potVolume_L === undefined ? undefined : { pots: Math.round(pots), potVolume_L };
    case 'bed':
    case 'top-dressing':
      return length_m === undefined || width_m === undefined || depth_cm === undefined
        ? undefined
        : { length_m, width_m, depth_cm };
    case 'volume':
      return volume_L === undefined ? undefined : { volume_L };
    case 'stock':
      return undefined;
  }
}

/** Percent as typed, as a part; the usual where nothing can be read. */
export function shareTyped(text: string, usual: number): number {
  const value = Number(text.replace(',', '.'));
  return text.trim() !== '' && value >= 0 && value < 90 ? value / 100 : usual;
}

/** What of the desk a batch is worked out from. */
export type Mixed = Pick<DeskView, 'used' | 'result' | 'recipe'>;

export interface Batch {
  readonly quantity: QuantityResult;
  readonly plan: BatchPlan;
  /** Where it was asked how far the stock reaches. */
  readonly reach?: OnHandResult;
}

const optional = <K extends string>(key: K, value: number | undefined): Partial<Record<K, number>> =>
  value === undefined ? {} : ({ [key]: value } as Record<K, number>);

/** Loose litres that a bag gives: as measured, else as its label states. */
export function bagOf({ component, packVolume_L }: Pick<DeskLot, 'component' | 'packVolume_L'>): number | undefined {
  return component?.facts.bag_L ?? packVolume_L;
}

/** The batch that is wanted: what to take, buy and do. Throws a `CoreError` with a sentence where it cannot be. */
export function batchOf(view: Mixed, want: Want): Batch | undefined {
  const { used, result, recipe } = view;
  const settling = shareTyped(want.settling, settlingOf(view));
  // Loose parts to volume made: what the desk shows as in and out.
  const loose = used.reduce((sum, { parts }) => sum + parts, 0);
  const shrink = Math.max(0, 1 - result.result.volume / loose);
  const lines = used.map(({ lot, parts }) => ({
    name: lot.name,
    parts,
    ...optional('yield', lot.component?.facts.sieveYield),
    ...optional('unit_L', bagOf(lot)),
    ...(bagOf(lot) === undefined ? {} : optional('pricePerUnit', lot.price)),
  }));
  const reach =
    want.kind === 'stock'
      ? onHand({
          lines: used.map(({ lot, parts }) => ({
            name: lot.name,
            parts,
            ...optional('yield', lot.component?.facts.sieveYield),
            ...optional('stock_L', lot.stock_L),
          })),
          settling,
          shrink,
          ...optional('potVolume_L', typedNumber(want.potVolume_L)),
        })
      : undefined;
  const wanted = reach === undefined ? wantedOf(want) : reachWanted(reach, want);
  if (wanted === undefined) return undefined;
  const found = quantity({ want: wanted, settling, shrink, lines });
  const made_L = found.finished_L;
  const plan = batchPlan({
    made_L,
    water: result.result.water,
    powders: powdersFor({ lime_meqPerL: recipe.lime_meqPerL, additives: recipe.additives ?? [], made_L }),
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

/** What the stock fills, asked for again forwards, so that one table shows both. */
function reachWanted(reach: OnHandResult, want: Want): Wanted | undefined {
  const potVolume_L = typedNumber(want.potVolume_L);
  if (reach.pots !== undefined && reach.pots > 0 && potVolume_L !== undefined) return { pots: reach.pots, potVolume_L };
  return reach.settled_L > 0 ? { volume_L: reach.settled_L } : undefined;
}
