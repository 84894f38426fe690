import type { GrowthStage } from '../classes';
import type { PropertyKey } from '../properties';
import type { Condition, Grade, VerdictUse } from './uses';

/** What verdicts go by: a property of a card, or the stage that a compost or manure has reached. */
export type Judged = PropertyKey | 'maturity';

/** A condition under which another verdict holds. */
export interface Unless {
  readonly condition: Condition;
  readonly says: Grade;
}

/** One line of the table: between two values a property is good, bearable or not for a use. */
export interface VerdictLine {
  /** The property, the use and the place among its lines: `squeeze.seed.2`. */
  readonly id: string;
  readonly property: Judged;
  readonly use: VerdictUse;
  /** The first value that it holds for, in the property's unit; for classes the place of the class. None is below it. */
  readonly from?: number;
  /** The first value that it no longer holds for. */
  readonly below?: number;
  readonly says: Grade;
  readonly because: string;
  readonly unless?: readonly Unless[];
  /** Largest part of a mix's volume that it may be. */
  readonly share?: number;
  readonly stage?: GrowthStage;
  readonly basis: string;
}

export type Band = readonly [
  from: number,
  says: Grade,
  because: string,
  more?: Pick<VerdictLine, 'unless' | 'share' | 'stage'>,
];

interface BandsOf {
  readonly property: Judged;
  readonly uses: readonly VerdictUse[];
  readonly basis: string;
  /** In rising order; the first holds for all below the second, wherever it begins. */
  readonly bands: readonly Band[];
}

/** The lines of a property for some uses: they meet, so that no value falls between two. */
export const linesOf = ({ property, uses, basis, bands }: BandsOf): VerdictLine[] =>
  uses.flatMap((use) =>
    bands.map(([from, says, because, more], i): VerdictLine => {
      const next = bands[i + 1];
      return {
        id: `${property}.${use}.${String(i + 1)}`,
        property,
        use,
        ...(i === 0 ? {} : { from }),
        ...(next === undefined ? {} : { below: next[0] }),
        says,
        because,
        ...more,
        basis,
      };
    }),
  );

/** `if` one of these holds, it is as said. */
export const turns = (says: Grade, ...conditions: readonly Condition[]): Pick<VerdictLine, 'unless'> => ({
  unless: conditions.map((condition) => ({ condition, says })),
});
