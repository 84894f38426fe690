/**
 * How one shown number came about: the calculation, exactly what was put into it, and where the number stands in
 * its answer. Feeding `input` to `calc` and following `pick` gives the number again.
 */
export interface Working {
  /** Key of the words: which sentence, formula and source belong to it. */
  readonly text: string;
  /** Method and version whose golden outputs hold it, as `porosity@1`. */
  readonly method: string;
  readonly calc: string;
  readonly input: unknown;
  /** Path into the answer, as `summary.mean` or `replicates[0].airSpace`. */
  readonly pick: string;
  /** Whose numbers went in, each with its own working. */
  readonly from?: readonly Source[];
}

/** A number that another one was made of. */
export interface Source {
  readonly label: string;
  readonly value: number;
  readonly unit: string;
  readonly working?: Working;
  /** Struck out: who excluded or corrected it, and why. */
  readonly struck?: string;
  /** A run to go to. */
  readonly runId?: string;
}

/** Follows a path such as `replicates[0].airSpace` into an answer; undefined where it leads nowhere. */
export function pickAt(answer: unknown, path: string): unknown {
  let at: unknown = answer;
  for (const key of path.split(/[.[\]]/).filter((part) => part !== '')) {
    if (typeof at !== 'object' || at === null) return undefined;
    at = (at as Record<string, unknown>)[key];
  }
  return at;
}
