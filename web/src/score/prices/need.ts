import { inField, typedAmount } from '../../shared/units/mine';

/** What is to be filled, as it is typed. */
export interface Need {
  readonly kind: 'none' | 'volume' | 'pots' | 'bed' | 'topDressing';
  readonly volume_L: string;
  readonly pots: string;
  readonly potVolume_L: string;
  readonly length_m: string;
  readonly width_m: string;
  readonly depth_cm: string;
}

export const NEEDS = [
  { key: 'none', words: 'nothing yet' },
  { key: 'volume', words: 'a volume' },
  { key: 'pots', words: 'pots' },
  { key: 'bed', words: 'a bed' },
  { key: 'topDressing', words: 'a top-dressing' },
] as const satisfies readonly { readonly key: Need['kind']; readonly words: string }[];

export const firstNeed = (): Need => ({
  kind: 'none',
  volume_L: inField(100, 'L'),
  pots: '12',
  potVolume_L: inField(10, 'L'),
  length_m: inField(3, 'm'),
  width_m: inField(1.2, 'm'),
  depth_cm: inField(20, 'cm'),
});

/** Loose litres that are wanted; undefined where nothing is, or a field cannot be read. */
export function litresWanted({
  kind,
  volume_L,
  pots,
  potVolume_L,
  length_m,
  width_m,
  depth_cm,
}: Need): number | undefined {
  switch (kind) {
    case 'none':
      return undefined;
    case 'volume':
      return typedAmount(volume_L, 'L');
    case 'pots':
      return product([typedAmount(pots, ''), typedAmount(potVolume_L, 'L')]);
    case 'bed':
    case 'topDressing':
      // A square metre a centimetre deep is ten litres.
      return product([10, typedAmount(length_m, 'm'), typedAmount(width_m, 'm'), typedAmount(depth_cm, 'cm')]);
  }
}

const product = (factors: readonly (number | undefined)[]): number | undefined =>
  factors.some((one) => one === undefined) ? undefined : factors.reduce<number>((all, one) => all * (one as number), 1);
