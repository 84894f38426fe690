import type { MeasurableProperty } from '../learning';
import { meanOf } from '../statistics';
import { outcomesOf, type Foreseen, type Outcome } from './foreseen';
import type { MeasuredBlend } from '../learning';

/** Of what was said with a chance, how often it came true. */
export interface Reliability {
  /** The chance that was said: the middle so much of the band. */
  readonly said: number;
  readonly held: number;
}

/** How far the predictions of one property could be trusted on this bench. */
export interface PropertyProof {
  readonly property: MeasurableProperty;
  readonly times: number;
  /** Share inside the 5 to 95 % band. */
  readonly held: number;
  readonly below: number;
  readonly above: number;
  /** Mean width of that band: how sharp it is. */
  readonly width: number;
}

export interface Proof {
  readonly batches: readonly { readonly name: string; readonly outcomes: readonly Outcome[] }[];
  readonly properties: readonly PropertyProof[];
  /** Over all properties together. */
  readonly reliability: readonly Reliability[];
}

/** Chances that a reliability chart asks for. */
const SAID: readonly number[] = [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9];

/**
 * The product's own proof: every batch that was measured after its prediction was kept, and how often the bands held.
 *
 * `held` is the share of measured values between p5 and p95, to be 90 %; `reliability` is the share inside the middle 10 to
 * 90 % of what was said. A band is widened by the error of the measurement, or a perfect prediction would seem to miss.
 * Source: calibration and sharpness; Gneiting, Balabdaoui and Raftery (2007).
 */
export function proofOf(kept: readonly { readonly foreseen: Foreseen; readonly measured: MeasuredBlend }[]): Proof {
  const batches = kept.map(({ foreseen, measured }) => ({
    name: measured.name,
    outcomes: outcomesOf(foreseen, measured),
  }));
  const all = batches.flatMap(({ outcomes }) => outcomes);
  const properties = [...new Set(all.map(({ property }) => property))].map((property): PropertyProof => {
    const own = all.filter((one) => one.property === property);
    const share = (is: (one: Outcome) => boolean): number => own.filter(is).length / own.length;
    return {
      property,
      times: own.length,
      held: share(({ measured, p5, p95 }) => measured >= p5 && measured <= p95),
      below: share(({ measured, p5 }) => measured < p5),
      above: share(({ measured, p95 }) => measured > p95),
      width: meanOf(own.map(({ p5, p95 }) => p95 - p5)),
    };
  });
  const reliability =
    all.length === 0
      ? []
      : SAID.map((said) => ({
          said,
          held: all.filter(({ below }) => Math.abs(below - 0.5) <= said / 2).length / all.length,
        }));
  return { batches, properties, reliability };
}
