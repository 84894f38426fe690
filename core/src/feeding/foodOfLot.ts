import { LAB_PROPERTIES } from './labProperties';
import type { Feeder } from './elements';
import type { NutrientsInput } from './nutrients';

interface Figure {
  readonly property: string;
  readonly origin: string;
  readonly summary: { readonly mean: number };
}

/** The question what a lot by itself feeds, from what a laboratory found in it; undefined without a report. */
export function foodOfLot(name: string, figures: readonly Figure[], feeder: Feeder): NutrientsInput | undefined {
  const mgL = Object.fromEntries(
    LAB_PROPERTIES.flatMap((key) => {
      const found = figures.find(({ property, origin }) => property === key && origin !== 'label');
      return found === undefined ? [] : [[key, found.summary.mean]];
    }),
  );
  return Object.keys(mgL).length === 0 ? undefined : { lines: [{ name, volume: 1, mgL }], made: 1, feeder };
}
