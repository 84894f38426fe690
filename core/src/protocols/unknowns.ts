import type { Protocol } from '../sheets';
import { judge, read } from './steps';

const WEEK_min = 7 * 24 * 60;

/** Tasks for something that nobody knows, at once and in weeks 2 and 6. */
export const UNKNOWNS: Protocol = {
  key: 'unknowns',
  version: 2,
  label: 'Tasks for an unknown',
  plain: 'Rub it, float it, try a magnet, pour hot water on it.',
  takes: 'a glass, a magnet, a kettle, half an hour',
  reduction: 'arithmetic',
  method: 'tasks on a spoonful',
  usesVessel: false,
  replicates: { usual: 1, most: 12 },
  results: [
    { property: 'unknownRub', read: 'rub' },
    { property: 'unknownFloat', read: 'float' },
    { property: 'unknownMagnet', read: 'magnet' },
    { property: 'unknownLater', read: 'week6' },
    { property: 'swelling', add: ['soaked'], per: ['dry'] },
  ],
  steps: [
    judge(['hard, stays', 'flakes', 'smears', 'springs back'], {
      key: 'rub',
      label: 'Rubbed between gloved fingers',
      say: 'Gloves on. Never rub old vermiculite or anything that could be asbestos: leave it closed and ask a licensed laboratory.',
      why: 'Plastic springs back, clay smears, mica flakes.',
      picture: 'hand',
      caution: 'dust',
    }),
    judge(['floats', 'hangs', 'sinks'], {
      key: 'float',
      label: 'In water',
      say: 'Drop it in and stir once.',
      why: 'Expanded things and plastics float.',
      picture: 'soak',
    }),
    judge(['no', 'yes'], {
      key: 'magnet',
      label: 'Drawn by a magnet',
      say: 'Pass a magnet over it, dry.',
      why: 'Slag and cinder often are.',
      picture: 'hand',
    }),
    read('volume', {
      key: 'dry',
      label: 'Dry volume',
      say: 'A level spoon, in mL.',
      why: 'Gel beads are tiny dry.',
      picture: 'jug',
      bounds: [0.1, 1000],
    }),
    read('volume', {
      key: 'soaked',
      label: 'Soaked in hot water, an hour later',
      say: 'Cover with hot water, wait an hour, measure.',
      why: 'Gel swells to many times its size; fertiliser prills go soft.',
      picture: 'jug',
      caution: 'heat',
    }),
    ...[2, 6].map((week) =>
      judge(['unchanged', 'softened', 'grew roots or leaves', 'gone'], {
        key: `week${String(week)}`,
        label: `Week ${String(week)}, left moist and warm`,
        say: 'Leave some of it on moist paper in a closed dish; look again. Do not open what has gone mouldy.',
        why: 'Seeds sprout, prills empty, plastic stays.',
        picture: 'eye',
        optional: true,
        after: { step: 'rub', minutes: week * WEEK_min },
      }),
    ),
  ],
};
