import type { Protocol, Step } from './protocol';
import { read } from './steps';

/** Times after opening, s; what comes later may be left out. */
const TIMES = [
  { at_s: 15, words: '15 s' },
  { at_s: 30, words: '30 s' },
  { at_s: 60, words: '1 min' },
  { at_s: 120, words: '2 min' },
  { at_s: 300, words: '5 min' },
  { at_s: 600, words: '10 min' },
  { at_s: 1200, words: '20 min' },
  { at_s: 3600, words: '60 min' },
] as const;

/** Readings without which there is no curve. */
const NEEDED = 5;

/** How fast a soaked vessel runs out. */
export const DRAIN_CURVE: Protocol = {
  key: 'drain-curve',
  version: 2,
  label: 'Drain curve',
  plain: 'Open the holes over a jug on the scale and read what ran out by when.',
  takes: 'a soaked vessel, a jug, a stop-watch, an hour',
  reduction: 'drainCurve',
  usesVessel: true,
  replicates: { usual: 3, most: 12 },
  steps: [
    read('seconds', {
      key: 'emptyT90',
      label: 'The vessel with water alone: nine tenths out after',
      say: 'Close the holes, fill it with water only, open them and stop the watch when nine tenths are out.',
      why: 'If the medium is hardly slower, the holes set the pace and not the medium.',
      picture: 'drain',
      optional: true,
      once: true,
    }),
    ...TIMES.map(({ at_s, words }, i): Step => ({
      key: `at${String(at_s)}`,
      kind: 'volume',
      unit: 'mL',
      label: `Run out in all by ${words}`,
      say:
        i === 0
          ? 'Start the watch as the holes open. Read the jug at each time, do not empty it.'
          : 'Read the jug; what ran out in all, not since the last time.',
      why: 'How fast it runs out tells how open it is.',
      bounds: [0, 50000],
      picture: 'drain',
      at_s,
      ...(i >= NEEDED ? { optional: true as const } : {}),
      ...(i === 0 ? { caution: 'lifting' as const } : {}),
    })),
  ],
};
