import { hydrationMethod } from '../wetting';
import { allOf, byMethod, type Protocol, type Shipped } from '../sheets';
import { read } from './steps';

const PROTOCOL: Protocol = {
  key: 'hydration',
  version: 1,
  label: 'Taking up water again',
  plain: 'Water a dried pot ten times alike: what is held after each.',
  takes: 'a pot of dried medium, a scale, an hour',
  reduction: 'hydration',
  method: 'watered from above, air-dry',
  usesVessel: false,
  replicates: { usual: 2, most: 12 },
  steps: [
    read('volume', {
      key: 'capacity',
      label: 'Water at container capacity',
      say: 'From its saturate-drain-dry run: capacity times the volume in this pot.',
      why: 'What is held is compared with all that it can hold.',
      picture: 'level',
      bounds: [1, 50000],
    }),
    read('weigh', {
      key: 'dry',
      label: 'Pot with the dried medium',
      say: 'Weigh the pot with the air-dry medium.',
      why: 'All else is weighed on top of this.',
      picture: 'scale-full',
      caution: 'dust',
    }),
    ...Array.from({ length: 10 }, (_, i) =>
      read('weigh', {
        key: `pass${String(i + 1)}`,
        label: `After watering ${String(i + 1)}`,
        say: 'Pour the same amount slowly over all of the surface, let it drip out, weigh.',
        why: 'The first time tells how it behaves when a pot was forgotten.',
        picture: 'scale-full',
        ...(i >= 3 ? { optional: true as const } : {}),
      }),
    ),
  ],
};

/** Least readings of a curve with three parameters. */
const LEAST_OF_CURVE = 3;

/** The same water given ten times to a dried medium. */
export const HYDRATION_EFFICIENCY: Shipped = {
  protocol: PROTOCOL,
  reduce: byMethod(hydrationMethod, {
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
  }),
};
