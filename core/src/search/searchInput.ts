import { BLEND_SETTINGS, COMPONENT_FIELDS, requireComponents, requireSettings } from '../blend';
import { CoreError, refuse, requireNotNegative, requirePositive } from '../errors';
import { flag, list, maybe, number, object, range, text, type InputOf } from '../method';
import { CONTAINER, requireContainer } from '../vessel';

/** A component with how many parts it may have; its volume comes from the recipe. */
const COMPONENT = object({
  name: text(),
  volume: maybe(number('not needed')),
  ...COMPONENT_FIELDS,
  minParts: maybe(number()),
  maxParts: maybe(number()),
  perPart: maybe(number('volume of a part in the state in which it was measured; 1')),
});
export type SearchComponent = InputOf<typeof COMPONENT>;

const TARGET = object({ property: text(), ideal: range, limits: range, weight: number(), must: maybe(flag()) });
export type SearchTarget = InputOf<typeof TARGET>;

export const SEARCH_INPUT = object({
  components: list(COMPONENT),
  parts: number('whole parts that a recipe shares out'),
  container: CONTAINER,
  targets: list(TARGET),
  keep: maybe(number()),
  physics: BLEND_SETTINGS.physics,
  lime_meqPerL: BLEND_SETTINGS.lime_meqPerL,
  salt_dSm: BLEND_SETTINGS.salt_dSm,
  dosed_pricePerL: BLEND_SETTINGS.dosed_pricePerL,
  kappa: maybe(
    number('share of the packing model’s shrink that really happens; 1 unless measured blends say otherwise'),
  ),
});
export type RecipeSearchInput = InputOf<typeof SEARCH_INPUT>;

export const SEARCH_DEFAULTS = Object.freeze({ keep: 20, mostParts: 60, mostComponents: 16 });

/** Scalar outputs of a blend that a target may speak of. */
export const SEARCHABLE = [
  'air',
  'water',
  'easilyAvailable',
  'totalPorosity',
  'bulkDensity_gcc',
  'pH',
  'ec_dSm',
  'pricePerL',
  'shrink',
  'lambda',
  'packing',
] as const;
export type SearchableProperty = (typeof SEARCHABLE)[number];

/** Least and most parts of each component, held to what the others leave. */
export interface PartLimits {
  readonly least: readonly number[];
  readonly most: readonly number[];
}

/** What is shared out, among which. */
export type Shared = Pick<RecipeSearchInput, 'components' | 'parts'>;

export function partLimits({ components, parts }: Shared): PartLimits {
  const least = components.map((one) => one.minParts ?? 0);
  const sum = least.reduce((a, b) => a + b, 0);
  const most = components.map((one, i) => Math.min(one.maxParts ?? parts, parts - sum + (least[i] as number)));
  return { least, most };
}

export function requireSearch(input: RecipeSearchInput): void {
  const { components, parts, targets, keep } = input;
  requireContainer(input.container);
  if (!(Number.isInteger(parts) && parts >= 1 && parts <= SEARCH_DEFAULTS.mostParts)) {
    refuse('parts', `${String(parts)} must be a whole number from 1 to ${String(SEARCH_DEFAULTS.mostParts)}`);
  }
  if (keep !== undefined && !(Number.isInteger(keep) && keep >= 1))
    refuse('keep', `${String(keep)} must be a whole number of 1 or more`);
  requireSettings({ ...input, model: 'packing' });
  if (components.length > SEARCH_DEFAULTS.mostComponents) {
    refuse(
      'components',
      `${String(components.length)} are too many to try every recipe; choose at most ${String(SEARCH_DEFAULTS.mostComponents)}`,
    );
  }
  requireComponents(components.map((one) => ({ ...one, volume: one.volume ?? 1 })));
  requireParts(input);
  requireTargets(targets);
}

/** Refuses windows that no blend could be scored by, naming the field. */
export function requireTargets(targets: readonly SearchTarget[]): void {
  if (targets.length === 0) refuse('targets', 'name at least one target to search for');
  targets.forEach((target, i) => {
    requireTarget(target, `targets[${String(i)}]`);
  });
  if (targets.every((target) => target.weight === 0)) refuse('targets', 'all weights are 0');
}

function requireParts({ components, parts }: RecipeSearchInput): void {
  const whole = (value: number | undefined): boolean => value === undefined || (Number.isInteger(value) && value >= 0);
  components.forEach((one, i) => {
    const at = `components[${String(i)}]`;
    if (one.perPart !== undefined) requirePositive(`${at}.perPart`, one.perPart, '');
    if (!whole(one.minParts)) refuse(`${at}.minParts`, `${String(one.minParts)} must be a whole number of 0 or more`);
    if (!whole(one.maxParts)) refuse(`${at}.maxParts`, `${String(one.maxParts)} must be a whole number of 0 or more`);
    if ((one.minParts ?? 0) > (one.maxParts ?? parts))
      refuse(`${at}.minParts`, `${String(one.minParts)} must not be above maxParts ${String(one.maxParts ?? parts)}`);
  });
  const least = components.reduce((sum, one) => sum + (one.minParts ?? 0), 0);
  const most = components.reduce((sum, one) => sum + (one.maxParts ?? parts), 0);
  if (least > parts || most < parts) {
    refuse(
      'parts',
      `${String(parts)} parts cannot be shared out: the limits allow ${String(least)} to ${String(most)}`,
    );
  }
}

function requireTarget(target: SearchTarget, at: string): void {
  if (!(SEARCHABLE as readonly string[]).includes(target.property)) {
    throw new CoreError(
      'unknown',
      `${at}.property`,
      `a blend has no "${target.property}"; it has ${SEARCHABLE.join(', ')}`,
    );
  }
  requireNotNegative(`${at}.weight`, target.weight, '');
  for (const side of ['ideal', 'limits'] as const)
    for (const end of target[side])
      if (end !== null && !Number.isFinite(end)) refuse(`${at}.${side}`, 'give two numbers, or null for an open side');
  const [idealLo, idealHi] = target.ideal;
  const [limitLo, limitHi] = target.limits;
  if (idealLo !== null && idealHi !== null && idealLo > idealHi)
    refuse(`${at}.ideal`, `${String(idealLo)} must not be above ${String(idealHi)}`);
  if (idealLo !== null && limitLo !== null && limitLo > idealLo)
    refuse(`${at}.limits`, `the lower limit must not be above the ideal's ${String(idealLo)}`);
  if (idealHi !== null && limitHi !== null && limitHi < idealHi)
    refuse(`${at}.limits`, `the upper limit must not be under the ideal's ${String(idealHi)}`);
}
