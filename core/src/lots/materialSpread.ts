import type { PropertyKey } from '../properties';
import { property } from '../properties';
import { lotSpread, type LotSpreadInput, type LotSpreadResult, lotSpreadMethod } from '../statistics';
import type { Working } from '../method';
import type { LotFigure } from './lotFigures';

/** A figure of a lot, by what it is the mean of. */
export interface CountedFigure extends Pick<LotFigure, 'property' | 'method' | 'methodKey' | 'origin'> {
  readonly mean: number;
  /** Replicates of its one run, or the means of its runs. */
  readonly counted: readonly number[];
}

/** A lot among others of its material. */
export interface LotAmongOthers {
  readonly id: string;
  readonly code: string;
  readonly figures: readonly CountedFigure[];
}

/** One property by one method over the lots of a material. */
export interface MaterialSpread {
  readonly property: PropertyKey;
  readonly method: string;
  readonly lots: readonly { readonly id: string; readonly code: string; readonly mean: number; readonly n: number }[];
  readonly spread: LotSpreadResult;
  readonly input: LotSpreadInput;
  readonly working: Working;
}

/** What a figure of a card is the mean of: replicates of its one run, or its runs. */
export function countedOf({ working, summary }: LotFigure): readonly number[] {
  const { values } = working.calc === 'replicates' ? (working.input as { values?: readonly number[] }) : {};
  return values ?? [summary.mean];
}

/**
 * How much lots of one material differ, property by property, where two or more were measured by the same method.
 * What is judged by classes has no spread, and a price is no property of the medium.
 */
export function materialSpread(lots: readonly LotAmongOthers[]): MaterialSpread[] {
  const groups = new Map<string, { readonly lot: LotAmongOthers; readonly figure: CountedFigure }[]>();
  for (const lot of lots) {
    for (const figure of lot.figures) {
      if (figure.origin !== 'measured' || property(figure.property).classes !== undefined) continue;
      const key = `${figure.property}|${figure.methodKey}`;
      groups.set(key, [...(groups.get(key) ?? []), { lot, figure }]);
    }
  }
  return [...groups.values()]
    .filter((members) => members.length > 1)
    .map((members): MaterialSpread => {
      const [first] = members as [(typeof members)[number]];
      const { method, property: key } = first.figure;
      const input = { lots: members.map(({ figure }) => figure.counted) };
      const from = members.map(({ lot, figure }) => ({
        label: `lot ${lot.code}`,
        value: figure.mean,
        unit: property(key).unit,
      }));
      return {
        property: key,
        method,
        lots: members.map(({ lot, figure }) => ({
          id: lot.id,
          code: lot.code,
          mean: figure.mean,
          n: figure.counted.length,
        })),
        spread: lotSpread(input),
        input,
        working: lotSpreadMethod.working('betweenSd', input, { from }),
      };
    });
}
