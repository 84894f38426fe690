import type { ColumnInput, ColumnLayer } from '../column';
import { refuse } from '../errors';
import type { RhythmInput } from '../rhythm';
import {
  COARSE,
  POT_SETUP,
  roundContainer,
  SOILS,
  DRESSINGS,
  type PotMedium,
  type PotSetup,
  type SoilKey,
} from './potSetup';
import { needsOf } from './needs';
import { standOf } from './stands';
import { wateringsOf } from './wateringPlan';

/** Layers from the base up: soil, stones or another medium; the medium; its top-dressing. */
function layersOf({ container, medium, lower_cm = 0, lower = COARSE, soil, top }: PotSetup): {
  readonly layers: ColumnLayer[];
  readonly depth_cm: number;
} {
  const { height_cm } = container;
  const deep_cm = top?.deep_cm ?? 0;
  const own_cm = soil === undefined ? lower_cm : 0;
  if (own_cm + deep_cm >= height_cm) refuse('lower_cm', 'the layers leave no room for the medium');
  const below = soil === undefined ? { ...lower, cm: own_cm } : { ...soilOf(soil.key), cm: soil.table_cm };
  const depth_cm = soil === undefined ? height_cm : height_cm + below.cm;
  const dressing = DRESSINGS.find(({ key }) => key === top?.key);
  const stack = [
    { ...below, to_cm: below.cm },
    { ...medium, to_cm: depth_cm - deep_cm },
    ...(dressing === undefined ? [] : [{ ...dressing, to_cm: depth_cm }]),
  ];
  const layers = stack
    .map(({ retention, ks_cms, to_cm }, i) => ({ from_cm: stack[i - 1]?.to_cm ?? 0, to_cm, retention, ks_cms }))
    .filter(({ from_cm, to_cm }) => to_cm > from_cm);
  return { depth_cm, layers };
}

const soilOf = (key: SoilKey): PotMedium => SOILS.find((one) => one.key === key) as PotMedium;

/** Minutes after it was soaked at which a pot is told of beside its hours. */
export const SOON_min = 10;

/** The column of a pot as it is set up, told of every hour, and once soon after it was soaked. */
export function columnOf(setup: PotSetup): ColumnInput {
  const {
    container,
    stand,
    days,
    soil,
    clay,
    mulched,
    needs,
    rooted = POT_SETUP.rooted,
    cells = POT_SETUP.cells,
  } = setup;
  const { layers, depth_cm } = layersOf(setup);
  const round = roundContainer(container);
  const mmPerD = setup.mmPerD ?? standOf(stand).mmPerD;
  const suction_cm = container.baseSuction_cm ?? 0;
  return {
    container:
      soil === undefined
        ? round
        : { height_cm: depth_cm, topDiameter_cm: round.topDiameter_cm, baseDiameter_cm: round.topDiameter_cm },
    layers,
    cells: Math.min(200, Math.round((cells * depth_cm) / container.height_cm)),
    // Soaked, and left to drain; native soil lies as its water table has it.
    start: soil === undefined ? { head_cm: 0 } : 'drained',
    base: soil !== undefined ? { suction_cm: 0 } : suction_cm > 0 ? { suction_cm } : 'seepage',
    potential_mmPerD: mmPerD,
    evaporationShare: POT_SETUP.evaporationShare,
    mulchFactor: mulched === true ? POT_SETUP.mulchFactor : 1,
    wall_mmPerD: clay === true ? POT_SETUP.wallShare * mmPerD : 0,
    daylight_h: [...POT_SETUP.daylight_h],
    ...(needs === undefined ? {} : { roots: { air: [...needsOf(needs).air], dry_cm: [...needsOf(needs).dry_cm] } }),
    rootDepth_cm: rooted * container.height_cm,
    ...wateringsOf(setup),
    end_d: days,
    reportEvery_d: 1 / 24,
    reportAt_d: [SOON_min / 1440],
  };
}

/** The question how often to water a pot: what it is, without its waterings and times. */
export function rhythmOf(setup: PotSetup): RhythmInput {
  const {
    waterings: _waterings,
    whenDry: _whenDry,
    fromBelow: _fromBelow,
    end_d: _end,
    reportEvery_d: _every,
    reportAt_d: _at,
    ...pot
  } = columnOf(setup);
  return pot;
}
