import { refuse, requireNotNegative, requirePositive, requireWithin, type Check } from '../errors';
import { defineMethod, list, maybe, number, object, text, type InputOf } from '../method';

const COMPONENT = object({ name: text(), volume: number('any one unit'), pH: number(), buffer_meqPerLpH: number() });
export type DoseComponent = InputOf<typeof COMPONENT>;

const INPUT = object({
  components: list(COMPONENT),
  targetPH: number(),
  cce: maybe(number('calcium carbonate equivalent of the lime, 1 for pure')),
  purity: maybe(number('sulphur in the product, 1 for pure')),
  shrink: maybe(number('share of the volume lost on mixing')),
});
export type DoseInput = InputOf<typeof INPUT>;

export interface DoseResult {
  readonly pHNow: number;
  /** Base that all of the volumes need, meq; negative for acid. */
  readonly meq: number;
  readonly meqPerLooseL: number;
  readonly meqPerMadeL: number;
  readonly lime_gPerMadeL?: number;
  readonly sulphur_gPerMadeL?: number;
  readonly checks: readonly Check[];
}

/** Grams to an equivalent: calcium carbonate, and sulphur once microbes have made it acid. */
export const EQUIVALENTS = Object.freeze({ caco3_gPerEq: 50.04, sulphur_gPerEq: 16.03 });
export const DOSE_DEFAULTS = Object.freeze({ cce: 1, purity: 1, shrink: 0 });

/**
 * Lime or sulphur that brings a blend to a pH, from the components' linear titration curves.
 *
 * meq = sum V_i B_i (target - pH_i); pH now = sum V B pH / sum V B; per loose litre over sum V, per litre made over
 * sum V (1 - shrink). Lime g/L = meq/L x 50.04/1000/CCE; sulphur g/L = -meq/L x 16.03/1000/purity.
 * Volumes in L (any one unit where only ratios matter), B in meq/L/pH.
 * Throws for no volume, no buffering at all, a cce or purity outside 0..1.5 or 0..1, a shrink outside 0..1.
 * Source: charge balance of linear titration curves; equivalents from atomic masses.
 * Example: 1 L of pH 4.0 and 30 meq/L/pH to 5.5: 45 meq, 2.25 g/L of pure calcium carbonate.
 */
export function dose(input: DoseInput): DoseResult {
  const { components, targetPH } = input;
  requireWithin('targetPH', targetPH, 0, 14);
  const cce = requirePositive('cce', input.cce ?? DOSE_DEFAULTS.cce, '');
  const purity = requirePositive('purity', input.purity ?? DOSE_DEFAULTS.purity, '');
  const shrink = input.shrink ?? DOSE_DEFAULTS.shrink;
  if (!(shrink >= 0 && shrink < 1)) refuse('shrink', `${String(shrink)} must be 0 or more and under 1`);
  if (components.length === 0) refuse('components', 'give at least one component');
  components.forEach((component, i) => {
    const at = `components[${String(i)}]`;
    requireNotNegative(`${at}.volume`, component.volume, 'L');
    requireWithin(`${at}.pH`, component.pH, 0, 14);
    requireNotNegative(`${at}.buffer_meqPerLpH`, component.buffer_meqPerLpH, 'meq/L/pH');
  });
  const sum = (of: (component: DoseComponent) => number): number =>
    components.reduce((total, one) => total + one.volume * of(one), 0);
  const loose = sum(() => 1);
  if (loose === 0) refuse('components', 'all volumes are 0; at least one component needs a volume');
  const buffer = sum((one) => one.buffer_meqPerLpH);
  if (buffer === 0) refuse('components', 'none of the components buffers, so no dose can be told');
  const pHNow = sum((one) => one.buffer_meqPerLpH * one.pH) / buffer;
  const meq = sum((one) => one.buffer_meqPerLpH * (targetPH - one.pH));
  const meqPerMadeL = meq / (loose * (1 - shrink));
  const amount =
    meq >= 0
      ? { lime_gPerMadeL: (meqPerMadeL * EQUIVALENTS.caco3_gPerEq) / 1000 / cce }
      : { sulphur_gPerMadeL: (-meqPerMadeL * EQUIVALENTS.sulphur_gPerEq) / 1000 / purity };
  return { pHNow, meq, meqPerLooseL: meq / loose, meqPerMadeL, ...amount, checks: retest(meq) };
}

function retest(meq: number): Check[] {
  if (meq === 0) return [];
  const message =
    meq > 0
      ? 'Test again after 7 days with hydrated lime, after 3 to 4 weeks with ground limestone.'
      : 'Test again after 6 to 8 weeks above 15 °C: microbes make the acid.';
  return [{ code: 'retest', severity: 'note', message }];
}

export const doseMethod = defineMethod({
  name: 'dose',
  version: 1,
  source: 'Charge balance of linear titration curves.',
  schema: INPUT,
  calculate: dose,
  outputs: {},
  golden: {
    input: {
      components: [
        { name: 'peat', volume: 1, pH: 4, buffer_meqPerLpH: 30 },
        { name: 'pumice', volume: 1, pH: 7, buffer_meqPerLpH: 2 },
      ],
      targetPH: 5.5,
      cce: 0.9,
      shrink: 0.1,
    },
    gives: {
      pHNow: 4.1875,
      meq: 42,
      meqPerLooseL: 21,
      meqPerMadeL: 23.3333333333,
      lime_gPerMadeL: 1.29733333333,
    },
  },
});
