import { refuse, requirePositive } from '../errors';
import { defineMethod, maybe, number, object, type InputOf } from '../method';
import { waterDensity, waterViscosity } from '../water';

const INPUT = object({
  depth_cm: number(),
  diameter_um: number(),
  temp_C: number(),
  particleDensity_gcc: maybe(number()),
});
export type SettlingInput = InputOf<typeof INPUT>;

export const SETTLING = Object.freeze({ gravity_cms2: 980.665, particleDensity_gcc: 2.65 });

/**
 * Time in which a grain sinks through water, s, by Stokes's law.
 *
 * t = 18 eta depth / ((rho_s - rho_w) g d^2); eta of water in g/(cm s), d in cm. Depth in cm, diameter in um, degC.
 * Laminar settling: grains up to about 60 um. Throws for a grain not denser than water.
 * Source: Stokes (1851); water by Kell (1975) and Kestin, Sokolov and Wakeham (1978).
 * Example: 10 cm, 2 um, 20 degC, 2.65 g/mL: 27,836 s, or 7 h 44 min.
 */
export function settlingTime(input: SettlingInput): { readonly time_s: number } {
  requirePositive('depth_cm', input.depth_cm, 'cm');
  requirePositive('diameter_um', input.diameter_um, 'um');
  const water = waterDensity(input.temp_C, 'temp_C');
  const grain = requirePositive(
    'particleDensity_gcc',
    input.particleDensity_gcc ?? SETTLING.particleDensity_gcc,
    'g/mL',
  );
  if (grain <= water)
    refuse('particleDensity_gcc', `${String(grain)} g/mL floats; it must be above water's ${water.toFixed(4)}`);
  const viscosity = waterViscosity(input.temp_C, 'temp_C') / 100;
  const diameter_cm = input.diameter_um * 1e-4;
  return { time_s: (18 * viscosity * input.depth_cm) / ((grain - water) * SETTLING.gravity_cms2 * diameter_cm ** 2) };
}

export const settlingTimeMethod = defineMethod({
  name: 'settling-time',
  version: 1,
  source: 'Stokes, 1851; water by Kell, 1975, and Kestin, Sokolov and Wakeham, 1978.',
  schema: INPUT,
  calculate: settlingTime,
  outputs: {},
  golden: {
    input: { depth_cm: 10, diameter_um: 50, temp_C: 20 },
    gives: {
      time_s: 44.5372263627,
    },
  },
});
