import { potOutlook, potOutlookMethod, USES, type PotOutlookInput } from '../outlook';
import { containerCapacity, thetaAt } from '../retention';
import { inPot } from '../lots';
import type { LotCard, LotCurve } from '../lots';
import type { Container } from '../vessel';
import type { Working } from '../method';
import type { PupilFigure } from './lesson';

export interface BenchValue {
  /** In the figure's own unit. */
  readonly value: number;
  /** 95 % interval, where it was measured more than once. */
  readonly band?: readonly [number, number];
  /** How it was had. */
  readonly how: string;
  readonly origin: 'measured' | 'worked-out' | 'label';
  readonly working?: Working;
}

/** Water and air follow the depth of the pot; the rest does not. */
const BY_DEPTH: Readonly<Record<string, 'air' | 'water'>> = { airSpace: 'air', containerCapacity: 'water' };

function atDepth(curve: LotCurve, key: 'air' | 'water', pot: Container): BenchValue {
  const found = inPot(curve, pot);
  return {
    value: found[key],
    how: `worked out for a pot of ${String(pot.height_cm)} cm from the bench’s curve`,
    origin: 'worked-out',
    working: found.workings[key],
  };
}

/** The pot that all groups of a class use. */
export interface PotOfClass extends Container {
  readonly volume_mL: number;
}

/** Suction up to which a plant takes water with ease, cm. */
const EASY_cm = 50;
/** Water used over a pot's top on mild days, mm. */
const MILD_mmPerD = USES.find(({ key }) => key === 'mild')?.mmPerD ?? 0;

/** Days until the easily available water of the filled pot is used. */
function daysIn({ curve, figures }: LotCard, pot: PotOfClass): BenchValue | undefined {
  const density = figures.find(({ property }) => property === 'bulkDensity_gcc')?.summary.mean;
  if (curve === undefined || curve.kind === 'class' || density === undefined) return undefined;
  const { volume_mL, ...container } = pot;
  const { water } = containerCapacity({ retention: curve.retention, container });
  const input: PotOutlookInput = {
    container,
    volume_L: volume_mL / 1000,
    fill: 1,
    bulkDensity_gcc: density,
    water,
    waterAtEasy: thetaAt(curve.retention, EASY_cm),
    use_mmPerD: MILD_mmPerD,
  };
  return {
    value: potOutlook(input).days,
    how: `worked out for that pot on mild days, ${String(MILD_mmPerD)} mm a day`,
    origin: 'worked-out',
    working: potOutlookMethod.working('days', input),
  };
}

/**
 * What the bench found of the same lot: its own measure, or, for air and water, what its curve gives in the class's pot.
 * Undefined where the bench never measured it.
 */
export function benchSays(card: LotCard, figure: PupilFigure, pot: PotOfClass | undefined): BenchValue | undefined {
  if (figure.bench === undefined) return undefined;
  if (figure.bench === 'days') return pot === undefined ? undefined : daysIn(card, pot);
  const times = figure.times ?? 1;
  const byDepth = BY_DEPTH[figure.bench];
  if (byDepth !== undefined && pot !== undefined && card.curve !== undefined && card.curve.kind !== 'class') {
    const { volume_mL: _, ...container } = pot;
    const told = atDepth(card.curve, byDepth, container);
    return { ...told, value: times * told.value };
  }
  const measured = card.figures.find(({ property }) => property === figure.bench);
  if (measured === undefined) return undefined;
  const { mean, ci95 } = measured.summary;
  return {
    value: times * mean,
    ...(ci95 === undefined ? {} : { band: [times * ci95[0], times * ci95[1]] as const }),
    how: measured.method,
    origin: measured.origin,
    working: measured.working,
  };
}
