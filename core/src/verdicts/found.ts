import { methodKeyOf, type LotFigure } from '../lots';
import type { RunRecord, RunResult } from '../sheets';
import type { Found } from './verdictsFor';

/** What a card's figures give to be judged, the newest of a property first; what only a label says is not judged. */
export const foundOnCard = (figures: readonly LotFigure[]): Found[] =>
  figures
    .filter(({ origin }) => origin !== 'label')
    .map(({ property, summary, seen, stated }) => ({
      property,
      mean: summary.mean,
      ...(seen === undefined ? {} : { seen }),
      ...(stated === undefined ? {} : { stated }),
    }));

/** What a run gives to be judged. */
export function foundInRun(run: RunRecord, { properties }: RunResult): Found[] {
  const { stated } = methodKeyOf(run);
  return properties.flatMap(({ property, summary, words, values }): Found[] => {
    if (summary === undefined) return [];
    const counted = values.filter(({ excluded }) => excluded === undefined).map(({ value }) => Math.round(value));
    return [
      {
        property,
        mean: summary.mean,
        ...(words === undefined ? {} : { seen: [...new Set(counted)] }),
        ...(stated === undefined ? {} : { stated }),
      },
    ];
  });
}
