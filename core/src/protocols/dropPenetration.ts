import { dropTimeMethod } from '../wetting';
import { byMethod, type Protocol, type Shipped } from '../sheets';
import { read } from './steps';

const PROTOCOL: Protocol = {
  key: 'drop-penetration',
  version: 1,
  label: 'Drops on the dry surface',
  plain: 'Ten drops on the air-dry surface: how long until each has gone in.',
  takes: 'a dropper, a stop-watch, a dry levelled tray, up to an hour',
  reduction: 'dropTime',
  method: 'air-dry, ten drops',
  usesVessel: false,
  replicates: { usual: 1, most: 12 },
  steps: Array.from({ length: 10 }, (_, i) =>
    read('seconds', {
      key: `drop${String(i + 1)}`,
      label: `Drop ${String(i + 1)}, seconds`,
      say:
        i === 0
          ? 'Air-dry, never oven-dry. Set a drop down from 1 cm and time it until it is gone; one that stands an hour is 3601.'
          : 'The next drop, on fresh surface.',
      why: 'A dry medium that sheds drops floats and lets water run down the sides.',
      picture: 'drop',
      ...(i === 0 ? { caution: 'dust' as const } : {}),
      ...(i >= 5 ? { optional: true as const } : {}),
    }),
  ),
};

/** Fewer drops tell nothing of a surface. */
const LEAST_DROPS = 5;

/** How long a drop stands on the dry surface. */
export const DROP_PENETRATION: Shipped = {
  protocol: PROTOCOL,
  reduce: byMethod(dropTimeMethod, {
    inputOf: (run, sheet, replicate) => {
      const drops_s = run.protocol.steps.flatMap(({ key }) => sheet.value(replicate, key) ?? []);
      return drops_s.length < LEAST_DROPS ? undefined : { drops_s };
    },
  }),
};
