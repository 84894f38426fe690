import { findMediaClass } from '../classes';
import { conductivityMethod } from '../drainage';
import type { Check } from '../errors';
import { allOf, byMethod, replicateName, type Protocol, type RunRecord, type Sheet, type Shipped } from '../sheets';
import { waterDensity, waterViscosity } from '../water';
import { areaOf, COLUMN_STEPS } from './columnSteps';
import { read } from './steps';

const PROTOCOL: Protocol = {
  key: 'constant-head',
  version: 1,
  label: 'Conductivity, constant head',
  plain: 'Water held at one height flows through a soaked column: how fast, by the jug.',
  takes: 'a tube with a mesh, an overflow, a jug, a stop-watch, half an hour',
  reduction: 'constantHead',
  method: 'constant head',
  usesVessel: false,
  replicates: { usual: 3, most: 12 },
  steps: [
    ...COLUMN_STEPS,
    read('length', {
      key: 'head',
      label: 'Difference of the two water levels',
      say: 'From the level above to the overflow below, both standing still.',
      why: 'Too much head and the flow is no longer in step with it: keep it near the length.',
      picture: 'tube',
      bounds: [0.1, 200],
    }),
    read('volume', {
      key: 'collected',
      label: 'Caught in the jug',
      say: 'When the flow is steady, catch at least 100 mL.',
      why: 'A small catch is a large error.',
      picture: 'jug',
      bounds: [1, 50000],
    }),
    read('seconds', {
      key: 'time',
      label: 'In so many seconds',
      say: 'The time for that catch.',
      why: 'Two catches that agree mean that it is steady.',
      picture: 'tube',
      bounds: [1, 100000],
    }),
  ],
};

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

/** Saturated conductivity under a head that is held. */
export const CONSTANT_HEAD: Shipped = {
  protocol: PROTOCOL,
  reduce: byMethod(conductivityMethod, {
    inputOf: (_run, sheet, replicate) => {
      const waterTemp_C = sheet.value(0, 'waterTemp');
      const read = allOf(sheet, replicate, ['length', 'diameter', 'head', 'collected', 'time']);
      if (read === undefined || waterTemp_C === undefined) return undefined;
      return {
        method: 'constant' as const,
        volume_mL: read.collected,
        length_cm: read.length,
        area_cm2: areaOf(read.diameter),
        time_s: read.time,
        headDifference_cm: read.head,
        waterTemp_C,
      };
    },
    remarks: darcyRemarks,
  }),
};
