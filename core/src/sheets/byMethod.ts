import type { Check } from '../errors';
import { pickAt, type InputOf, type Method, type Output, type Outputs, type Schema } from '../method';
import type { PropertyKey } from '../properties';
import type { Protocol } from './protocol';
import type { Sheet } from './reading';
import { attempt, replicateIndices, summarised, type FreshValue, type Reducer } from './reducer';
import { replicateName, type RunRecord } from './runRecord';

/** What a sheet asks a method for each replicate. */
export interface SheetReading<I> {
  /** Undefined while readings are missing; a reading that cannot be used is said among the checks. */
  readonly inputOf: (run: RunRecord, sheet: Sheet, replicate: number, checks: Check[]) => I | undefined;
  /** Remarks on a replicate that the calculation itself cannot make. */
  readonly remarks?: (run: RunRecord, sheet: Sheet, replicate: number) => readonly Check[];
}

/**
 * A reducer that asks one method for each replicate: what its outputs call a property becomes one. Notes of the
 * calculation stay in the working.
 */
export function byMethod<S extends Schema, R extends object, Outs extends Outputs<R>>(
  method: Method<string, S, R, Outs>,
  { inputOf, remarks }: SheetReading<InputOf<S>>,
): Reducer {
  const outputs = Object.entries<Output<R>>(method.outputs).flatMap(([output, { of, property }]) =>
    // Which properties there are is known above the methods, which name them; properties/ checks the names.
    property === undefined ? [] : [{ output: output, of, property: property as PropertyKey }],
  );
  return (run, sheet) => {
    const checks: Check[] = [];
    const values = new Map<PropertyKey, FreshValue[]>();
    for (const replicate of replicateIndices(run)) {
      const input = inputOf(run, sheet, replicate, checks);
      const result = input === undefined ? undefined : attempt(replicate, checks, () => method.calculate(input));
      if (input === undefined || result === undefined) continue;
      checks.push(...loud(result, replicate), ...(remarks?.(run, sheet, replicate) ?? []));
      for (const { output, of, property } of outputs) {
        const value = pickAt(result, of);
        if (typeof value !== 'number') continue;
        values.set(property, [
          ...(values.get(property) ?? []),
          { replicate, value, working: method.working(output, input) },
        ]);
      }
    }
    return { properties: [...values].map(([key, found]) => summarised(run, key, found)), checks };
  };
}

/** What a calculation remarks on, but for its notes, said of the replicate. */
function loud(result: object, replicate: number): Check[] {
  const checks = 'checks' in result ? (result.checks as readonly Check[]) : [];
  return checks
    .filter(({ severity }) => severity !== 'note')
    .map((check) => ({ ...check, message: `${replicateName(replicate)}: ${check.message}`, replicate }));
}

/** A protocol that ships with the way in which its sheet becomes results. */
export interface Shipped {
  readonly protocol: Protocol;
  readonly reduce: Reducer;
}
