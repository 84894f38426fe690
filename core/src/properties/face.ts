/** How a property is named and shown. */
export interface Face {
  readonly label: string;
  /** The same in plain words, for learners. */
  readonly plain: string;
  /** Unit as printed; empty for fractions of the medium's volume. */
  readonly unit: string;
  /** Decimals where no spread says otherwise. */
  readonly digits: number;
  /** For what is judged by classes: their names in order; the value is the place in it, from 0. */
  readonly classes?: readonly string[];
  /** A difference that the method can tell; outliers must pass it. */
  readonly floor?: number;
}
