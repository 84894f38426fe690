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

/**
 * What the bench found of the same lot: its own measure, or, for air and water, what its curve gives in the class's pot.
 * Undefined where the bench never measured it.
 */
export function benchSays(card: LotCard, figure: PupilFigure, pot: Container | undefined): BenchValue | undefined {
  if (figure.bench === undefined) return undefined;
  const times = figure.times ?? 1;
  const byDepth = BY_DEPTH[figure.bench];
  if (byDepth !== undefined && pot !== undefined && card.curve !== undefined && card.curve.kind !== 'class') {
    const told = atDepth(card.curve, byDepth, pot);
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
