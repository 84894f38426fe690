import type { ComponentErrors } from '../bands';
import type { BlendComponent } from '../blend';
import { findMediaClass, isLikeness, type MediaClass } from '../classes';
import { fromScale, unknownGrains, valueOf, type Chemistry } from '../knowledge';
import type { CalibrationTrouble } from '../instruments';
import type { LotCurve } from './lotCurve';
import { lotFacts, type LotFacts } from './lotFacts';
import type { LotFigure } from './lotFigures';
import type { LotRecord } from './lotRecord';

/** Where one field of a component comes from. */
export interface ComponentOrigin {
  readonly field: string;
  /** `material`: from other lots of its material. */
  readonly origin: 'measured' | 'inferred' | 'material' | 'class' | 'label';
  /** What is wrong with the instruments that a measured one rests on. */
  readonly trouble?: CalibrationTrouble;
}

/** A lot ready for the blend desk. */
export interface LotComponent {
  /** Which lot it is: blends of one lot share what is not known of it. */
  readonly lotId: string;
  /** The material that it is of, by id: what the bench learns of it stays with it. */
  readonly materialId: string;
  /** Without its volume, which the recipe gives. */
  readonly component: Omit<BlendComponent, 'volume'>;
  /** How uncertain each figure is. */
  readonly errors: ComponentErrors;
  /** Settled volume to a loose litre; 1 where no run says. */
  readonly settledPerLoose: number;
  readonly origins: readonly ComponentOrigin[];
  readonly notes: readonly string[];
  readonly facts: LotFacts;
}

const CURVE_ORIGIN = { fitted: 'measured', inferred: 'inferred', class: 'class' } as const;

/** How far spread and softness of the grains may be off, one standard deviation: of a class, and of no class. */
const GRAINS_SD = Object.freeze({ spreadShare: 0.15, unknownSpreadShare: 0.6, unknownSoftness: 0.15 });

/**
 * What the blend desk knows of a lot: its own figures where it was tested, its class's where it was not.
 *
 * Undefined where neither a run nor a class says how it holds water. Volumes are in the state in which the lot was
 * measured: a loose litre is (1 - settling on wetting) settled litres, and the price is per settled litre.
 * Each figure is what its class and its readings say together; a class alone says it as wide as the class is.
 * pH by 1:5 in water and EC by 1:2 in water; values by other methods do not enter.
 */
export function componentOfLot(
  lot: LotRecord,
  figures: readonly LotFigure[],
  curve: LotCurve | undefined,
): LotComponent | undefined {
  const mediaClass = lot.materialClass === undefined ? undefined : findMediaClass(lot.materialClass);
  const find = (key: LotFigure['property']): LotFigure | undefined => figures.find((figure) => figure.property === key);
  if (curve === undefined) return undefined;
  const { readings } = curve;

  const origins: ComponentOrigin[] = [];
  const notes: string[] = [curve.note];
  if (isLikeness(lot.materialClass))
    notes.push('What it is, nobody can name: its figures are as wide as those of all that is like it.');
  const { kin } = readings;
  const told = (field: string, figure: LotFigure | undefined, byKin = false): void => {
    const unread = byKin ? 'material' : 'class';
    const origin = figure === undefined ? unread : figure.origin === 'label' ? 'label' : 'measured';
    const trouble = figure?.trouble;
    origins.push({ field, origin, ...(trouble === undefined ? {} : { trouble }) });
  };
  const isBodyOfKin = kin?.body !== undefined;
  origins.push({ field: 'retention', origin: isBodyOfKin ? 'material' : CURVE_ORIGIN[curve.kind] });
  told('dryBulkDensity_gcc', find('bulkDensity_gcc'), isBodyOfKin);

  const settling = find('shrinkage')?.summary.mean;
  const settledPerLoose = settling === undefined ? 1 : 1 - settling;
  if (settling === undefined) notes.push('Loose and settled volume are taken as equal: no run says how it settles.');

  const known = (key: Chemistry): number | undefined => {
    const value = valueOf(key, readings);
    if (value === undefined) return undefined;
    told(key, find(key), kin?.[key] !== undefined);
    return fromScale(key, value.x);
  };
  const pH = known('pH');
  const ec = known('ec_dSm');
  const buffer = known('buffer_meqPerLpH');
  const grain = grainsOf(mediaClass, curve, notes, find('grainSpread'));
  told('d50_mm', find('d50_mm'), isBodyOfKin);
  if (find('grainSpread') !== undefined) told('spread', find('grainSpread'));
  const price = find('pricePerL');
  if (price !== undefined) told('pricePerL', price);

  return {
    lotId: lot.id,
    materialId: lot.materialId,
    component: {
      name: lot.name,
      dryBulkDensity_gcc: curve.dryBulkDensity_gcc,
      retention: curve.retention,
      ...grain,
      ...(pH === undefined ? {} : { pH }),
      ...(buffer === undefined ? {} : { buffer_meqPerLpH: buffer }),
      ...(ec === undefined ? {} : { ec_dSm: ec }),
      ...(price === undefined ? {} : { pricePerL: price.summary.mean / settledPerLoose }),
    },
    errors: {
      readings,
      spread_se: (mediaClass === undefined ? GRAINS_SD.unknownSpreadShare : GRAINS_SD.spreadShare) * (grain.spread - 1),
      ...(mediaClass === undefined ? { softness_se: GRAINS_SD.unknownSoftness } : {}),
    },
    settledPerLoose,
    origins,
    notes,
    facts: lotFacts(lot, figures),
  };
}

function grainsOf(
  mediaClass: MediaClass | undefined,
  curve: LotCurve,
  notes: string[],
  sievedSpread: LotFigure | undefined,
): Pick<BlendComponent, 'interparticleVoid' | 'd50_mm' | 'spread' | 'softness'> & { readonly spread: number } {
  const { interparticleVoid, d50_mm } = curve;
  const { thetaS } = curve.retention;
  if (mediaClass === undefined) notes.push('Grain size is a guess: name its class, or sieve it, to replace it.');
  else if (interparticleVoid > thetaS + ROUNDING)
    notes.push('The class’s space between grains is more than all its pores; the porosity is used.');
  const { spread, softness } = mediaClass ?? unknownGrains();
  return {
    interparticleVoid: Math.min(interparticleVoid, thetaS),
    d50_mm,
    spread: sievedSpread === undefined ? spread : Math.max(1, sievedSpread.summary.mean),
    softness,
  };
}

/** A void that is the porosity, as of a sand, may miss it by this. */
const ROUNDING = 1e-9;
