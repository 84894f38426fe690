import { rinseMethod } from '../chemistry';
import { byMethod, type Protocol, type Shipped, type Step } from '../sheets';
import { read } from './steps';

const MOST_RINSES = 5;
const NEEDED = 3;

const PROTOCOL: Protocol = {
  key: 'rinse',
  version: 2,
  label: 'Rinsing',
  plain: 'Soak, drain and read the EC of the drain, again and again: what rinses out, and where it levels out.',
  takes: 'an EC meter, a bucket, two hours',
  reduction: 'rinse',
  usesVessel: false,
  replicates: { usual: 2, most: 12 },
  steps: [
    read('ec', {
      key: 'target',
      label: 'EC that it should reach',
      say: 'What the plants of its use bear in a drain: 0.5 for seed, 1 for most pots. Left empty it is 0.5.',
      why: 'How many rinses it takes depends on where you stop.',
      picture: 'pen',
      bounds: [0.05, 10],
      once: true,
      optional: true,
    }),
    ...Array.from({ length: MOST_RINSES + 1 }, (_, k): Step => ({
      key: `drain${String(k)}`,
      kind: 'ec',
      unit: 'dS/m',
      label: k === 0 ? 'EC of the first drain' : `EC after rinse ${String(k)}`,
      say: 'Cover with fresh water, wait, drain, read the drain corrected to 25 °C.',
      why: 'Rinsing takes out free salts only: potassium and sodium that coir holds need a calcium soak.',
      bounds: [0, 60],
      picture: 'pen',
      ...(k >= NEEDED ? { optional: true as const } : {}),
      ...(k === 0 ? { caution: 'electric' as const } : {}),
    })),
  ],
};

/** EC that a rinsed medium is asked to reach, dS/m, where a run names none of its own. */
const RINSE_TARGET_dSm = 0.5;

/** Least readings of a curve with three parameters. */
const LEAST_OF_CURVE = 3;

/** Soak, drain, read the EC of what runs out; again. */
export const RINSE: Shipped = {
  protocol: PROTOCOL,
  reduce: byMethod(rinseMethod, {
    inputOf: (run, sheet, replicate) => {
      const readings_dSm: number[] = [];
      for (const { key } of run.protocol.steps.filter((step) => step.key !== 'target')) {
        const reading = sheet.value(replicate, key);
        // A gap ends the series: what comes after it is not the next drain.
        if (reading === undefined) break;
        readings_dSm.push(reading);
      }
      return readings_dSm.length < LEAST_OF_CURVE
        ? undefined
        : { readings_dSm, target_dSm: sheet.value(0, 'target') ?? RINSE_TARGET_dSm };
    },
  }),
};
