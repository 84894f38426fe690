import { findMediaClass } from '../classes';
import { drainage, type DrainReading } from '../drainage';
import type { Check } from '../errors';
import { waterDensity, waterViscosity } from '../water';
import type { Sheet } from './reading';
import { byCalc } from './reducer';
import { correctedValue } from './reduceSingle';
import { replicateName, volumeOfReplicate_mL, type RunRecord } from './runRecord';

/** Kitchen form: water in, water out. */
export const reduceKitchen = byCalc({
  calc: 'kitchen',
  inputOf: (run, sheet, replicate) => {
    const vesselVolume_mL = volumeOfReplicate_mL(run, replicate);
    const waterAdded_mL = sheet.value(replicate, 'added');
    const drained_mL = sheet.value(replicate, 'collected');
    if (vesselVolume_mL === undefined || waterAdded_mL === undefined || drained_mL === undefined) return undefined;
    return { vesselVolume_mL, waterAdded_mL, drained_mL };
  },
  picks: [
    { property: 'airSpace', pick: 'airSpace', text: 'kitchen.airSpace' },
    { property: 'capacityAtLeast', pick: 'capacityAtLeast', text: 'kitchen.capacityAtLeast' },
  ],
});

/** A stack of sieves: which step is which mesh stands in the protocol. */
export const reduceSieve = byCalc({
  calc: 'sieve',
  inputOf: (run, sheet, replicate) => {
    const sample_g = sheet.value(replicate, 'sample');
    const sieves = run.protocol.steps.flatMap(({ key, opening_mm }) => {
      const retained_g = sheet.value(replicate, key);
      return opening_mm === undefined || retained_g === undefined ? [] : [{ opening_mm, retained_g }];
    });
    const meshes = run.protocol.steps.filter(({ opening_mm }) => opening_mm !== undefined).length;
    return sample_g === undefined || sieves.length < meshes ? undefined : { sample_g, sieves };
  },
  picks: [
    { property: 'd50_mm', pick: 'd50_mm', text: 'sieve.d50_mm' },
    { property: 'grainSpread', pick: 'spread', text: 'sieve.spread' },
    { property: 'fines', pick: 'fines', text: 'sieve.fines' },
  ],
});

/** Least readings of a curve with three parameters. */
const LEAST_OF_CURVE = 3;

function drainReadings(run: RunRecord, sheet: Sheet, replicate: number): DrainReading[] | undefined {
  const readings = run.protocol.steps.flatMap(({ key, at_s }) => {
    const drained_mL = sheet.value(replicate, key);
    return at_s === undefined || drained_mL === undefined ? [] : [{ t_s: at_s, drained_mL }];
  });
  return readings.length < LEAST_OF_CURVE ? undefined : readings;
}

/** A medium that takes less than this many times as long as its empty vessel is held back by the holes. */
const HOLES_SET_THE_PACE = 3;

function drainRemarks(run: RunRecord, sheet: Sheet, replicate: number): Check[] {
  const empty = sheet.value(0, 'emptyT90');
  const readings = drainReadings(run, sheet, replicate);
  if (empty === undefined || readings === undefined) return [];
  const { t90_s } = drainage({ readings });
  if (t90_s >= HOLES_SET_THE_PACE * empty) return [];
  const message = `${replicateName(replicate)} drained in ${t90_s.toFixed(0)} s, under three times the ${String(empty)} s of its empty vessel: the holes set the pace.`;
  return [{ code: 'holes-set-the-pace', severity: 'caution', message, replicate }];
}

/** The drain curve: what ran out in all by the times that the protocol names. */
export const reduceDrainCurve = byCalc({
  calc: 'drainage',
  inputOf: (run, sheet, replicate) => {
    const readings = drainReadings(run, sheet, replicate);
    return readings === undefined ? undefined : { readings };
  },
  picks: [
    { property: 't50_s', pick: 't50_s', text: 'drainage.t50_s' },
    { property: 't90_s', pick: 't90_s', text: 'drainage.t90_s' },
  ],
  remarks: drainRemarks,
});

/** EC that a rinsed medium is asked to reach, dS/m, until a run can name its own. */
export const RINSE_TARGET_dSm = 0.5;

/** Rinsing: the EC of one drain after the other. */
export const reduceRinse = byCalc({
  calc: 'rinse',
  inputOf: (run, sheet, replicate) => {
    const readings_dSm: number[] = [];
    for (const { key } of run.protocol.steps) {
      const reading = sheet.value(replicate, key);
      // A gap ends the series: what comes after it is not the next drain.
      if (reading === undefined) break;
      readings_dSm.push(reading);
    }
    return readings_dSm.length < LEAST_OF_CURVE ? undefined : { readings_dSm, target_dSm: RINSE_TARGET_dSm };
  },
  picks: [
    { property: 'ecInf_dSm', pick: 'ecInf_dSm', text: 'rinse.ecInf_dSm' },
    { property: 'rinsesToTarget', pick: 'rinsesToTarget', text: 'rinse.rinsesToTarget' },
  ],
});

/** Cross-section of a round tube, cm2. */
const areaOf = (diameter_cm: number): number => (Math.PI * diameter_cm ** 2) / 4;

/** All the named readings of a replicate, or undefined while one is missing. */
function allOf<K extends string>(
  sheet: Sheet,
  replicate: number,
  steps: readonly K[],
): Readonly<Record<K, number>> | undefined {
  const found: Partial<Record<K, number>> = {};
  for (const step of steps) {
    const value = sheet.value(replicate, step);
    if (value === undefined) return undefined;
    found[step] = value;
  }
  return found as Record<K, number>;
}

const CONDUCTIVITY = [{ property: 'k20_cms', pick: 'k20_cms', text: 'conductivity.k20_cms' }] as const;

/** Grains times flux over kinematic viscosity, beyond which flow is no longer in step with the head. */
const DARCY_LIMIT = 1;

/** Whether the flow was still in step with the head, by the class's usual grain. */
function darcyRemarks(run: RunRecord, sheet: Sheet, replicate: number): Check[] {
  const read = allOf(sheet, replicate, ['diameter', 'collected', 'time']);
  const temp_C = sheet.value(0, 'waterTemp');
  const mediaClass = run.materialClass === undefined ? undefined : findMediaClass(run.materialClass);
  if (read === undefined || temp_C === undefined || mediaClass === undefined) return [];
  const flux_cms = read.collected / (areaOf(read.diameter) * read.time);
  // mPa s over g/mL is hundredths of cm2/s.
  const kinematic_cm2s = waterViscosity(temp_C) / 100 / waterDensity(temp_C);
  const reynolds = (flux_cms * mediaClass.d50_mm.typical) / 10 / kinematic_cm2s;
  if (reynolds <= DARCY_LIMIT) return [];
  const message = `${replicateName(replicate)} flows too fast for Darcy’s law (Reynolds number ${reynolds.toFixed(1)}, at most 1): lower the head.`;
  return [{ code: 'too-fast', severity: 'caution', message, replicate }];
}

/** Constant head: a steady flow caught in a jug. */
export const reduceConstantHead = byCalc({
  calc: 'conductivity',
  inputOf: (_run, sheet, replicate) => {
    const waterTemp_C = sheet.value(0, 'waterTemp');
    const read = allOf(sheet, replicate, ['length', 'diameter', 'head', 'collected', 'time']);
    if (read === undefined || waterTemp_C === undefined) return undefined;
    return {
      method: 'constant',
      volume_mL: read.collected,
      length_cm: read.length,
      area_cm2: areaOf(read.diameter),
      time_s: read.time,
      headDifference_cm: read.head,
      waterTemp_C,
    };
  },
  picks: CONDUCTIVITY,
  remarks: darcyRemarks,
});

/** Falling head: water sinking in a standpipe. */
export const reduceFallingHead = byCalc({
  calc: 'conductivity',
  inputOf: (_run, sheet, replicate) => {
    const waterTemp_C = sheet.value(0, 'waterTemp');
    const read = allOf(sheet, replicate, ['length', 'diameter', 'pipe', 'head1', 'head2', 'time']);
    if (read === undefined || waterTemp_C === undefined) return undefined;
    return {
      method: 'falling',
      tubeArea_cm2: areaOf(read.pipe),
      area_cm2: areaOf(read.diameter),
      length_cm: read.length,
      time_s: read.time,
      head1_cm: read.head1,
      head2_cm: read.head2,
      waterTemp_C,
    };
  },
  picks: CONDUCTIVITY,
});

const LEAST_DROPS = 5;

/** Drops on a dry surface. */
export const reduceDropTime = byCalc({
  calc: 'drop-time',
  inputOf: (run, sheet, replicate) => {
    const drops_s = run.protocol.steps.flatMap(({ key }) => sheet.value(replicate, key) ?? []);
    return drops_s.length < LEAST_DROPS ? undefined : { drops_s };
  },
  picks: [{ property: 'dropTime_s', pick: 'median_s', text: 'wetting.dropTime' }],
});

/** The same water again and again: what is held is the weight over the dry pot. */
export const reduceHydration = byCalc({
  calc: 'hydration',
  inputOf: (run, sheet, replicate) => {
    const read = allOf(sheet, replicate, ['capacity', 'dry']);
    if (read === undefined) return undefined;
    const held_mL: number[] = [];
    for (const { key } of run.protocol.steps.filter((step) => step.key.startsWith('pass'))) {
      const mass = sheet.value(replicate, key);
      if (mass === undefined) break;
      held_mL.push(mass - read.dry);
    }
    return held_mL.length < LEAST_OF_CURVE ? undefined : { held_mL, capacity_mL: read.capacity };
  },
  picks: [
    { property: 'firstPass', pick: 'firstPass', text: 'wetting.firstPass' },
    { property: 'passesTo95', pick: 'passesTo95', text: 'wetting.passesTo95' },
  ],
});

/** Jars with more and more lime. */
export const reduceTitration = byCalc({
  calc: 'titration',
  inputOf: (run, sheet, replicate, checks) => {
    const steps = run.protocol.steps.flatMap((step) => {
      const { dose_meqPerL } = step;
      if (dose_meqPerL === undefined) return [];
      const pH = correctedValue(sheet, replicate, step, checks);
      return pH === undefined ? [] : [{ dose_meqPerL, pH }];
    });
    return steps.length < LEAST_OF_CURVE ? undefined : { steps };
  },
  picks: [
    { property: 'buffer_meqPerLpH', pick: 'buffer_meqPerLpH', text: 'titration.buffer_meqPerLpH' },
    { property: 'pHIncubated', pick: 'pH', text: 'titration.pH' },
  ],
});
