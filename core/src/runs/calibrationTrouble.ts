import type { Check } from '../errors';
import { worstTrouble, type CalibrationTrouble } from '../instruments';
import type { Reading, RunRecord, Sheet, Step } from '../sheets';

const MISSING: Readonly<Partial<Record<Step['kind'], string>>> = {
  pH: 'No pH pen with a calibration is on record for this run.',
  ec: 'No EC meter with a check is on record for this run.',
};

/** What is wrong with the calibration of one reading; a scale that nobody named is not spoken of. */
function troubleOfReading(kind: Step['kind'], { stamp }: Reading): CalibrationTrouble | undefined {
  if (stamp === undefined) {
    const sentence = MISSING[kind];
    return sentence === undefined ? undefined : { state: 'missing', sentence };
  }
  return stamp.state === 'good' ? undefined : { state: stamp.state, sentence: stamp.sentence };
}

/** The worst calibration among the readings of some steps that count; undefined where all is well. */
export function troubleOf(run: RunRecord, sheet: Sheet, steps: readonly Step[]): CalibrationTrouble | undefined {
  const excluded = new Set(run.exclusions.map((exclusion) => exclusion.replicate));
  const replicates = Array.from({ length: run.replicateCount }, (_, i) => i).filter((i) => !excluded.has(i));
  return worstTrouble(
    steps.flatMap((step) =>
      replicates.map((replicate) => {
        const reading = sheet.reading(replicate, step.key);
        return reading === undefined ? undefined : troubleOfReading(step.kind, reading);
      }),
    ),
  );
}

/** Every distinct trouble of a sheet as a check: a failed calibration is a fault, any other a caution. */
export function calibrationChecks(run: RunRecord, sheet: Sheet): Check[] {
  const found = new Map<string, CalibrationTrouble>();
  for (const step of run.protocol.steps) {
    const trouble = troubleOf(run, sheet, [step]);
    if (trouble !== undefined) found.set(trouble.sentence, trouble);
  }
  return [...found.values()].map(({ state, sentence }) => ({
    code: `calibration-${state}`,
    severity: state === 'failed' ? 'fault' : 'caution',
    message: sentence,
  }));
}
