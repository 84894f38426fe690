import type { Check } from '../errors';
import { property, type PropertyKey } from '../properties';
import { inSentence } from '../protocols';
import { replicateName, type RunProperty } from '../sheets';
import { grubbs, meanOf, type GrubbsResult } from '../statistics';

/** Properties whose floor is a share of the value: what their method can tell. */
const SHARE_FLOORS: Readonly<Partial<Record<PropertyKey, number>>> = {
  bulkDensity_gcc: 0.04,
  particleDensity_gcc: 0.04,
  ec_dSm: 0.1,
};

/** A difference that the method can tell, and a spread that its digits make. */
function guardsOf(
  key: PropertyKey,
  values: readonly number[],
): { readonly floor?: number; readonly resolution: number } {
  const { floor, digits } = property(key);
  const share = SHARE_FLOORS[key];
  const least = floor ?? (share === undefined ? undefined : share * Math.abs(meanOf(values)));
  return { ...(least === undefined ? {} : { floor: least }), resolution: 10 ** -digits };
}

interface Found {
  readonly key: PropertyKey;
  readonly test: GrubbsResult;
}

/**
 * Replicates that lie apart from the others in something that was weighed or read, by Grubbs's test from five replicates
 * on, with the method's floor and the reading's resolution. One sentence a replicate, whatever it lies apart in: porosity,
 * water and air are worked out of the same weighings.
 */
export function outlierChecks(properties: readonly RunProperty[]): Check[] {
  const found = new Map<number, Found[]>();
  for (const { property: key, values } of properties) {
    if (property(key).classes !== undefined) continue;
    const counted = values.filter(({ excluded }) => excluded === undefined);
    const numbers = counted.map(({ value }) => value);
    const test = numbers.length === 0 ? undefined : grubbs(numbers, guardsOf(key, numbers));
    if (test?.outlier !== true) continue;
    const replicate = counted[test.index]?.replicate ?? 0;
    found.set(replicate, [...(found.get(replicate) ?? []), { key, test }]);
  }
  return [...found].map(([replicate, ones]): Check => {
    const names = ones.map(({ key }) => inSentence(property(key).label));
    const most = ones.reduce((a, b) => (b.test.g / b.test.critical > a.test.g / a.test.critical ? b : a)).test;
    const message = `${replicateName(replicate)} lies apart from the others in ${listed(names)} (Grubbs ${most.g.toFixed(2)}, allowed ${most.critical.toFixed(2)}). Look for a cause before you exclude it.`;
    return { code: 'outlier', severity: 'caution', message, replicate };
  });
}

const listed = (names: readonly string[]): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1) as string}`;
