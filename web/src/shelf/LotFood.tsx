import { foodOfLot, nutrients, nutrientsMethod, type Feeder, type LotFigure } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { listed } from '../kit/format';
import { Figure } from '../shared/Figure';
import { elementName, NutrientRows } from '../shared/food/NutrientRows';

interface LotFoodProps {
  readonly name: string;
  readonly figures: readonly LotFigure[];
}

/** A card is of no plant: it is judged for one that asks for neither little nor much. */
const FEEDER: Feeder = 'medium';

/** What a laboratory found in a lot, against what is enough: how much of it is in range, and what runs short first. */
export function LotFood({ name, figures }: LotFoodProps): ReactElement | null {
  const input = foodOfLot(name, figures, FEEDER);
  if (input === undefined) return null;
  const { judged, index = 0, limiting } = nutrients(input);
  const high = judged.filter(({ state }) => state === 'high').map(({ element }) => elementName(element).toLowerCase());
  return (
    <section aria-label="Food" className="mt-4">
      <h2>
        What it feeds by itself <small>mg in a litre, water extract, for a {FEEDER} feeder</small>
      </h2>
      <p className="mt-1 text-head leading-tight font-semibold">
        <Figure
          label="Nutrient index"
          value={index}
          digits={2}
          unit=""
          origin="worked-out"
          working={nutrientsMethod.working('index', input)}
        />{' '}
        of what counts is in its range. {limiting !== undefined && `${elementName(limiting)} runs short first. `}
        {high.length > 0 && `Too much: ${listed(high)}.`}
      </p>
      <details className="mt-1" open={judged.length <= 6}>
        <summary>Each element with its range</summary>
        <NutrientRows judged={judged} input={input} />
      </details>
    </section>
  );
}
