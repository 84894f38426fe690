import { findMediaClass, type MediaClass } from '../classes';
import { CoreError } from '../errors';
import { inferRetention, type Retention, type RetentionInferInput, retentionInferMethod } from '../retention';
import { countedReplicates } from '../sheets';
import { containerBelow, type Container } from '../vessel';
import type { Working } from '../method';
import { settledDepthOf } from './curveObservations';
import { fittedCurve, type FittedCurve } from './fittedCurve';
import type { LotFigure } from './lotFigures';
import type { LotRecord } from './lotRecord';

/** Where a lot's curve comes from. */
export type LotCurve =
  | {
      readonly kind: 'inferred';
      readonly retention: Retention;
      readonly input: RetentionInferInput;
      readonly vessel: Container;
      readonly note: string;
      readonly working: Working;
    }
  | FittedCurve
  | { readonly kind: 'class'; readonly retention: Retention; readonly note: string };

/** Shape taken where no class is named: a middling curve, said so on the card. */
export const UNKNOWN_SHAPE = Object.freeze({ n: 2, residualShareOfCapacity: 0.8, steeperN: [2.5, 3, 4, 6, 10] });

/** Depth of the medium in the vessels of the newest porosity run: the container that its capacity belongs to. */
function vesselOf(lot: LotRecord, runId: string): Container | undefined {
  const run = lot.runs.find((one) => one.id === runId);
  const vessel = run?.vessels[0];
  if (run === undefined || vessel === undefined) return undefined;
  const settled = settledDepthOf(run, countedReplicates(run)) ?? vessel.height_cm;
  return containerBelow(shapeOf(vessel), Math.min(settled, vessel.height_cm));
}

function shapeOf({ height_cm, topDiameter_cm, baseDiameter_cm }: Container): Container {
  return topDiameter_cm === undefined || baseDiameter_cm === undefined
    ? { height_cm }
    : { height_cm, topDiameter_cm, baseDiameter_cm };
}

/**
 * The water curve of a lot: fitted where more than one place of it was seen, else inferred from its saturate-drain-dry run, else
 * its class's, else undefined.
 *
 * Inferred: n and theta_r are the class's; alpha is solved so that the mean over the vessel is the measured capacity.
 * Where no alpha fits, theta_r is 0.8 of the capacity, then steeper curves are tried, and the note says so. Without a
 * class n is 2. A capacity that no curve reaches leaves the class's curve, with a note, so that one odd run hides
 * nothing.
 */
export function lotCurve(lot: LotRecord, figures: readonly LotFigure[]): LotCurve | undefined {
  const mediaClass = lot.materialClass === undefined ? undefined : findMediaClass(lot.materialClass);
  const fitted = fittedCurve(lot, figures, mediaClass);
  if (fitted !== undefined) return fitted;
  const capacity = figures.find((figure) => figure.property === 'containerCapacity');
  const porosity = figures.find(
    (figure) => figure.property === 'totalPorosity' && figure.methodKey === capacity?.methodKey,
  );
  const vessel = capacity?.runs[0] === undefined ? undefined : vesselOf(lot, capacity.runs[0].id);
  if (capacity === undefined || porosity === undefined || vessel === undefined) {
    return classCurve(mediaClass, (label) => `Curve of the class ${label}, not measured.`);
  }
  const measured = { porosity, capacity, vessel };
  for (const shape of shapes(mediaClass, capacity.summary.mean)) {
    const curve = solved(measured, shape);
    if (curve !== undefined) return curve;
  }
  return classCurve(mediaClass, (label) => `No curve reaches the measured capacity; the one of ${label} is used.`);
}

function classCurve(mediaClass: MediaClass | undefined, note: (label: string) => string): LotCurve | undefined {
  if (mediaClass === undefined) return undefined;
  return { kind: 'class', retention: mediaClass.retention, note: note(mediaClass.label) };
}

interface Shape {
  readonly thetaR: number;
  readonly n: number;
  readonly note: string;
}

/** Shapes to try, in this order; each says on the card why it was taken. */
function shapes(mediaClass: MediaClass | undefined, capacity: number): Shape[] {
  const thetaR = UNKNOWN_SHAPE.residualShareOfCapacity * capacity;
  const { n } = mediaClass?.retention ?? UNKNOWN_SHAPE;
  const why = mediaClass === undefined ? 'no class is named' : 'the class’s shape does not reach the measured capacity';
  const residual = `Curve inferred from one depth; ${why}, so water that never drains is taken as 0.8 of the capacity`;
  const own =
    mediaClass === undefined
      ? []
      : [{ ...mediaClass.retention, note: 'Curve inferred from one depth, its shape from the class.' }];
  const steeper = UNKNOWN_SHAPE.steeperN.filter((steep) => steep > n);
  return [
    ...own,
    { thetaR, n, note: `${residual}.` },
    ...steeper.map((steep) => ({
      thetaR,
      n: steep,
      note: `${residual}, and the curve is made steeper (n ${String(steep)}).`,
    })),
  ];
}

function solved(
  { porosity, capacity, vessel }: { porosity: LotFigure; capacity: LotFigure; vessel: Container },
  { thetaR, n, note }: Shape,
): LotCurve | undefined {
  const input = { thetaS: porosity.summary.mean, capacity: capacity.summary.mean, container: vessel, thetaR, n };
  const from = [
    { label: 'total porosity', value: input.thetaS, unit: '', working: porosity.working },
    { label: 'container capacity', value: input.capacity, unit: '', working: capacity.working },
  ];
  try {
    const { retention } = inferRetention(input);
    const working = retentionInferMethod.working('alpha', input, { from });
    return { kind: 'inferred', retention, input, vessel, note, working };
  } catch (error) {
    if (error instanceof CoreError) return undefined;
    throw error;
  }
}
