import { refuse, requireNotNegative, requirePositive, requireWithin, said } from '../errors';
import { either, fixed, list, maybe, number, object, pair, whole, type InputOf } from '../method';
import { requireRetention, RETENTION } from '../retention';
import { CONTAINER, requireContainer } from '../vessel';

const LAYER = object({
  from_cm: number('above the base'),
  to_cm: number(),
  retention: RETENTION,
  ks_cms: number('saturated conductivity'),
});
export type ColumnLayer = InputOf<typeof LAYER>;

const POURED = {
  volume_mL: number('at most'),
  over_s: number('as fast as that; minutes by the can, hours by a drip or rain'),
  untilRunoff: maybe(number('share of what was poured that has run out, at which pouring stops')),
};
const WATERING = object({ at_d: number(), ...POURED });
export type Watering = InputOf<typeof WATERING>;

const WHEN_DRY = object({
  below: number('share of what the drained pot holds'),
  at_h: maybe(number('hour of the day at which somebody looks; 8')),
  ...POURED,
});
export type WhenDry = InputOf<typeof WHEN_DRY>;

const SAUCER = object({ at_d: number(), level_cm: number('of water above the base'), for_s: number() });
export type Saucer = InputOf<typeof SAUCER>;

/** The pot and where it stands, whatever comes when. */
export const COLUMN_FIELDS = {
  container: CONTAINER,
  layers: list(LAYER),
  cells: whole({ minimum: 5, maximum: 400 }),
  start: either(object({ theta: number() }), object({ head_cm: number() }), fixed('drained')),
  base: either(fixed('seepage'), object({ suction_cm: number() })),
  potential_mmPerD: number('use and evaporation together, on the area of the top'),
  evaporationShare: maybe(number('of the potential; 0.2')),
  mulchFactor: maybe(number('by which a cover lessens evaporation; 1 is bare')),
  wall_mmPerD: maybe(number('that a wet porous wall gives to the air, on its own area')),
  daylight_h: maybe(pair),
  headspace_cm: maybe(number('room for water to stand on top; 1')),
  rootDepth_cm: number('from the top'),
  roots: maybe(
    object({
      air: pair,
      dry_cm: pair,
    }),
  ),
  repellence: maybe(
    object({
      lost: number('share of a watering that runs past a dry medium'),
      below: number('water of the pot, as a fraction, under which it is dry'),
    }),
  ),
};

export const COLUMN = object({
  ...COLUMN_FIELDS,
  waterings: list(WATERING),
  whenDry: maybe(WHEN_DRY),
  fromBelow: maybe(list(SAUCER)),
  end_d: number(),
  reportEvery_d: number(),
  reportAt_d: maybe(list(number('further times that are told of, in order'))),
});
export type ColumnInput = InputOf<typeof COLUMN>;

export const COLUMN_BOUNDS = Object.freeze({ days: 400, reports: 10000, waterings: 2000 });

/** Where roots stop: no air under 5 %, enough from 15 % on; easy up to 100 cm of suction, none at 8000. */
export const FEDDES = Object.freeze({ air: [0.05, 0.15], dry_cm: [100, 8000] } as const);

function requireLayers({ container, layers, start }: ColumnInput): void {
  if (layers.length === 0) refuse('layers', 'none is given; a pot holds one or more');
  let below = 0;
  layers.forEach((layer, i) => {
    const at = `layers[${String(i)}]`;
    requireRetention(layer.retention, `${at}.retention.`);
    requirePositive(`${at}.ks_cms`, layer.ks_cms, 'cm/s');
    if (Math.abs(layer.from_cm - below) > 1e-9)
      refuse(`${at}.from_cm`, `${String(layer.from_cm)} cm must be where the one below ends, ${String(below)} cm`);
    if (layer.to_cm <= layer.from_cm) refuse(`${at}.to_cm`, `${String(layer.to_cm)} cm must be above its foot`);
    below = layer.to_cm;
  });
  if (Math.abs(below - container.height_cm) > 1e-9)
    refuse('layers', `they end at ${String(below)} cm, and the pot at ${String(container.height_cm)} cm`);
  if (typeof start === 'object' && 'theta' in start) {
    requireWithin('start.theta', start.theta, 0, 1);
    const dry = layers.findIndex(({ retention }) => start.theta <= retention.thetaR);
    const full = layers.findIndex(({ retention }) => start.theta > retention.thetaS);
    if (dry !== -1) refuse('start.theta', `${said(start.theta)} is drier than layer ${String(dry + 1)} can be`);
    if (full !== -1) refuse('start.theta', `${said(start.theta)} is more than layer ${String(full + 1)} holds`);
  }
  if (typeof start === 'object' && 'head_cm' in start) requireNotNegative('start.head_cm', start.head_cm, 'cm');
}

function requirePoured(at: string, { volume_mL, over_s, untilRunoff }: Omit<Watering, 'at_d'>): void {
  requireNotNegative(`${at}.volume_mL`, volume_mL, 'mL');
  requirePositive(`${at}.over_s`, over_s, 's');
  requireWithin(`${at}.untilRunoff`, untilRunoff ?? 0, 0, 1);
}

function requireWater({ waterings, whenDry, fromBelow = [], repellence }: ColumnInput): void {
  const count = waterings.length + fromBelow.length;
  if (count > COLUMN_BOUNDS.waterings)
    refuse('waterings', `${String(count)} are too many; give at most ${String(COLUMN_BOUNDS.waterings)}`);
  waterings.forEach((watering, i) => {
    requireNotNegative(`waterings[${String(i)}].at_d`, watering.at_d, 'd');
    requirePoured(`waterings[${String(i)}]`, watering);
  });
  if (whenDry !== undefined) {
    requireWithin('whenDry.below', whenDry.below, 0, 1);
    requireWithin('whenDry.at_h', whenDry.at_h ?? 0, 0, 24, 'h');
    requirePoured('whenDry', whenDry);
  }
  fromBelow.forEach(({ at_d, level_cm, for_s }, i) => {
    requireNotNegative(`fromBelow[${String(i)}].at_d`, at_d, 'd');
    requireNotNegative(`fromBelow[${String(i)}].level_cm`, level_cm, 'cm');
    requirePositive(`fromBelow[${String(i)}].for_s`, for_s, 's');
  });
  if (repellence !== undefined) {
    requireWithin('repellence.lost', repellence.lost, 0, 1);
    requireWithin('repellence.below', repellence.below, 0, 1);
  }
}

/** Refuses what no pot can be. */
export function requireColumn(input: ColumnInput): void {
  const { container, base } = input;
  requireContainer(container);
  if (container.topDiameter_cm === undefined) refuse('container.topDiameter_cm', 'a column needs both diameters');
  requireLayers(input);
  if (typeof base === 'object') requireNotNegative('base.suction_cm', base.suction_cm, 'cm');
  requireNotNegative('potential_mmPerD', input.potential_mmPerD, 'mm/d');
  requireWithin('evaporationShare', input.evaporationShare ?? 0, 0, 1);
  requireNotNegative('mulchFactor', input.mulchFactor ?? 1, '');
  requireNotNegative('wall_mmPerD', input.wall_mmPerD ?? 0, 'mm/d');
  requireNotNegative('headspace_cm', input.headspace_cm ?? 1, 'cm');
  requireWithin('rootDepth_cm', input.rootDepth_cm, 0, container.height_cm, 'cm');
  for (const key of ['air', 'dry_cm'] as const) {
    const [lo, hi] = input.roots?.[key] ?? FEDDES[key];
    if (!(lo >= 0 && hi > lo)) refuse(`roots.${key}`, `${String(lo)} to ${String(hi)} must rise from 0 or more`);
  }
  const [dawn, dusk] = input.daylight_h ?? [0, 24];
  if (!(dawn >= 0 && dusk > dawn && dusk <= 24))
    refuse('daylight_h', `${String(dawn)} to ${String(dusk)} must rise within a day of 24 hours`);
  requirePositive('end_d', input.end_d, 'd');
  requireWithin('end_d', input.end_d, 0, COLUMN_BOUNDS.days, 'd');
  requirePositive('reportEvery_d', input.reportEvery_d, 'd');
  if (input.end_d / input.reportEvery_d > COLUMN_BOUNDS.reports)
    refuse(
      'reportEvery_d',
      `${String(input.reportEvery_d)} d makes more than ${String(COLUMN_BOUNDS.reports)} reports`,
    );
  (input.reportAt_d ?? []).forEach((t_d, i, all) => {
    requireWithin(`reportAt_d[${String(i)}]`, t_d, 0, input.end_d, 'd');
    if (i > 0 && t_d <= (all[i - 1] as number))
      refuse(`reportAt_d[${String(i)}]`, `${said(t_d)} d must come after the one before`);
  });
  requireWater(input);
}
