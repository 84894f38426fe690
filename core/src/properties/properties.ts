import type { AnyMethod } from '../calc';
import { BENCH_PROPERTIES } from './benchProperties';
import type { Face } from './face';
import { MAIN_PROPERTIES } from './mainProperties';
import { METHOD_PROPERTIES } from './methodProperties';

/** One name for one thing: what calc, cards, profiles, rubrics and sheets call a property, and how it is shown. */
export interface Property extends Face {
  readonly key: string;
}

export type PropertyKey = keyof typeof MAIN_PROPERTIES | keyof typeof METHOD_PROPERTIES | keyof typeof BENCH_PROPERTIES;

type OutputOf<M> = M extends { readonly outputs: infer Outs } ? Outs[keyof Outs] : never;
type Named<O> = O extends { readonly property: infer P extends string } ? P : never;

/** Properties that methods name and nobody shows: there are none, or this does not compile. */
type Misspelt = Exclude<Named<OutputOf<AnyMethod>>, PropertyKey>;

/** All properties by key, in the order in which they are shown. */
export const PROPERTIES: [Misspelt] extends [never] ? Readonly<Record<PropertyKey, Face>> : Misspelt = {
  ...MAIN_PROPERTIES,
  ...METHOD_PROPERTIES,
  ...BENCH_PROPERTIES,
};

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
