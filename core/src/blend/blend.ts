import type { Check } from '../errors';
import { fitCurve, type CurvePoint, type Retention } from '../retention';
import { requireBlendInput, type BlendInput } from './blendInput';
import { blendCautions } from './cautions';
import { blendWaterAt, evaluateBlend, type BlendScalars } from './evaluateBlend';
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
 * (no shrink) or `measured` (the shrink given). The order of components does not matter; one component gives itself.
 * `curve` is theta at ten suctions, `retention` van Genuchten's curve through them with its misfit.
 * Throws for bad components, container or settings (path of the field). pH, EC or price is absent, with a check, where
 * a component with volume lacks it.
 * Source: packing by de Larrard (1999); pore loss is ours, described in docs/methods.md.
 * Example: equal volumes of bulk densities 0.1 and 0.5 g/mL, average model: bulk density 0.3 g/mL.
 */
export function blend(input: BlendInput): BlendResult {
  requireBlendInput(input);
  const volumes = input.components.map((component) => component.volume);
  const prepared = prepareBlend(input.components, input.container);
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
  const prepared = prepareBlend(input.components, input.container);
  const { scalars, loss } = evaluateBlend(prepared, volumes, input);
  return Array.from({ length: count }, (_, i) => {
    const z_cm = (input.container.height_cm * i) / (count - 1);
    return { z_cm, theta: blendWaterAt(prepared, volumes, loss, z_cm) / scalars.volume };
  });
}
