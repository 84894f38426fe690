import { said } from '../errors';
import type { Check } from '../errors';
import { replicateName, volumeOfReplicate_mL, type Reading, type RunRecord } from '../sheets';
import { reduceRun } from './reduceRun';

/** What a sheet says that cannot be; two readings in one cell are for a person to decide. */
const faultsOf = (run: RunRecord): readonly Check[] =>
  reduceRun(run).checks.filter(({ code, severity }) => severity === 'fault' && code !== 'two-readings');

/** More water than the vessel itself is large. */
function overVessel(run: RunRecord, { replicate, step: key, value }: Reading): string | undefined {
  const step = run.protocol.steps.find((one) => one.key === key);
  if (!run.protocol.usesVessel || step?.kind !== 'volume' || step.unit !== 'mL') return undefined;
  const volume_mL = volumeOfReplicate_mL(run, replicate);
  if (volume_mL === undefined || value <= volume_mL) return undefined;
  return `${said(value)} mL is more than the whole of ${replicateName(replicate)}, ${String(Math.round(volume_mL))} mL.`;
}

/**
 * Why a reading cannot be true beside the others of its sheet, as one sentence: asked before it is kept. Undefined where
 * nothing speaks against it, or where its replicate was impossible before.
 */
export function contradicts(run: RunRecord, reading: Reading): string | undefined {
  // What a pen's mV mean is told by its calibration, which a reading has once it is kept.
  if (reading.mVTemp_C !== undefined) return undefined;
  const over = overVessel(run, reading);
  if (over !== undefined) return over;
  const before = new Set(faultsOf(run).map(({ replicate }) => replicate));
  const after = faultsOf({ ...run, readings: [...run.readings, reading] });
  return after.find(({ replicate }) => !before.has(replicate))?.message;
}
