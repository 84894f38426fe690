import type { Check } from '../errors';
import { defineMethod } from '../method';
import { fitCurve, type CurvePoint, type Retention } from '../retention';
import { BLEND_INPUT, physicsOf, requireBlendInput, type BlendInput } from './blendInput';
import { blendCautions } from './cautions';
import { blendWaterAt, evaluateBlend, type BlendScalars } from './evaluateBlend';
import { GOLDEN_PARTS } from './goldenParts';
import { CURVE_HEADS_CM, prepareBlend } from './prepareBlend';

export interface BlendResult extends BlendScalars {
  readonly curve: readonly CurvePoint[];
  readonly retention: Retention;
  readonly retentionRmse: number;
  readonly checks: readonly Check[];
}

/**
 * What a blend will be in a container, from its components.
 *
 * Volumes in any one unit, densities g/mL, d50 mm, buffer meq/L/pH, EC dS/m (one extraction for all), price per litre,
 * container cm, lime meq per litre of blend made. `model`: `packing` (shrink by grain packing times kappa), `average`
 * (no shrink) or `measured` (the shrink given). `physics` 1, as if absent, or 2: softness that fades at equal sizes and a
 * loss of pores without a cut (docs/decisions/038). The order of components does not matter; one component gives itself.
 * `curve` is theta at ten suctions, `retention` van Genuchten's curve through them with its misfit.
 * Throws for bad components, container or settings (path of the field). pH, EC or price is absent, with a check, where
 * a component with volume lacks it.
 * Source: packing by de Larrard (1999); pore loss is ours, described in docs/methods.md.
 * Example: equal volumes of bulk densities 0.1 and 0.5 g/mL, average model: bulk density 0.3 g/mL.
 */
export function blend(input: BlendInput): BlendResult {
  requireBlendInput(input);
  const volumes = input.components.map((component) => component.volume);
  const prepared = prepareBlend(input.components, input.container, physicsOf(input));
  const { scalars, loss, checks } = evaluateBlend(prepared, volumes, input);
  const curve = CURVE_HEADS_CM.map((head_cm) => ({
    head_cm,
    theta: blendWaterAt(prepared, volumes, loss, head_cm) / scalars.volume,
  }));
  const { retention, rmse } = fitCurve(curve);
  return {
    ...scalars,
    curve,
    retention,
    retentionRmse: rmse,
    checks: [...checks, ...blendCautions(input.components, volumes)],
  };
}

/** Water fraction by height above the base of the pot, `count` heights from base to top. */
export function blendProfile(input: BlendInput, count: number): { readonly z_cm: number; readonly theta: number }[] {
  requireBlendInput(input);
  const volumes = input.components.map((component) => component.volume);
  const prepared = prepareBlend(input.components, input.container, physicsOf(input));
  const { scalars, loss } = evaluateBlend(prepared, volumes, input);
  return Array.from({ length: count }, (_, i) => {
    const z_cm = (input.container.height_cm * i) / (count - 1);
    return {
      z_cm,
      theta: blendWaterAt(prepared, volumes, loss, z_cm + (input.container.baseSuction_cm ?? 0)) / scalars.volume,
    };
  });
}

export const blendMethod = defineMethod({
  name: 'blend',
  version: 2,
  source: 'Packing after de Larrard, 1999; loss of coarse pores is our own rule.',
  schema: BLEND_INPUT,
  calculate: blend,
  outputs: {
    water: {
      of: 'water',
      sentence: 'Mean water of the blend over the height of this pot, after draining.',
      formula: 'Σ volume × (mean θ − λ × mean of coarse-pore water) / volume made',
    },
    air: {
      of: 'air',
      sentence: 'Pores of the blend that hold no water once the pot stops dripping.',
      formula: 'total porosity − water',
    },
    totalPorosity: {
      of: 'totalPorosity',
      sentence: 'All pores that came along, less those that closed on mixing.',
      formula: '(Σ volume × porosity − volume lost) / volume made',
    },
    easilyAvailable: {
      of: 'easilyAvailable',
      sentence: 'Water that the blend gives up between 10 and 50 cm of suction.',
      formula: 'θ(10 cm) − θ(50 cm)',
      source: 'De Boodt and Verdonck, 1972.',
    },
    ofOneCurve: {
      of: 'easilyAvailable',
      sentence: 'Water that the curve gives up between 10 and 50 cm of suction.',
      formula: 'θ(10 cm) − θ(50 cm)',
      source: 'De Boodt and Verdonck, 1972; the curve is inferred from one depth.',
    },
    bulkDensity_gcc: {
      of: 'bulkDensity_gcc',
      sentence: 'All the dry matter, in the volume that is left after mixing.',
      formula: 'Σ volume × bulk density / volume made',
    },
    pH: {
      of: 'pH',
      sentence: 'Where the components’ titration slopes balance each other and the lime.',
      formula: '(Σ volume × buffer × pH + lime × volume made) / Σ volume × buffer',
      source: 'Charge balance of linear titration curves.',
    },
    ec_dSm: {
      of: 'ec_dSm',
      sentence: 'All the salts, in the volume that is left after mixing.',
      formula: 'Σ volume × EC / volume made',
      source: 'Salts are kept; one extraction, 1:2 in water at 25 °C.',
    },
    pricePerL: {
      of: 'pricePerL',
      sentence: 'What goes in costs this much for each litre that comes out.',
      formula: 'Σ volume × price / volume made',
      source: 'Prices per real litre of the lots.',
    },
    shrink: {
      of: 'shrink',
      sentence: 'Small grains settle between large ones, so the volumes do not add.',
      formula: 'κ × (1 − Σ volume × packing / packing of the mix / Σ volume)',
    },
  },
  golden: {
    input: {
      components: GOLDEN_PARTS,
      container: { height_cm: 15, topDiameter_cm: 16, baseDiameter_cm: 12 },
      model: 'packing',
      lime_meqPerL: 5,
    },
    gives: {
      water: 0.511430662196,
      air: 0.204394825027,
      totalPorosity: 0.715825487223,
      easilyAvailable: 0.170063574295,
      bulkDensity_gcc: 0.436267913982,
      pH: 4.72036246167,
      ec_dSm: 0.160098317058,
      pricePerL: 0.280172054851,
      shrink: 0.167178420212,
      lambda: 0.469398266362,
      packing: 0.656403099936,
      'retention.alpha_percm': 0.597708593877,
      'curve[3].theta': 0.534561162333,
    },
  },
});
