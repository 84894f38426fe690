import { retentionObservationsOf, settledDepth_cm } from '../protocols';
import type { RetentionObservation } from '../retention';
import { reduceRun } from '../runs';
import { countedReplicates, Sheet, type RunRecord } from '../sheets';
import { meanOf } from '../statistics';
import type { Container } from '../vessel';
import type { LotRecord } from './lotRecord';

/** What finished runs tell of a lot's water curve, by how it was looked at. */
export interface CurveObservations {
  readonly points: readonly RetentionObservation[];
  readonly slices: readonly RetentionObservation[];
  readonly columns: readonly RetentionObservation[];
}

/** Diameters this much alike, as a share, make a straight vessel: only there is a column's mean the vessel's. */
const STRAIGHT = 0.02;

function isStraight({ topDiameter_cm, baseDiameter_cm }: Container): boolean {
  if (topDiameter_cm === undefined || baseDiameter_cm === undefined) return true;
  return Math.abs(topDiameter_cm - baseDiameter_cm) <= STRAIGHT * topDiameter_cm;
}

/** Mean depth of the medium in the named vessels of a run, as it stood drained, cm. */
export function settledDepthOf(run: RunRecord, replicates: readonly number[]): number | undefined {
  const first = run.vessels[replicates[0] ?? 0];
  if (first === undefined) return undefined;
  const sheet = new Sheet(run.readings);
  const depths = replicates
    .map((replicate) => settledDepth_cm(sheet, replicate))
    .filter((depth) => depth !== undefined);
  return Math.min(depths.length === 0 ? first.height_cm : meanOf(depths), first.height_cm);
}

/** Container capacity of a run's straight vessels, one column for each depth among them. */
function columnsOf(run: RunRecord): RetentionObservation[] {
  const capacity = reduceRun(run).properties.find((one) => one.property === 'containerCapacity');
  const groups = new Map<number, number[]>();
  for (const replicate of countedReplicates(run)) {
    const vessel = run.vessels[replicate];
    if (vessel === undefined || !isStraight(vessel)) continue;
    groups.set(vessel.height_cm, [...(groups.get(vessel.height_cm) ?? []), replicate]);
  }
  return [...groups.values()].flatMap((replicates): RetentionObservation[] => {
    const thetas = (capacity?.values ?? [])
      .filter(({ replicate }) => replicates.includes(replicate))
      .map(({ value }) => value);
    const height_cm = settledDepthOf(run, replicates);
    return thetas.length === 0 || height_cm === undefined ? [] : [{ kind: 'column', height_cm, theta: meanOf(thetas) }];
  });
}

/** All observations of a lot: rings on a table, rings of a drained stack, drained straight vessels. */
export function curveObservations(lot: LotRecord): CurveObservations {
  const finished = lot.runs.filter((one) => one.finishedAt !== undefined);
  const rings = finished
    .filter(({ protocol }) => protocol.reduction === 'retention')
    .flatMap((run) => {
      const sheet = new Sheet(run.readings);
      return countedReplicates(run).flatMap((replicate) => retentionObservationsOf(run, sheet, replicate) ?? []);
    });
  return {
    points: rings.filter(({ kind }) => kind === 'point'),
    slices: rings.filter(({ kind }) => kind === 'slice'),
    columns: finished.filter(({ protocol }) => protocol.reduction === 'porosity').flatMap(columnsOf),
  };
}
