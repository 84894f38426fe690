import type { Check } from '../errors';
import type { BlendComponent } from './blendInput';

/** What a blend has only if every component with volume has it. */
export interface BlendChemistry {
  readonly pH?: number;
  readonly ec_dSm?: number;
  readonly pricePerL?: number;
}

/** What is mixed in by weight, to a litre made. */
export interface Dosed {
  readonly lime_meqPerL: number;
  readonly salt_dSm: number;
  readonly dosed_pricePerL: number;
}

/** pH outside this is no growing medium that the titration slopes were measured for. */
export const PH_RANGE = Object.freeze({ lo: 3, hi: 9 });

/**
 * pH by titration slopes, EC and price of a blend.
 *
 * pH solves sum V_i B_i (pH - pH_i) = lime x V_blend, so pH = (sum V_i B_i pH_i + lime V_blend) / sum V_i B_i;
 * EC = sum V_i EC_i / V_blend + what is mixed in by weight; price per litre made = sum V_i price_i / V_blend + that of what is mixed in.
 * B in meq/L/pH, lime in meq per litre of blend made. A figure is absent, with a check naming the component, where
 * one with volume lacks it.
 */
export function chemistry(
  components: readonly BlendComponent[],
  volumes: readonly number[],
  made: number,
  { lime_meqPerL, salt_dSm, dosed_pricePerL }: Dosed,
): { readonly figures: BlendChemistry; readonly checks: readonly Check[] } {
  let buffer = 0;
  let acidity = 0;
  let salts = 0;
  let price = 0;
  const lacking: { pH?: string; ec?: string; price?: string } = {};
  for (let i = 0; i < components.length; i += 1) {
    const volume = volumes[i] as number;
    if (volume === 0) continue;
    const c = components[i] as BlendComponent;
    if (c.pH === undefined || c.buffer_meqPerLpH === undefined) lacking.pH ??= c.name;
    else {
      buffer += volume * c.buffer_meqPerLpH;
      acidity += volume * c.buffer_meqPerLpH * c.pH;
    }
    if (c.ec_dSm === undefined) lacking.ec ??= c.name;
    else salts += volume * c.ec_dSm;
    if (c.pricePerL === undefined) lacking.price ??= c.name;
    else price += volume * c.pricePerL;
  }
  const checks: Check[] = [];
  const note = (code: string, message: string): void => {
    checks.push({ code, severity: 'note', message });
  };
  const unknown = (code: string, what: string, name: string): void => {
    note(code, `No ${what}: it is not known for ${name}.`);
  };
  let pH: number | undefined;
  if (lacking.pH !== undefined) unknown('no-ph', 'pH', lacking.pH);
  else if (buffer === 0) note('no-buffer', 'No pH: none of the components buffers.');
  else {
    pH = (acidity + lime_meqPerL * made) / buffer;
    if (pH < PH_RANGE.lo || pH > PH_RANGE.hi) {
      const message = `A pH of ${pH.toFixed(1)} lies outside ${String(PH_RANGE.lo)} to ${String(PH_RANGE.hi)}, where the slopes hold; check the lime.`;
      checks.push({ code: 'ph-range', severity: 'caution', message });
    }
  }
  if (lacking.ec !== undefined) unknown('no-ec', 'EC', lacking.ec);
  if (lacking.price !== undefined) unknown('no-price', 'price', lacking.price);
  const figures: { pH?: number; ec_dSm?: number; pricePerL?: number } = {};
  if (pH !== undefined) figures.pH = pH;
  if (lacking.ec === undefined) figures.ec_dSm = salts / made + salt_dSm;
  if (lacking.price === undefined) figures.pricePerL = price / made + dosed_pricePerL;
  return { figures, checks };
}
