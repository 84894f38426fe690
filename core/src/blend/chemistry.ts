import type { Check } from '../errors';
import type { BlendComponent } from './blendInput';

/** What a blend has only if every component with volume has it. */
export interface BlendChemistry {
  readonly pH?: number;
  readonly ec_dSm?: number;
  readonly pricePerL?: number;
}

/** pH outside this is no growing medium that the titration slopes were measured for. */
export const PH_RANGE = Object.freeze({ lo: 3, hi: 9 });

/**
 * pH by titration slopes, EC and price of a blend.
 *
 * pH solves sum V_i B_i (pH - pH_i) = lime x V_blend, so pH = (sum V_i B_i pH_i + lime V_blend) / sum V_i B_i;
 * EC = sum V_i EC_i / V_blend; price per litre made = sum V_i price_i / V_blend.
 * B in meq/L/pH, lime in meq per litre of blend made. A figure is absent, with a check naming the component, where
 * one with volume lacks it.
 */
export function chemistry(
  components: readonly BlendComponent[],
  volumes: readonly number[],
  made: number,
  lime_meqPerL: number,
): { readonly figures: BlendChemistry; readonly checks: readonly Check[] } {
  const checks: Check[] = [];
  const used = components
    .map((component, i) => ({ component, volume: volumes[i] as number }))
    .filter((c) => c.volume > 0);
  const complete = (what: string, code: string, has: (component: BlendComponent) => boolean): boolean => {
    const lacking = used.find(({ component }) => !has(component));
    if (lacking === undefined) return true;
    const message = `No ${what}: it is not known for ${lacking.component.name}.`;
    checks.push({ code, severity: 'note', message });
    return false;
  };
  const sum = (of: (component: BlendComponent) => number): number =>
    used.reduce((total, { component, volume }) => total + volume * of(component), 0);

  let pH: number | undefined;
  const known = (c: BlendComponent): boolean => c.pH !== undefined && c.buffer_meqPerLpH !== undefined;
  if (complete('pH', 'no-ph', known)) {
    const buffer = sum((c) => c.buffer_meqPerLpH as number);
    if (buffer === 0) {
      checks.push({ code: 'no-buffer', severity: 'note', message: 'No pH: none of the components buffers.' });
    } else {
      pH = (sum((c) => (c.buffer_meqPerLpH as number) * (c.pH as number)) + lime_meqPerL * made) / buffer;
      if (pH < PH_RANGE.lo || pH > PH_RANGE.hi) {
        const message = `A pH of ${pH.toFixed(1)} lies outside ${String(PH_RANGE.lo)} to ${String(PH_RANGE.hi)}, where the slopes hold; check the lime.`;
        checks.push({ code: 'ph-range', severity: 'caution', message });
      }
    }
  }
  const hasEc = complete('EC', 'no-ec', (c) => c.ec_dSm !== undefined);
  const hasPrice = complete('price', 'no-price', (c) => c.pricePerL !== undefined);
  return {
    figures: {
      ...(pH === undefined ? {} : { pH }),
      ...(hasEc ? { ec_dSm: sum((c) => c.ec_dSm as number) / made } : {}),
      ...(hasPrice ? { pricePerL: sum((c) => c.pricePerL as number) / made } : {}),
    },
    checks,
  };
}
