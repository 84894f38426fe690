import { deskBatch, settlingOf, type BatchWanted, type DeskBatch } from '@bent-pail/core';
import { inField, typedAmount } from '../../shared/units/mine';
import type { DeskView } from '../desk/deskView';
import { typedNumber } from '../../shared/pot/standStore';

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
  const read = (key: keyof Want): string => params.get(key) ?? firstWant()[key];
  const kind = WANTS.find((one) => one.key === params.get('kind'))?.key ?? firstWant().kind;
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
export const firstWant = (): Want => ({
  kind: 'pots',
  pots: '12',
  potVolume_L: inField(10, 'L'),
  length_m: inField(3, 'm'),
  width_m: inField(1.2, 'm'),
  depth_cm: inField(20, 'cm'),
  volume_L: inField(100, 'L'),
  settling: '5',
});

/** What is wanted; undefined while a field is empty. The stock is asked backwards. */
export function wantedOf(want: Want): BatchWanted | undefined {
  const pots = typedNumber(want.pots);
  const [potVolume_L, volume_L] = [want.potVolume_L, want.volume_L].map((text) => typedAmount(text, 'L'));
  const [length_m, width_m] = [want.length_m, want.width_m].map((text) => typedAmount(text, 'm'));
  const depth_cm = typedAmount(want.depth_cm, 'cm');
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
      return { stock: true, ...(potVolume_L === undefined ? {} : { potVolume_L }) };
  }
}

/** Percent as typed, as a part; the usual where nothing can be read. */
export function shareTyped(text: string, usual: number): number {
  const value = Number(text.replace(',', '.'));
  return text.trim() !== '' && value >= 0 && value < 90 ? value / 100 : usual;
}

/** What of the desk a batch is worked out from. */
export type Mixed = Pick<DeskView, 'used' | 'result' | 'recipe'>;

/** The batch that is wanted; undefined until it is said how much. Throws a `CoreError` with a sentence where it cannot be. */
export function batchOf({ used, result, recipe }: Mixed, want: Want): DeskBatch | undefined {
  const wanted = wantedOf(want);
  if (wanted === undefined) return undefined;
  return deskBatch({
    used,
    predicted: result,
    wanted,
    settling: shareTyped(want.settling, settlingOf(used)),
    lime_meqPerL: recipe.lime_meqPerL,
    additives: recipe.additives ?? [],
  });
}
