import type { ComponentErrors } from '../bands';
import type { BlendComponent } from '../blend';
import { findMediaClass, isLikeness, type MediaClass } from '../classes';
import type { CalibrationTrouble } from '../instruments';
import { errorsOfLot } from './errorsOfLot';
import type { LotCurve } from './lotCurve';
import { lotFacts, type LotFacts } from './lotFacts';
import type { LotFigure } from './lotFigures';
import type { LotRecord } from './lotRecord';

/** Where one field of a component comes from. */
export interface ComponentOrigin {
  readonly field: string;
  readonly origin: 'measured' | 'inferred' | 'class' | 'label';
  /** What is wrong with the instruments that a measured one rests on. */
  readonly trouble?: CalibrationTrouble;
}

/** A lot ready for the blend desk. */
export interface LotComponent {
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

/** Single-grain media: no pores inside the grains, so the measured porosity is the space between them. */
const SINGLE_GRAIN = new Set(['sand-coarse', 'sand-fine', 'grit']);

const CURVE_ORIGIN = { fitted: 'measured', inferred: 'inferred', class: 'class' } as const;

/** Grain size and spread where no class is named: a middling crumb. */
export const UNKNOWN_GRAINS = Object.freeze({ interparticleVoid: 0.45, d50_mm: 2, spread: 2.5, softness: 0 });

/**
 * What the blend desk knows of a lot: its own figures where it was tested, its class's where it was not.
 *
 * Undefined where neither a run nor a class says how it holds water. Volumes are in the state in which the lot was
 * measured: a loose litre is (1 - settling on wetting) settled litres, and the price is per settled litre.
 * pH by 1:5 in water and EC by 1:2 in water; values by other methods do not enter.
 */
export function componentOfLot(
  lot: LotRecord,
  figures: readonly LotFigure[],
  curve: LotCurve | undefined,
): LotComponent | undefined {
  const mediaClass = lot.materialClass === undefined ? undefined : findMediaClass(lot.materialClass);
  const find = (key: LotFigure['property']): LotFigure | undefined => figures.find((figure) => figure.property === key);
  const density = find('bulkDensity_gcc')?.summary.mean ?? mediaClass?.dryBulkDensity_gcc.typical;
  if (curve === undefined || density === undefined) return undefined;

  const origins: ComponentOrigin[] = [];
  const notes: string[] = [curve.note];
  if (isLikeness(lot.materialClass))
    notes.push('What it is, nobody can name: its figures are as wide as those of all that is like it.');
  const told = (field: string, figure: LotFigure | undefined): void => {
    const origin = figure === undefined ? 'class' : figure.origin === 'label' ? 'label' : 'measured';
    const trouble = figure?.trouble;
    origins.push({ field, origin, ...(trouble === undefined ? {} : { trouble }) });
  };
  origins.push({ field: 'retention', origin: CURVE_ORIGIN[curve.kind] });
  told('dryBulkDensity_gcc', find('bulkDensity_gcc'));

  const settling = find('shrinkage')?.summary.mean;
  const settledPerLoose = settling === undefined ? 1 : 1 - settling;
  if (settling === undefined) notes.push('Loose and settled volume are taken as equal: no run says how it settles.');

  const pH = find('pH')?.summary.mean ?? mediaClass?.pH_1to5_water.typical;
  if (pH !== undefined) told('pH', find('pH'));
  const ec = find('ec_dSm')?.summary.mean ?? mediaClass?.ec_1to2_dSm.typical;
  if (ec !== undefined) told('ec_dSm', find('ec_dSm'));
  const buffer = find('buffer_meqPerLpH')?.summary.mean ?? mediaClass?.buffer_meqPerLpH.typical;
  if (buffer !== undefined) told('buffer_meqPerLpH', find('buffer_meqPerLpH'));
  const price = find('pricePerL');
  if (price !== undefined) told('pricePerL', price);

  return {
    materialId: lot.materialId,
    component: {
      name: lot.name,
      dryBulkDensity_gcc: density,
      retention: curve.retention,
      ...grains(mediaClass, curve, notes),
      ...sieved(find('d50_mm'), find('grainSpread'), told),
      ...(pH === undefined ? {} : { pH }),
      ...(buffer === undefined ? {} : { buffer_meqPerLpH: buffer }),
      ...(ec === undefined ? {} : { ec_dSm: ec }),
      ...(price === undefined ? {} : { pricePerL: price.summary.mean / settledPerLoose }),
    },
    errors: errorsOfLot(lot, figures, curve),
    settledPerLoose,
    origins,
    notes,
    facts: lotFacts(lot, figures),
  };
}

function grains(
  mediaClass: MediaClass | undefined,
  curve: LotCurve,
  notes: string[],
): Pick<BlendComponent, 'interparticleVoid' | 'd50_mm' | 'spread' | 'softness'> {
  const { thetaS } = curve.retention;
  if (mediaClass === undefined) {
    notes.push('Grain size is a guess: name its class to replace it.');
    return { ...UNKNOWN_GRAINS, interparticleVoid: Math.min(UNKNOWN_GRAINS.interparticleVoid, thetaS) };
  }
  const typical = SINGLE_GRAIN.has(mediaClass.id) ? thetaS : mediaClass.interparticleVoid.typical;
  if (typical > thetaS)
    notes.push('The class’s space between grains is more than all its pores; the porosity is used.');
  return {
    interparticleVoid: Math.min(typical, thetaS),
    d50_mm: mediaClass.d50_mm.typical,
    spread: mediaClass.spread,
    softness: mediaClass.softness,
  };
}

/** Grain size and spread from the sieves, where both lie within the stack. */
function sieved(
  d50: LotFigure | undefined,
  spread: LotFigure | undefined,
  told: (field: string, figure: LotFigure | undefined) => void,
): Partial<Pick<BlendComponent, 'd50_mm' | 'spread'>> {
  told('d50_mm', d50);
  if (d50 === undefined) return {};
  if (spread === undefined) return { d50_mm: d50.summary.mean };
  told('spread', spread);
  return { d50_mm: d50.summary.mean, spread: Math.max(1, spread.summary.mean) };
}
