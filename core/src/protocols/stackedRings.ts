import type { Protocol, Shipped, Step } from '../sheets';
import { read } from './steps';
import { reduceRetention } from './retentionSheet';

/** Rings of the stack, from the lowest; the upper two are a welcome extra. */
const PLACES = [1, 2, 3, 4, 5, 6] as const;
const NEEDED = 4;

const extra = (place: number): { readonly optional?: true } => (place > NEEDED ? { optional: true } : {});

const wet = (place: number): Step =>
  read('weigh', {
    key: `wet${String(place)}`,
    label: place === 1 ? 'Ring 1, the lowest, drained' : `Ring ${String(place)}, drained`,
    say: 'Slide a plate between the rings from the top down. Weigh the ring with its medium on its own tray.',
    why: place === 1 ? 'The lowest stands wettest: it is the foot of every pot.' : 'The higher it stands, the drier.',
    picture: 'tube',
    ring: { place, driedAs: `dry${String(place)}` },
    ...(place === PLACES.length ? { caution: 'sharp' } : {}),
    ...extra(place),
  });

const dry = (place: number): Step =>
  read('weigh', {
    key: `dry${String(place)}`,
    label: `Ring ${String(place)}, dried`,
    say: 'The same ring on the same tray, dried at 103–105 °C until two weighings agree. Metal rings only: others soften.',
    why: 'What the oven took is water; ring and tray fall out of the sum.',
    picture: 'oven',
    ...(place === 1 ? { caution: 'heat' } : {}),
    ...extra(place),
  });

const PROTOCOL: Protocol = {
  key: 'stacked-rings',
  version: 1,
  label: 'Stacked rings',
  plain: 'A tall stack of rings is soaked, drained and taken apart: the water at every height.',
  takes: 'four to six metal rings of known volume taped to a stack, a scale, an oven, three days',
  reduction: 'retention',
  method: 'stack of drained rings',
  usesVessel: true,
  replicates: { usual: 2, most: 12 },
  steps: [
    read('temperature', {
      key: 'waterTemp',
      label: 'Water temperature',
      say: 'Put the thermometer into the water that you will soak with.',
      why: 'Warm water weighs a little less.',
      picture: 'thermometer',
      once: true,
    }),
    {
      key: 'soak',
      kind: 'time',
      unit: 's',
      label: 'Wet slowly from below',
      say: 'Tape the rings to one stack with a mesh below, fill it, stand it in water and let it rise. Start the soak.',
      why: 'Water from above locks air in.',
      bounds: [0, 1e11],
      picture: 'soak',
      hold: { name: 'soaking', setting: 'soak_min' },
      caution: 'lifting',
    },
    {
      key: 'drain',
      kind: 'time',
      unit: 's',
      label: 'Drain freely, top covered',
      say: 'Lift it out of the water onto a rack, cover the top, do not tilt it.',
      why: 'A tall stack takes its time: a day is not too long.',
      bounds: [0, 1e11],
      picture: 'drain',
      hold: { name: 'draining', minutes: 24 * 60 },
    },
    ...[...PLACES].reverse().map(wet),
    ...PLACES.map(dry),
  ],
};

/** A tall stack of rings, soaked and drained: the water at each height is the curve itself. */
export const STACKED_RINGS: Shipped = { protocol: PROTOCOL, reduce: reduceRetention };
