import { CoreError, type Check } from '../errors';
import { kitchen } from '../kitchen';
import { porosity, spreadChecks, type PorosityFigures } from '../porosity';
import { property, type PropertyKey } from '../properties';
import { replicates, type Summary } from '../statistics';
import { pickAt, type Source, type Working } from '../workings';
import { earlyAirOf, porosityInputOf, sheetChecks } from './porosityRun';
import { Sheet } from './reading';
import { replicateName, runVesselVolume_mL, type RunRecord } from './runRecord';

/** One value of one replicate, with its working where it was computed. */
export interface ReplicateValue {
  readonly replicate: number;
  readonly value: number;
  readonly excluded?: string;
  readonly working?: Working;
}

/** One property of a run: every replicate's value and the summary of those that count. */
export interface RunProperty {
  readonly property: PropertyKey;
  readonly values: readonly ReplicateValue[];
  readonly summary?: Summary;
  readonly working?: Working;
}

export interface RunResult {
  readonly properties: readonly RunProperty[];
  readonly checks: readonly Check[];
}

const POROSITY_PROPERTIES = [
  'totalPorosity',
  'containerCapacity',
  'airSpace',
  'bulkDensity_gcc',
  'particleDensity_gcc',
  'gravimetricWater_gg',
  'asReceivedMoisture',
  'shrinkage',
] as const satisfies readonly PropertyKey[];

/**
 * Results of a run from its readings as they stand, complete or not.
 *
 * A replicate whose readings do not suffice yet has no values; one whose readings contradict each other has a fault
 * check with the sentence. Excluded replicates keep their values and leave the summaries. Air space alone is given as
 * soon as a replicate is drained, before it is dried.
 */
export function reduceRun(run: RunRecord): RunResult {
  const sheet = new Sheet(run.readings);
  const checks: Check[] = sheet.undecided.map((cell) => ({
    code: 'two-readings',
    severity: 'fault',
    message: `Two readings stand in one cell: ${cell.standing.map((r) => String(r.value)).join(' and ')}. Correct one of them with a reason.`,
    replicate: cell.standing[0]?.replicate as number,
  }));
  switch (run.protocol.reduction) {
    case 'porosity':
      return reducePorosity(run, sheet, checks);
    case 'kitchen':
      return reduceKitchen(run, sheet, checks);
    case 'pH':
      return withPenChecks(reduceSingle(run, sheet, 'pH', 'pH', checks));
    case 'ec_dSm':
      return reduceSingle(run, sheet, 'ec_dSm', 'ec', checks);
    case 'bagVolume_L':
      return reduceSingle(run, sheet, 'bagVolume_L', 'volume', checks);
  }
}

const PEN_CHECKS: readonly Check[] = [
  {
    code: 'calibration-missing',
    severity: 'caution',
    message: 'No calibration of the pen is on record for this run.',
  },
];

/** A pH without a calibration on record says so, as soon as there is one to speak of. */
function withPenChecks(result: RunResult): RunResult {
  return result.properties.length === 0 ? result : { ...result, checks: [...result.checks, ...PEN_CHECKS] };
}

function replicateIndices(run: RunRecord): number[] {
  return Array.from({ length: run.replicateCount }, (_, i) => i);
}

function summarised(
  run: RunRecord,
  key: PropertyKey,
  values: readonly Omit<ReplicateValue, 'excluded'>[],
): RunProperty {
  const marked = values.map((value): ReplicateValue => {
    const exclusion = run.exclusions.find((one) => one.replicate === value.replicate);
    return exclusion === undefined ? value : { ...value, excluded: exclusion.reason };
  });
  const counted = marked.filter((value) => value.excluded === undefined);
  if (counted.length === 0) return { property: key, values: marked };
  const { floor, unit } = property(key);
  const input = { values: counted.map((value) => value.value), ...(floor === undefined ? {} : { floor }) };
  const from: Source[] = marked.map((value) => ({
    label: replicateName(value.replicate),
    value: value.value,
    unit,
    ...(value.working === undefined ? {} : { working: value.working }),
    ...(value.excluded === undefined ? {} : { struck: value.excluded }),
  }));
  const working: Working = { text: 'replicates.mean', calc: 'replicates', input, pick: 'summary.mean', from };
  return { property: key, values: marked, summary: replicates(input).summary, working };
}

/** Runs a reduction and turns a refusal into a fault of that replicate, in the same sentence. */
function attempt<T>(replicate: number, checks: Check[], reduce: () => T): T | undefined {
  try {
    return reduce();
  } catch (error) {
    if (!(error instanceof CoreError)) throw error;
    const sentence = error.message.slice(error.message.indexOf(': ') + 2);
    checks.push({
      code: 'refused',
      severity: 'fault',
      message: `${replicateName(replicate)}: ${sentence}.`,
      replicate,
    });
    return undefined;
  }
}

function reducePorosity(run: RunRecord, sheet: Sheet, checks: Check[]): RunResult {
  const byProperty = new Map<PropertyKey, Omit<ReplicateValue, 'excluded'>[]>();
  const add = (key: PropertyKey, value: Omit<ReplicateValue, 'excluded'>): void => {
    byProperty.set(key, [...(byProperty.get(key) ?? []), value]);
  };
  const counted: PorosityFigures[] = [];
  for (const replicate of replicateIndices(run)) {
    const excluded = run.exclusions.some((one) => one.replicate === replicate);
    checks.push(...sheetChecks(run, sheet, replicate));
    const early = earlyAirOf(run, sheet, replicate);
    const input = porosityInputOf(run, sheet, replicate);
    if (input === undefined) {
      if (early !== undefined) add('airSpace', { replicate, value: early });
      continue;
    }
    const result = attempt(replicate, checks, () => porosity(input));
    if (result === undefined) continue;
    const figures = result.replicates[0] as PorosityFigures;
    if (!excluded) {
      counted.push(figures);
      checks.push(
        ...result.checks
          .filter((c) => c.replicate !== undefined)
          .map((c) => ({ ...c, message: renamed(c.message, replicate), replicate })),
      );
    }
    for (const key of POROSITY_PROPERTIES) {
      const pick = `replicates[0].${key}`;
      const value = pickAt(result, pick);
      if (typeof value !== 'number') continue;
      add(key, { replicate, value, working: { text: `porosity.${key}`, calc: 'porosity', input, pick } });
    }
  }
  if (counted.length > 1 || (counted.length === 1 && run.finishedAt !== undefined))
    checks.push(...spreadChecks(counted));
  return { properties: [...byProperty].map(([key, values]) => summarised(run, key, values)), checks };
}

/** Each replicate is reduced alone, so the core calls it A; the sheet knows its letter. */
function renamed(message: string, replicate: number): string {
  return message.replace(/\bA\b/, replicateName(replicate));
}

function reduceKitchen(run: RunRecord, sheet: Sheet, checks: Check[]): RunResult {
  const air: Omit<ReplicateValue, 'excluded'>[] = [];
  const held: Omit<ReplicateValue, 'excluded'>[] = [];
  for (const replicate of replicateIndices(run)) {
    const vessel = run.vessels[replicate];
    const volume = vessel === undefined ? undefined : runVesselVolume_mL(vessel);
    const added = sheet.value(replicate, 'added');
    const drained = sheet.value(replicate, 'collected');
    if (volume === undefined || added === undefined || drained === undefined) continue;
    const input = { vesselVolume_mL: volume, waterAdded_mL: added, drained_mL: drained };
    const result = attempt(replicate, checks, () => kitchen(input));
    if (result === undefined) continue;
    checks.push(
      ...result.checks.filter((check) => check.severity !== 'note').map((check) => ({ ...check, replicate })),
    );
    const working = (key: string): Working => ({ text: `kitchen.${key}`, calc: 'kitchen', input, pick: key });
    air.push({ replicate, value: result.airSpace, working: working('airSpace') });
    held.push({ replicate, value: result.capacityAtLeast, working: working('capacityAtLeast') });
  }
  if (air.length === 0) return { properties: [], checks };
  return { properties: [summarised(run, 'airSpace', air), summarised(run, 'capacityAtLeast', held)], checks };
}

function reduceSingle(
  run: RunRecord,
  sheet: Sheet,
  key: PropertyKey,
  step: string,
  checks: readonly Check[],
): RunResult {
  const values = replicateIndices(run)
    .map((replicate) => ({ replicate, value: sheet.value(replicate, step) }))
    .filter((one): one is { replicate: number; value: number } => one.value !== undefined);
  if (values.length === 0) return { properties: [], checks };
  const result = summarised(run, key, values);
  const remarks = result.working === undefined ? [] : replicates(result.working.input as { values: number[] }).checks;
  return { properties: [result], checks: [...checks, ...remarks] };
}
