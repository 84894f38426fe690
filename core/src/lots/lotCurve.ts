import { findMediaClass, type MediaClass } from '../classes';
import { CoreError } from '../errors';
import { inferRetention, type Retention, type RetentionInferInput } from '../retention';
import { containerBelow, type Container } from '../vessel';
import type { Working } from '../workings';
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
  | { readonly kind: 'class'; readonly retention: Retention; readonly note: string };

/** Shape taken where no class is named: a middling curve, said so on the card. */
export const UNKNOWN_SHAPE = Object.freeze({ n: 2, residualShareOfCapacity: 0.8 });

/** Depth of the medium in the vessels of the newest porosity run: the container that its capacity belongs to. */
function vesselOf(lot: LotRecord, runId: string): Container | undefined {
  const run = lot.runs.find((one) => one.id === runId);
  const vessel = run?.vessels[0];
  if (run === undefined || vessel === undefined) return undefined;
  const depths = run.readings.filter((reading) => reading.step === 'drainedDepth').map((reading) => reading.value);
  const settled = depths.length === 0 ? vessel.height_cm : depths.reduce((a, b) => a + b, 0) / depths.length;
  return containerBelow(shapeOf(vessel), Math.min(settled, vessel.height_cm));
}

function shapeOf({ height_cm, topDiameter_cm, baseDiameter_cm }: Container): Container {
  return topDiameter_cm === undefined || baseDiameter_cm === undefined
    ? { height_cm }
    : { height_cm, topDiameter_cm, baseDiameter_cm };
}

/**
 * The water curve of a lot: inferred from its saturate-drain-dry run, else its class's, else undefined.
 *
 * n and theta_r are the class's; alpha is solved so that the mean over the vessel is the measured capacity. Where no
 * alpha fits, theta_r is 0.8 of the capacity, and the note says so. Without a class n is 2.
 */
export function lotCurve(lot: LotRecord, figures: readonly LotFigure[]): LotCurve | undefined {
  const mediaClass = lot.materialClass === undefined ? undefined : findMediaClass(lot.materialClass);
  const capacity = figures.find((figure) => figure.property === 'containerCapacity');
  const porosity = figures.find(
    (figure) => figure.property === 'totalPorosity' && figure.methodKey === capacity?.methodKey,
  );
  const vessel = capacity?.runs[0] === undefined ? undefined : vesselOf(lot, capacity.runs[0].id);
  if (capacity === undefined || porosity === undefined || vessel === undefined) {
    return mediaClass === undefined
      ? undefined
      : { kind: 'class', retention: mediaClass.retention, note: `Curve of the class ${mediaClass.label}, not measured.` };
  }
  return inferred(mediaClass, porosity, capacity, vessel);
}

function inferred(
  mediaClass: MediaClass | undefined,
  porosity: LotFigure,
  capacity: LotFigure,
  vessel: Container,
): LotCurve {
  const measured = { thetaS: porosity.summary.mean, capacity: capacity.summary.mean, container: vessel };
  const from = [
    { label: 'total porosity', value: measured.thetaS, unit: '', working: porosity.working },
    { label: 'container capacity', value: measured.capacity, unit: '', working: capacity.working },
  ];
  const solve = (thetaR: number, n: number, note: string): LotCurve => {
    const input = { ...measured, thetaR, n };
    const { retention } = inferRetention(input);
    const working: Working = { text: 'curve.alpha', calc: 'retention-infer', input, pick: 'retention.alpha_percm', from };
    return { kind: 'inferred', retention, input, vessel, note, working };
  };
  const fallback = (n: number, why: string): LotCurve => {
    const thetaR = UNKNOWN_SHAPE.residualShareOfCapacity * measured.capacity;
    return solve(thetaR, n, `Curve inferred from one depth; ${why}, so water that never drains is taken as 0.8 of the capacity.`);
  };
  if (mediaClass === undefined) return fallback(UNKNOWN_SHAPE.n, 'no class is named');
  try {
    return solve(mediaClass.retention.thetaR, mediaClass.retention.n, 'Curve inferred from one depth, its shape from the class.');
  } catch (error) {
    if (!(error instanceof CoreError) || error.path !== 'capacity') throw error;
    return fallback(mediaClass.retention.n, 'the class’s shape does not reach the measured capacity');
  }
}
