import * as bands from '../bands';
import * as blend from '../blend';
import * as buying from '../buying';
import * as chemistry from '../chemistry';
import * as column from '../column';
import * as doses from '../doses';
import * as drainage from '../drainage';
import * as drydown from '../drydown';
import * as feeding from '../feeding';
import * as instruments from '../instruments';
import * as kitchen from '../kitchen';
import * as knowledge from '../knowledge';
import type { Method, Output, Words } from '../method';
import * as outlook from '../outlook';
import * as particles from '../particles';
import * as porosity from '../porosity';
import * as quantity from '../quantity';
import * as retention from '../retention';
import * as rhythm from '../rhythm';
import * as prices from '../prices';
import * as scoring from '../scoring';
import * as settling from '../settling';
import * as search from '../search';
import * as shares from '../shares';
import * as statistics from '../statistics';
import * as trials from '../trials';
import * as wetting from '../wetting';

/** The concepts that calculate, in the order in which their methods are listed. */
const CONCEPTS = {
  ...porosity,
  ...kitchen,
  ...statistics,
  ...retention,
  ...rhythm,
  ...knowledge,
  ...drainage,
  ...drydown,
  ...column,
  ...chemistry,
  ...instruments,
  ...particles,
  ...wetting,
  ...shares,
  ...blend,
  ...bands,
  ...search,
  ...quantity,
  ...doses,
  ...feeding,
  ...outlook,
  ...prices,
  ...buying,
  ...scoring,
  ...settling,
  ...trials,
};

/** Whatever a concept's index exports as a method; what of it is read is the same for all. */
export type AnyMethod = Extract<(typeof CONCEPTS)[keyof typeof CONCEPTS], { readonly kind: 'method' }>;

/** The names by which a result can be asked for again from outside, on a command line or over HTTP. */
export type CalcName = AnyMethod['name'];

/** A method whatever it takes and gives: whoever calls it has checked the input by its schema. */
export type LooseMethod = Omit<Method, 'calculate' | 'outputs' | 'golden' | 'working'> & {
  readonly calculate: (input: unknown) => object;
  readonly outputs: Readonly<Record<string, Output<object>>>;
  readonly golden: { readonly input: object; readonly gives: Readonly<Record<string, number | string>> };
};

const isMethod = (one: unknown): one is LooseMethod =>
  typeof one === 'object' && one !== null && 'kind' in one && one.kind === 'method';

/** Every calculation that can be asked for by name. */
export const METHODS: readonly LooseMethod[] = Object.values<unknown>(CONCEPTS).filter(isMethod);

const BY_NAME: ReadonlyMap<string, LooseMethod> = new Map(METHODS.map((method) => [method.name, method]));

/** The method of a name, undefined where there is none. */
export const methodCalled = (name: string): LooseMethod | undefined => BY_NAME.get(name);

/** Every method with its version, in order: whoever keeps results keeps this beside them. */
export const METHOD_STAMPS: readonly string[] = METHODS.map(({ stamp }) => stamp).sort();

/** The words of a working by its key, as `porosity.airSpace`; undefined for what no method gives. */
export function wordsOf(text: string): Words | undefined {
  const [name = '', output = ''] = text.split('.');
  const method = methodCalled(name);
  const found = method?.outputs[output];
  if (method === undefined || found === undefined) return undefined;
  return { sentence: found.sentence, formula: found.formula, source: found.source ?? method.source };
}
