import type { BandsInput, UncertainComponent } from './bandsInput';
import { SCOOP_SHARE } from './bandsInput';
import { logNormal, truncatedNormal } from './draw';
import type { Drawn, Mutable } from './drawnComponent';
import type { BlendSettings } from '../blend';
import type { Random } from '../scoring';

function drawnValue(name: string, draws: number, one: (random: Random) => number, set: (value: number) => void): Drawn {
  const column = new Float64Array(draws);
  return {
    inputs: [{ name, columns: [column] }],
    draw: (random, at) => {
      const value = one(random);
      column[at] = value;
      set(value);
    },
  };
}

/** Normal within their limits. */
const LIMITS = { softness: [0, 1], spread: [1, Infinity] } as const;

/** What varies by itself of a component: how much of it was scooped, how even and soft its grains are, what it costs. */
export function drawnAlone(given: UncertainComponent, at: string, draws: number, mutable: Mutable): Drawn[] {
  const drawn: Drawn[] = [];
  const { component } = mutable;
  const volume_se = given.volume_se ?? SCOOP_SHARE * given.volume;
  if (volume_se > 0) {
    const one = (random: Random): number => logNormal(random, given.volume, volume_se);
    drawn.push(
      drawnValue(`${at}.volume`, draws, one, (value) => {
        mutable.volume = value;
      }),
    );
  }
  for (const key of ['softness', 'spread', 'pricePerL'] as const) {
    const [mean, se] = [given[key], given[`${key}_se`]];
    if (mean === undefined || se === undefined || se === 0) continue;
    const one = (random: Random): number =>
      key === 'pricePerL'
        ? logNormal(random, mean, se)
        : truncatedNormal(random, mean, se, LIMITS[key][0], LIMITS[key][1]);
    drawn.push(
      drawnValue(`${at}.${key}`, draws, one, (value) => {
        component[key] = value;
      }),
    );
  }
  return drawn;
}

type VariedSettings = { -readonly [K in keyof BlendSettings]: BlendSettings[K] };

/** What varies of the settings: how far mixing shrinks, lime, salt. */
export function drawnSettings(input: BandsInput, draws: number, settings: VariedSettings): Drawn[] {
  const drawn: Drawn[] = [];
  const add = (
    key: 'kappa' | 'shrink' | 'lime_meqPerL' | 'salt_dSm',
    mean: number,
    se: number | undefined,
    lo: number,
    hi: number,
  ): void => {
    if (se === undefined || se === 0) return;
    const one = (random: Random): number => truncatedNormal(random, mean, se, lo, hi);
    drawn.push(
      drawnValue(key, draws, one, (value) => {
        settings[key] = value;
      }),
    );
  };
  add('kappa', input.kappa ?? 1, input.kappa_se, 0, Infinity);
  if (input.shrink !== undefined) add('shrink', input.shrink, input.shrink_se, 0, 0.999);
  add('lime_meqPerL', input.lime_meqPerL ?? 0, input.lime_meqPerL_se, -Infinity, Infinity);
  add('salt_dSm', input.salt_dSm ?? 0, input.salt_dSm_se, 0, Infinity);
  return drawn;
}
