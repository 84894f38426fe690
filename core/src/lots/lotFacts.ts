import { findMediaClass, type Drawdown } from '../classes';
import { LAB_PROPERTIES, type LabProperty } from '../feeding';
import type { PROPERTIES } from '../properties';
import { openedPack_L, type LotFigure } from './lotFigures';
import type { LotRecord } from './lotRecord';

/** What is known of a lot besides its physics: food, where it is from, how it is prepared. */
export interface LotFacts {
  readonly materialClass?: string;
  readonly nutrients_mgL: Readonly<Partial<Record<LabProperty, number>>>;
  readonly cec_meqPerL?: number;
  /** Nitrogen that its decay will take up, as its class says. */
  readonly drawdown?: Drawdown;
  readonly decay_perYear?: number;
  /** Dug, grown, left over, made; whether it grows again. */
  readonly source?: string;
  readonly renewable?: string;
  readonly wettability?: string;
  readonly hazards: readonly string[];
  /** Loose litres in a bag or block, as they were measured. */
  readonly bag_L?: number;
  /** Weight of a loose millilitre as it lies, water and all: measured, else from its dry density and moisture. */
  readonly asItLies_gcc?: number;
  /** Usable part of what a sieve was given. */
  readonly sieveYield?: number;
  /** Loose litres from a kilogram of block or bale, and the water that this takes for each. */
  readonly expansion_LperKg?: number;
  readonly prepWater_L?: number;
  /** Depth lost at the first watering. */
  readonly settledFirst?: number;
  /** How fast water runs through it soaked, cm/s at 20 °C. */
  readonly k20_cms?: number;
  /** Dry, of its own volume, at the moisture that it came with: water by weight. */
  readonly moisture?: number;
}

const known = <K extends string>(key: K, value: number | string | undefined): Partial<Record<K, never>> =>
  value === undefined ? {} : ({ [key]: value } as Record<K, never>);

/** Density with its water: moisture is of the weight as it came. */
function asItLies(heft?: number, dry?: number, moisture?: number): number | undefined {
  if (heft !== undefined) return heft;
  return dry === undefined || moisture === undefined || moisture >= 1 ? undefined : dry / (1 - moisture);
}

/** Facts of a lot from its runs, and from its class where no run can tell. */
export function lotFacts(lot: LotRecord, figures: readonly LotFigure[]): LotFacts {
  const mediaClass = lot.materialClass === undefined ? undefined : findMediaClass(lot.materialClass);
  const measured = (key: keyof typeof PROPERTIES): number | undefined =>
    figures.find((figure) => figure.property === key && figure.origin !== 'label')?.summary.mean;
  const nutrients_mgL = Object.fromEntries(
    LAB_PROPERTIES.flatMap((key) => {
      const value = measured(key);
      return value === undefined ? [] : [[key, value]];
    }),
  );
  return {
    ...known('materialClass', mediaClass?.id),
    nutrients_mgL,
    hazards: mediaClass?.hazards ?? [],
    ...known('cec_meqPerL', mediaClass?.cec_meqPerL.typical),
    ...known('drawdown', mediaClass?.nitrogenDrawdown),
    ...known('decay_perYear', mediaClass?.decay_perYear.typical),
    ...known('source', mediaClass?.origin),
    ...known('renewable', mediaClass?.renewable),
    ...known('wettability', mediaClass?.wettability),
    ...known(
      'asItLies_gcc',
      asItLies(measured('heft_gcc'), measured('bulkDensity_gcc'), measured('asReceivedMoisture')),
    ),
    ...known('bag_L', openedPack_L(lot, figures)),
    ...known('sieveYield', measured('sieveYield')),
    ...known('expansion_LperKg', measured('expansion_LperKg')),
    ...known('prepWater_L', measured('prepWater_L')),
    ...known('settledFirst', measured('settledFirst')),
    ...known('k20_cms', measured('k20_cms')),
    ...known('moisture', measured('asReceivedMoisture')),
  };
}
