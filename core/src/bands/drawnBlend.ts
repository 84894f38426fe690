import { blend, type BlendComponent, type BlendSettings } from '../blend';
import type { Retention } from '../retention';
import { seededRandom, type Random } from '../scoring';
import { BANDS_DEFAULTS, requireBands, type BandsInput, type UncertainComponent } from './bandsInput';
import { drawnBody, type Drawn, type Mutable } from './drawnComponent';
import { drawnAlone, drawnSettings } from './drawnValue';
import type { DrawnInput } from './drivers';

const plainCurve = ({ thetaR, thetaS, alpha_percm, n }: Retention): Retention => ({ thetaR, thetaS, alpha_percm, n });

function plainComponent(given: UncertainComponent): BlendComponent {
  const entries = Object.entries(given).filter(
    ([key]) => !key.endsWith('_se') && key !== 'retention_cov' && key !== 'readings',
  );
  return { ...(Object.fromEntries(entries) as unknown as BlendComponent), retention: plainCurve(given.retention) };
}

/** A drawn void never exceeds the drawn porosity. */
function possible(component: BlendComponent): BlendComponent {
  const { thetaS } = component.retention;
  return component.interparticleVoid <= thetaS ? component : { ...component, interparticleVoid: thetaS };
}

/** A blend whose parts and settings are drawn again and again, as far as they are in doubt. */
export class DrawnBlend {
  readonly settings: { -readonly [K in keyof BlendSettings]: BlendSettings[K] };
  private readonly mutables: readonly Mutable[];
  private readonly drawn: readonly Drawn[];

  constructor(input: BandsInput, draws: number) {
    this.mutables = input.components.map((given): Mutable => ({
      volume: given.volume,
      component: plainComponent(given),
    }));
    this.settings = {
      model: input.model,
      ...(input.physics === undefined ? {} : { physics: input.physics }),
      ...(input.kappa === undefined ? {} : { kappa: input.kappa }),
      ...(input.shrink === undefined ? {} : { shrink: input.shrink }),
      ...(input.lime_meqPerL === undefined ? {} : { lime_meqPerL: input.lime_meqPerL }),
      ...(input.salt_dSm === undefined ? {} : { salt_dSm: input.salt_dSm }),
      ...(input.dosed_pricePerL === undefined ? {} : { dosed_pricePerL: input.dosed_pricePerL }),
    };
    this.drawn = [
      ...input.components.flatMap((given, i) => {
        const [at, mutable] = [`components[${String(i)}]`, this.mutables[i] as Mutable];
        return [...drawnBody(given, at, draws, mutable), ...drawnAlone(given, at, draws, mutable)];
      }),
      ...drawnSettings(input, draws, this.settings),
    ];
  }

  /** What varies, with its draws. */
  get inputs(): DrawnInput[] {
    return this.drawn.flatMap((one) => one.inputs);
  }

  draw(
    random: Random,
    at: number,
  ): { readonly components: readonly BlendComponent[]; readonly volumes: readonly number[] } {
    for (const one of this.drawn) one.draw(random, at);
    return {
      components: this.mutables.map(({ component }) => possible(component)),
      volumes: this.mutables.map(({ volume }) => volume),
    };
  }
}

/** Curves of a blend as far as it is known, one a draw. */
export function drawnCurves(input: BandsInput, draws: number): Retention[] {
  requireBands(input);
  const random = seededRandom(input.seed ?? BANDS_DEFAULTS.seed);
  const drawn = new DrawnBlend(input, draws);
  return Array.from({ length: draws }, (_, at) => {
    const { components, volumes } = drawn.draw(random, at);
    const parts = components.map((component, i) => ({ ...component, volume: volumes[i] as number }));
    return blend({ ...drawn.settings, components: parts, container: input.container }).retention;
  });
}
