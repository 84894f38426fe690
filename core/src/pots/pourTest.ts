import { column } from '../column';
import { refuse, requirePositive } from '../errors';
import { containerBelow, type Container } from '../vessel';
import { POT_SETUP, roundContainer, type PotMedium } from './potSetup';

/** How moist a medium is a finger deep, and the suction that stands for it, cm; wet is as it drains. */
export const MOISTURES = Object.freeze([
  { key: 'wet', words: 'wet, just drained', start: 'drained' },
  { key: 'moist', words: 'moist', start: { head_cm: 30 } },
  { key: 'just-moist', words: 'just moist', start: { head_cm: 80 } },
  { key: 'dry', words: 'dry', start: { head_cm: 500 } },
] as const);
export type Moisture = (typeof MOISTURES)[number]['key'];

export interface PouredOn {
  readonly shape: Container;
  readonly medium: PotMedium;
  readonly volume_mL: number;
  readonly moisture: Moisture;
  /** Depth of the medium; absent: to the brim. */
  readonly depth_cm?: number;
}

/** What the column says of a pour: absent where nothing drips, or where it drips to the end. */
export interface PourSays {
  readonly firstDrip_s?: number;
  readonly lastDrip_s?: number;
  readonly drained_mL: number;
  /** That ran over the rim. */
  readonly runoff_mL: number;
}

const DAY_S = 86400;
const POUR = Object.freeze({
  over_s: 10,
  watched_s: 2400,
  every_s: 2,
  cells: 40,
  drop_mL: 0.05,
  slow_s: 10,
  brim_cm: 1,
});

/**
 * A jug poured on a pot in one go, followed through its column for forty minutes.
 *
 * Volumes mL, times s from the moment of pouring. The first drip is the first drop of 0.05 mL out of the base; the last is
 * when drops come slower than one in ten seconds. What runs down the sides or through cracks is not in it: a first drip
 * much earlier than this tells of that. Throws for no volume, and for a pot that cannot be followed.
 * Source: Richards' equation, see `column`.
 */
export function pourTest({ shape, medium, volume_mL, moisture, depth_cm = shape.height_cm }: PouredOn): PourSays {
  requirePositive('volume_mL', volume_mL, 'mL');
  const container = containerBelow(roundContainer(shape), Math.min(depth_cm, shape.height_cm));
  const start = MOISTURES.find(({ key }) => key === moisture)?.start;
  if (start === undefined) refuse('moisture', `"${moisture}" is none of ${MOISTURES.map(({ key }) => key).join(', ')}`);
  const { reports } = column({
    container,
    layers: [{ from_cm: 0, to_cm: container.height_cm, retention: medium.retention, ks_cms: medium.ks_cms }],
    cells: POUR.cells,
    start,
    base: 'seepage',
    potential_mmPerD: 0,
    headspace_cm: Math.max(POUR.brim_cm, shape.height_cm - container.height_cm),
    rootDepth_cm: POT_SETUP.rooted * container.height_cm,
    waterings: [{ at_d: 0, volume_mL, over_s: POUR.over_s }],
    end_d: POUR.watched_s / DAY_S,
    reportEvery_d: POUR.every_s / DAY_S,
  });
  const last = reports.at(-1);
  const first = reports.findIndex(({ drained_mL }) => drained_mL >= POUR.drop_mL);
  const pace = POUR.drop_mL / POUR.slow_s;
  // Drops may pause while the water is on its way.
  const quick = reports.findLastIndex(
    ({ drained_mL }, i) =>
      i > 0 && drained_mL - (reports[i - 1] as { drained_mL: number }).drained_mL >= pace * POUR.every_s,
  );
  const at = (i: number): number => Math.round((reports[i] as { t_d: number }).t_d * DAY_S);
  return {
    ...(first === -1 ? {} : { firstDrip_s: at(first) }),
    ...(quick === -1 || quick === reports.length - 1 ? {} : { lastDrip_s: at(quick) }),
    drained_mL: last?.drained_mL ?? 0,
    runoff_mL: last?.overflow_mL ?? 0,
  };
}
