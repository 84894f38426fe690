import { findMediaClass } from '../classes';
import type { Check } from '../errors';
import type { PropertyKey } from '../properties';
import { reducerOf } from '../protocols';
import {
  isOneGrab,
  SAMPLE_LEAST_INCREMENTS,
  Sheet,
  type Protocol,
  type RunRecord,
  type RunResult,
  type Step,
} from '../sheets';
import { calibrationChecks, troubleOf } from './calibrationTrouble';
import { outlierChecks } from './outliers';
import { waitChecks } from './waited';

/** Steps that a property rests on: the one that it is read from, else all of the sheet. */
function stepsBehind({ steps, results }: Protocol, key: PropertyKey): readonly Step[] {
  const result = results?.find((one) => one.property === key);
  return result !== undefined && 'read' in result ? steps.filter((step) => step.key === result.read) : steps;
}

/** A sample of one grab, or of fewer places than top, middle and bottom, stands for little. */
function sampleChecks(run: RunRecord): Check[] {
  return [...incrementChecks(run), ...moistureChecks(run)];
}

/** A medium that sheds water was packed dry. */
function moistureChecks({ sample, materialClass, protocol }: RunRecord): Check[] {
  const mediaClass = materialClass === undefined ? undefined : findMediaClass(materialClass);
  if (sample === undefined || sample.moistened === true || protocol.reduction !== 'porosity') return [];
  if (mediaClass?.moistenFirst !== true) return [];
  const message = `${mediaClass.label} sheds water until it is moist: moisten it, close it overnight, then pack. Packed dry, it holds less than it can.`;
  return [{ code: 'not-moistened', severity: 'note', message }];
}

function incrementChecks({ sample }: RunRecord): Check[] {
  if (sample === undefined || sample.increments >= SAMPLE_LEAST_INCREMENTS) return [];
  const message = isOneGrab(sample)
    ? `One grab from the ${sample.from}: the result stands for that grab. Three increments or more, mixed, stand for the ${sample.from}.`
    : `Two increments from the ${sample.from} miss one of top, middle and bottom; take three or more.`;
  return [{ code: 'few-increments', severity: 'note', message }];
}

/**
 * Results of a run from its readings as they stand, complete or not.
 *
 * A replicate whose readings do not suffice yet has no values; one whose readings contradict each other has a fault
 * check with the sentence. Excluded replicates keep their values and leave the summaries. Air space alone is given as
 * soon as a replicate is drained, before it is dried.
 */
export function reduceRun(run: RunRecord): RunResult {
  const sheet = new Sheet(run.readings);
  const undecided = sheet.undecided.map((cell): Check => ({
    code: 'two-readings',
    severity: 'fault',
    message: `Two readings stand in one cell: ${cell.standing.map((r) => String(r.value)).join(' and ')}. Say which of them counts.`,
    replicate: cell.standing[0]?.replicate as number,
  }));
  const { properties, checks } = reducerOf(run.protocol)(run, sheet);
  return {
    properties: properties.map((one) => {
      const trouble = troubleOf(run, sheet, stepsBehind(run.protocol, one.property));
      return trouble === undefined ? one : { ...one, trouble };
    }),
    checks: [
      ...undecided,
      ...sampleChecks(run),
      ...waitChecks(run, sheet),
      ...calibrationChecks(run, sheet),
      ...checks.filter(({ code }) => code !== 'outlier'),
      ...outlierChecks(properties),
    ],
  };
}
