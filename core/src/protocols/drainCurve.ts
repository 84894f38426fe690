import { drainage, drainageMethod, type DrainReading } from '../drainage';
import type { Check } from '../errors';
import { byMethod, replicateName, type Protocol, type RunRecord, type Sheet, type Shipped, type Step } from '../sheets';
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

const PROTOCOL: Protocol = {
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

/** How fast a soaked vessel runs out. */
export const DRAIN_CURVE: Shipped = {
  protocol: PROTOCOL,
  reduce: byMethod(drainageMethod, {
    inputOf: (run, sheet, replicate) => {
      const readings = drainReadings(run, sheet, replicate);
      return readings === undefined ? undefined : { readings };
    },
    remarks: drainRemarks,
  }),
};
