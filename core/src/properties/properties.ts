import { METHODS, type AnyMethod } from '../calc';
import type { Face } from '../method';
import { BENCH_PROPERTIES } from './benchProperties';
import { MAIN_PROPERTIES } from './mainProperties';

/** One name for one thing: what calc, cards, profiles, rubrics and sheets call a property, and how it is shown. */
export interface Property extends Face {
  readonly key: string;
}

type OutputOf<M> = M extends { readonly outputs: infer Outs } ? Outs[keyof Outs] : never;
/** Properties that a method is the first to give, and shows itself. */
type Faced<O> = O extends { readonly property: infer P extends string; readonly face: Face } ? P : never;
type Named<O> = O extends { readonly property: infer P extends string } ? P : never;

type MethodProperty = Faced<OutputOf<AnyMethod>>;

export type PropertyKey = keyof typeof MAIN_PROPERTIES | MethodProperty | keyof typeof BENCH_PROPERTIES;

/** Properties that methods name and nobody shows: there are none, or this does not compile. */
type Misspelt = Exclude<Named<OutputOf<AnyMethod>>, PropertyKey>;

const FACES = Object.fromEntries(
  METHODS.flatMap(({ outputs }) => Object.values(outputs)).flatMap(({ property: key, face }) =>
    key === undefined || face === undefined ? [] : [[key, face]],
  ),
) as [Misspelt] extends [never] ? Readonly<Record<MethodProperty, Face>> : Misspelt;

/** All properties by key, in the order in which they are shown. */
export const PROPERTIES: Readonly<Record<PropertyKey, Face>> = { ...MAIN_PROPERTIES, ...FACES, ...BENCH_PROPERTIES };

/** Judged classes in words: one name where all agree, else each with how often. */
export function classWords(classes: readonly string[], values: readonly number[]): string {
  const named = values.map((value) => classes[Math.round(value)] ?? '');
  const kinds = [...new Set(named)];
  if (kinds.length === 1) return kinds[0] as string;
  return kinds.map((kind) => `${kind} ×${String(named.filter((one) => one === kind).length)}`).join(', ');
}

/** The entry of a property, with its key. */
export function property(key: PropertyKey): Property {
  return { key, ...PROPERTIES[key] };
}
