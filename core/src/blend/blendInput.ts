import { CoreError, refuse, requireNotNegative, requirePositive, requireWithin } from '../errors';
import { choice, list, maybe, number, object, text, whole, type InputOf } from '../method';
import type { Physics } from '../packing';
import { requireRetention, RETENTION } from '../retention';
import { CONTAINER, requireContainer } from '../vessel';

/** What is known of a component, measured in the state in which it is mixed. */
export const COMPONENT_FIELDS = {
  dryBulkDensity_gcc: number(),
  retention: RETENTION,
  interparticleVoid: number('share of the loose volume between its grains'),
  d50_mm: number(),
  spread: number('geometric; 1 is all alike'),
  softness: maybe(number('0 hard to 1 soft')),
  pH: maybe(number()),
  buffer_meqPerLpH: maybe(number()),
  ec_dSm: maybe(number()),
  pricePerL: maybe(number('for a real litre')),
};

/** One component: its volume in the state in which it was measured, and what is known of it. */
const COMPONENT = object({ name: text(), volume: number('any one unit for all components'), ...COMPONENT_FIELDS });
export type BlendComponent = InputOf<typeof COMPONENT>;

/** How the blend is judged: the model of its shrink, what was learnt, lime per litre of blend made. */
export const BLEND_SETTINGS = {
  model: choice(['packing', 'average', 'measured']),
  kappa: maybe(number('share of the packing model’s shrink that really happens')),
  shrink: maybe(number('for the measured model: share of the volume lost on mixing')),
  lime_meqPerL: maybe(number('per litre made')),
  physics: maybe(whole({ minimum: 1, maximum: 2 })),
  salt_dSm: maybe(number('what is mixed in by weight raises the EC of the blend made by, 1:2 at 25 °C')),
  dosed_pricePerL: maybe(number('what is mixed in by weight adds to the price of a litre made')),
};

export const BLEND_INPUT = object({ components: list(COMPONENT), container: CONTAINER, ...BLEND_SETTINGS });
export type BlendInput = InputOf<typeof BLEND_INPUT>;
export type BlendSettings = Omit<BlendInput, 'components' | 'container'>;
export type BlendModel = BlendInput['model'];

export const BLEND_DEFAULTS = Object.freeze({
  softness: 0,
  kappa: 1,
  lime_meqPerL: 0,
  salt_dSm: 0,
  dosed_pricePerL: 0,
});

/** The rules that a blend is worked out by: those of old unless the mended ones are asked for (see docs/decisions). */
export const physicsOf = ({ physics }: Pick<BlendSettings, 'physics'>): Physics => (physics === 2 ? 2 : 1);

/** What the desk, its search and its bands ask for. */
export const DESK_PHYSICS: Physics = 2;

/** Refuses components that no blend can be made of, naming the field. */
export function requireComponents(components: readonly BlendComponent[]): void {
  if (components.length === 0) refuse('components', 'an empty list makes no blend; give at least one component');
  components.forEach((component, i) => {
    const at = `components[${String(i)}]`;
    requireNotNegative(`${at}.volume`, component.volume, '');
    requirePositive(`${at}.dryBulkDensity_gcc`, component.dryBulkDensity_gcc, 'g/mL');
    requireRetention(component.retention, `${at}.retention.`);
    const empty = component.interparticleVoid;
    if (!(empty > 0 && empty < 1)) refuse(`${at}.interparticleVoid`, `${String(empty)} must lie between 0 and 1`);
    if (empty > component.retention.thetaS) {
      refuse(
        `${at}.interparticleVoid`,
        `${String(empty)} cannot be above the total porosity thetaS ${String(component.retention.thetaS)}`,
      );
    }
    requirePositive(`${at}.d50_mm`, component.d50_mm, 'mm');
    if (!(component.spread >= 1)) refuse(`${at}.spread`, `${String(component.spread)} must be 1 or more`);
    if (component.softness !== undefined) requireWithin(`${at}.softness`, component.softness, 0, 1);
    if (component.pH !== undefined) requireWithin(`${at}.pH`, component.pH, 0, 14);
    if (component.buffer_meqPerLpH !== undefined) {
      requireNotNegative(`${at}.buffer_meqPerLpH`, component.buffer_meqPerLpH, 'meq/L/pH');
    }
    if (component.ec_dSm !== undefined) requireNotNegative(`${at}.ec_dSm`, component.ec_dSm, 'dS/m');
    if (component.pricePerL !== undefined) requireNotNegative(`${at}.pricePerL`, component.pricePerL, 'per litre');
  });
}

/** Refuses volumes that sum to nothing. */
export function requireSomeVolume(volumes: readonly number[]): void {
  if (!(volumes.reduce((sum, volume) => sum + volume, 0) > 0)) {
    refuse('components', 'all volumes are 0; at least one component needs a volume');
  }
}

/** Refuses settings outside their range, or a measured model without its shrink. */
export function requireSettings(settings: BlendSettings): void {
  if (settings.kappa !== undefined) requireNotNegative('kappa', settings.kappa, '');
  if (settings.lime_meqPerL !== undefined && !Number.isFinite(settings.lime_meqPerL)) {
    refuse('lime_meqPerL', 'must be a number');
  }
  if (settings.physics !== undefined && settings.physics !== 1 && settings.physics !== 2)
    refuse('physics', `${String(settings.physics)} must be 1 or 2`);
  if (settings.salt_dSm !== undefined) requireNotNegative('salt_dSm', settings.salt_dSm, 'dS/m');
  if (settings.dosed_pricePerL !== undefined)
    requireNotNegative('dosed_pricePerL', settings.dosed_pricePerL, 'per litre');
  if (settings.shrink !== undefined && !(settings.shrink >= 0 && settings.shrink < 1)) {
    refuse('shrink', `${String(settings.shrink)} must be 0 or more and under 1`);
  }
  if (settings.model === 'measured' && settings.shrink === undefined) {
    throw new CoreError('missing', 'shrink', 'the measured model needs the shrink that was measured, 0 to 1');
  }
}

export function requireBlendInput(input: BlendInput): void {
  requireContainer(input.container);
  requireComponents(input.components);
  requireSomeVolume(input.components.map((component) => component.volume));
  requireSettings(input);
}
