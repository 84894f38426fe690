import type { InputOf, Schema } from './schema';
import type { Source, Working } from './working';

/** Every path that leads into an answer, as `summary.mean` or `replicates[0].airSpace`. */
export type PathOf<R, Before extends string = ''> = R extends readonly (infer E)[]
  ? `${Before}[${number}]${PathStep<E>}`
  : R extends object
    ? { [K in keyof R & string]-?: PathOf<NonNullable<R[K]>, Before extends '' ? K : `${Before}.${K}`> }[keyof R &
        string]
    : Before;
type PathStep<E> = E extends object ? `.${PathOf<E>}` : '';

/** What the drawer says of a number: one plain sentence, the formula in words, the source. */
export interface Words {
  readonly sentence: string;
  readonly formula: string;
  readonly source: string;
}

/** One number of an answer that is shown to people. */
export interface Output<R> {
  readonly of: PathOf<R>;
  /** The property that a sheet has from it, by key. */
  readonly property?: string;
  readonly sentence: string;
  readonly formula: string;
  /** Where it has another source than the method. */
  readonly source?: string;
}

/** A whole input, and numbers of its answer that must not move while the version stands. */
export interface Golden<S extends Schema, R> {
  readonly input: InputOf<S>;
  readonly gives: Readonly<Partial<Record<PathOf<R>, number | string>>>;
}

export type Outputs<R> = Readonly<Record<string, Output<R>>>;

export interface MethodSpec<Name extends string, S extends Schema, R extends object, Outs extends Outputs<R>> {
  readonly name: Name;
  /** Raised by every change that moves a number. */
  readonly version: number;
  readonly source: string;
  readonly schema: S;
  readonly calculate: (input: InputOf<S>) => R;
  readonly outputs: Outs;
  readonly golden: Golden<S, R>;
}

/** A calculation by name, with all that is derived from it: schema, words, stamp, golden outputs, docs. */
export interface Method<
  Name extends string = string,
  S extends Schema = Schema,
  R extends object = object,
  Outs extends Outputs<R> = Outputs<R>,
> extends MethodSpec<Name, S, R, Outs> {
  readonly kind: 'method';
  /** Name and version, as `porosity@1`. */
  readonly stamp: string;
  /** The working of an output; `pick` where one answer holds the output more than once. */
  readonly working: (output: keyof Outs & string, input: InputOf<S>, more?: WorkingMore) => Working;
}

export interface WorkingMore {
  readonly from?: readonly Source[];
  readonly pick?: string;
}

/**
 * A method is one file: its formula, and beside it this. Calc, schemas, words of workings, stamps and docs are read from
 * it; an output that the answer does not hold, or one without words, does not compile.
 */
export function defineMethod<
  const Name extends string,
  S extends Schema,
  R extends object,
  const Outs extends Outputs<R>,
>(spec: MethodSpec<Name, S, R, Outs>): Method<Name, S, R, Outs> {
  const stamp = `${spec.name}@${String(spec.version)}`;
  return {
    ...spec,
    kind: 'method',
    stamp,
    working: (output, input, { from, pick } = {}) => ({
      text: `${spec.name}.${output}`,
      method: stamp,
      calc: spec.name,
      input,
      pick: pick ?? (spec.outputs[output] as Output<R>).of,
      ...(from === undefined ? {} : { from }),
    }),
  };
}
