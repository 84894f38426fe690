import { lotCurveMethod } from '../knowledge';
import { findMediaClass } from '../classes';
import { componentOfLot, type LotComponent } from './componentOfLot';
import { firmingLoss, type FirmingLoss } from './firmingLoss';
import { inPot } from './inPot';
import { lotCurve, type LotCurve } from './lotCurve';
import { lotFigures, type LotFigure } from './lotFigures';
import type { LotRecord } from './lotRecord';

/** The pail mark of a lot: solid, water and air in the container that the figures belong to. */
export interface PailFigures {
  readonly solid: number;
  readonly water: number;
  readonly air: number;
  readonly height_cm: number;
  /** Measured; its air alone, the water as its curve has it; as other lots of its material have it; as its class has it. */
  readonly kind: 'measured' | 'partly' | 'material' | 'class';
}

/** Something not known of the lot yet, and which run would give it. */
export interface MissingFigure {
  readonly what: string;
  readonly classSays?: string;
  readonly protocol: string;
}

export interface LotCard {
  readonly figures: readonly LotFigure[];
  readonly curve?: LotCurve;
  readonly component?: LotComponent;
  /** Air that harder packing took, where a pair of runs shows it. */
  readonly firming?: FirmingLoss;
  readonly pail?: PailFigures;
  readonly missing: readonly MissingFigure[];
}

/** How a card is put together from its runs; a change of what it says takes another version. */
export const CARD_METHOD = 'card@7';

/** Depth at which a class's pail is drawn, cm. */
export const CLASS_PAIL_HEIGHT_CM = 10;

/** Everything that a lot's card shows, from its runs and its class. */
export function lotCard(lot: LotRecord): LotCard {
  const measured = lotFigures(lot);
  const curve = lotCurve(lot, measured);
  const component = componentOfLot(lot, measured, curve);
  const firming = firmingLoss(measured);
  const easy = curve?.kind === 'inferred' ? easilyAvailable(curve, measured) : undefined;
  const pail = pailOf(lot, measured, curve);
  return {
    figures: easy === undefined ? measured : [...measured, easy],
    ...(curve === undefined ? {} : { curve }),
    ...(component === undefined ? {} : { component }),
    ...(firming === undefined ? {} : { firming }),
    ...(pail === undefined ? {} : { pail }),
    missing: missingOf(lot, measured),
  };
}

function easilyAvailable(curve: LotCurve, figures: readonly LotFigure[]): LotFigure {
  const capacity = figures.find((figure) => figure.property === 'containerCapacity');
  return {
    property: 'easilyAvailable',
    summary: { mean: curve.easilyAvailable.p50, n: 1 },
    origin: 'worked-out',
    method: 'curve, one depth',
    methodKey: 'curve',
    runs: capacity?.runs ?? [],
    working: lotCurveMethod.working(
      'easilyAvailable',
      curve.readings,
      curve.working === undefined
        ? {}
        : { from: [{ label: 'alpha', value: curve.retention.alpha_percm, unit: '/cm', working: curve.working }] },
    ),
  };
}

function pailOf(lot: LotRecord, figures: readonly LotFigure[], curve: LotCurve | undefined): PailFigures | undefined {
  const capacity = figures.find((figure) => figure.property === 'containerCapacity');
  const air = figures.find(
    ({ property, methodKey }) =>
      property === 'airSpace' && (capacity === undefined || methodKey === capacity.methodKey),
  );
  const run = lot.runs.find((one) => one.id === (capacity ?? air)?.runs[0]?.id);
  const height_cm = run?.vessels[0]?.height_cm;
  if (capacity !== undefined && air !== undefined && height_cm !== undefined) {
    const water = capacity.summary.mean;
    return { solid: 1 - water - air.summary.mean, water, air: air.summary.mean, height_cm, kind: 'measured' };
  }
  if (air !== undefined && height_cm !== undefined && curve !== undefined) {
    const [own, inCurve] = [air.summary.mean, inPot(curve, curve.vessel ?? { height_cm })];
    const water = Math.min(inCurve.water, 1 - own);
    return { solid: 1 - water - own, water, air: own, height_cm, kind: 'partly' };
  }
  if (curve?.readings.kin?.body !== undefined) {
    const { solid, water, air: there } = inPot(curve, { height_cm: CLASS_PAIL_HEIGHT_CM });
    return { solid, water, air: there, height_cm: CLASS_PAIL_HEIGHT_CM, kind: 'material' };
  }
  return lot.materialClass === undefined ? undefined : pailOfClass(lot.materialClass);
}

/** The pail that a class usually makes: parts of the volume of a drained 10 cm vessel; nothing for an unknown class. */
export function pailOfClass(classId: string): PailFigures | undefined {
  const mediaClass = findMediaClass(classId);
  if (mediaClass === undefined) return undefined;
  const { water, air } = mediaClass.inVessel10cm;
  return {
    solid: 1 - water.typical - air.typical,
    water: water.typical,
    air: air.typical,
    height_cm: CLASS_PAIL_HEIGHT_CM,
    kind: 'class',
  };
}

/** What is known of a pack's volume instead: a kilogram was opened and the pack's weight would do, or its label. */
function said(opened: boolean, label_L: number | undefined): { classSays?: string } {
  if (opened) return { classSays: 'a kilogram was opened: note what the pack weighs' };
  return label_L === undefined ? {} : { classSays: `label says ${String(label_L)} L` };
}

function missingOf(lot: LotRecord, figures: readonly LotFigure[]): MissingFigure[] {
  const mediaClass = lot.materialClass === undefined ? undefined : findMediaClass(lot.materialClass);
  const has = (key: LotFigure['property']): boolean => figures.some((figure) => figure.property === key);
  const says = (range: readonly [number, number] | undefined, unit: string): { classSays?: string } =>
    range === undefined ? {} : { classSays: `class says ${String(range[0])} to ${String(range[1])}${unit}` };
  const missing: MissingFigure[] = [];
  if (!has('containerCapacity')) {
    missing.push({
      what: 'Pores, water and air',
      protocol: 'saturate-drain-dry',
      ...says(mediaClass?.inVessel10cm.water.range, ' water'),
    });
  }
  if (!has('pH')) missing.push({ what: 'pH 1:5', protocol: 'ph-1to5', ...says(mediaClass?.pH_1to5_water.range, '') });
  if (!has('ec_dSm'))
    missing.push({ what: 'EC 1:2', protocol: 'ec-1to2', ...says(mediaClass?.ec_1to2_dSm.range, ' dS/m') });
  const opened = has('expansion_LperKg');
  if (lot.price !== undefined && !has('bagVolume_L') && !(opened && lot.packWeight_kg !== undefined))
    missing.push({ what: 'True volume', protocol: 'bag-volume', ...said(opened, lot.packVolume_L) });
  return missing;
}
