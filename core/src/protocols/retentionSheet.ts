import { waterFraction } from '../porosity';
import { retentionFitMethod, type RetentionObservation } from '../retention';
import { byMethod, volumeOfReplicate_mL, type RunRecord, type Sheet } from '../sheets';
import { waterDensity } from '../water';

/** Least observations of a curve: as many as it has parameters. */
const LEAST_OF_FIT = 4;

/** A ring of known volume and height. */
interface Ring {
  readonly volume_mL: number;
  readonly height_cm: number;
  readonly density_gmL: number;
}

function ringOf(run: RunRecord, sheet: Sheet, replicate: number): Ring | undefined {
  const volume_mL = volumeOfReplicate_mL(run, replicate);
  const height_cm = run.vessels[replicate]?.height_cm;
  if (volume_mL === undefined || height_cm === undefined) return undefined;
  return { volume_mL, height_cm, density_gmL: waterDensity(sheet.value(0, 'waterTemp') ?? 20) };
}

/** Weighings of one ring on the table, one suction after the other; undefined until it is dried. */
function pointsOf(run: RunRecord, sheet: Sheet, replicate: number, ring: Ring): RetentionObservation[] | undefined {
  const [tare, tray, dry] = ['tare', 'dryTray', 'dry'].map((step) => sheet.value(replicate, step));
  if (tare === undefined || tray === undefined || dry === undefined) return undefined;
  return run.protocol.steps.flatMap(({ key, suction_cm }): RetentionObservation[] => {
    const mass = sheet.value(replicate, key);
    if (suction_cm === undefined || mass === undefined) return [];
    const theta = waterFraction(mass - tare - (dry - tray), ring.density_gmL, ring.volume_mL);
    // Soaked, the ring stands full; on the table suction is to its middle.
    return [
      { kind: 'point', head_cm: suction_cm, theta, ...(suction_cm === 0 ? {} : { ringHeight_cm: ring.height_cm }) },
    ];
  });
}

/** Rings of a drained stack, each between its heights; those that are weighed wet and dry. */
function slicesOf(run: RunRecord, sheet: Sheet, replicate: number, ring: Ring): RetentionObservation[] {
  return run.protocol.steps.flatMap((step): RetentionObservation[] => {
    if (step.ring === undefined) return [];
    const wet = sheet.value(replicate, step.key);
    const dry = sheet.value(replicate, step.ring.driedAs);
    if (wet === undefined || dry === undefined) return [];
    const to_cm = step.ring.place * ring.height_cm;
    const theta = waterFraction(wet - dry, ring.density_gmL, ring.volume_mL);
    return [{ kind: 'slice', from_cm: to_cm - ring.height_cm, to_cm, theta }];
  });
}

/** What a replicate tells of the water curve: rings on a suction table, or rings of a drained stack. */
export function retentionObservationsOf(
  run: RunRecord,
  sheet: Sheet,
  replicate: number,
): RetentionObservation[] | undefined {
  const ring = ringOf(run, sheet, replicate);
  if (ring === undefined) return undefined;
  const stacked = run.protocol.steps.some((step) => step.ring !== undefined);
  return stacked ? slicesOf(run, sheet, replicate, ring) : pointsOf(run, sheet, replicate, ring);
}

/** Van Genuchten's curve of each replicate, from its rings. */
export const reduceRetention = byMethod(retentionFitMethod, {
  inputOf: (run, sheet, replicate) => {
    const observations = retentionObservationsOf(run, sheet, replicate);
    return observations === undefined || observations.length < LEAST_OF_FIT ? undefined : { observations };
  },
});
