import type { ColumnInput, ColumnLayer } from '../column';
import { refuse } from '../errors';
import type { RhythmInput } from '../rhythm';
import { COARSE, POT_SETUP, roundContainer, SOILS, type PotMedium, type PotSetup, type SoilKey } from './potSetup';
import { standOf } from './stands';
import { wateringsOf } from './wateringPlan';

function layersOf({ container, medium, coarse_cm = 0, soil }: PotSetup): { layers: ColumnLayer[]; depth_cm: number } {
  const { height_cm } = container;
  if (coarse_cm >= height_cm) refuse('coarse_cm', 'the coarse layer leaves no room for the medium');
  const below =
    soil === undefined
      ? coarse_cm > 0
        ? { ...COARSE, depth_cm: coarse_cm }
        : undefined
      : { ...soilOf(soil.key), depth_cm: soil.table_cm };
  const from_cm = below?.depth_cm ?? 0;
  const to_cm = soil === undefined ? height_cm : height_cm + from_cm;
  return {
    depth_cm: to_cm,
    layers: [
      ...(below === undefined
        ? []
        : [{ from_cm: 0, to_cm: from_cm, retention: below.retention, ks_cms: below.ks_cms }]),
      { from_cm, to_cm, ...medium },
    ],
  };
}

const soilOf = (key: SoilKey): PotMedium => SOILS.find((one) => one.key === key) as PotMedium;

/** Minutes after it was soaked at which a pot is told of beside its hours. */
export const SOON_min = 10;

/** The column of a pot as it is set up, told of every hour, and once soon after it was soaked. */
export function columnOf(setup: PotSetup): ColumnInput {
  const { container, stand, days, soil, clay, mulched, rooted = POT_SETUP.rooted, cells = POT_SETUP.cells } = setup;
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
