import type { RankedProduct } from '@bent-pail/contract';
import { weightIn, type Rubric } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Check } from '../../kit/Check';
import { fixed } from '../../kit/format';

/** Part of the rubric's weight that is in of a product. */
export const shareIn = ({ criteria }: RankedProduct, rubric: Rubric): number =>
  weightIn(
    rubric.criteria.map(({ name, weight }) => {
      const one = criteria.find((each) => each.name === name);
      return { weight, isIn: one?.value !== undefined || (one?.raters ?? []).length > 0 };
    }),
  );

interface TakingPartProps {
  readonly products: readonly RankedProduct[];
  readonly shares: ReadonlyMap<string, number>;
  readonly isIn: (name: string) => boolean;
  readonly onChange: (name: string) => void;
}

/** Who takes part: those of whom less than half of the weight is in would drag the order down to what they have. */
export function TakingPart({ products, shares, isIn, onChange }: TakingPartProps): ReactElement {
  return (
    <fieldset className="mt-3 flex flex-wrap gap-x-6">
      <legend className="text-small font-semibold">Who takes part; the order goes by what all of them have</legend>
      {products.map(({ name }) => (
        <Check
          key={name}
          label={`${name} (${fixed(100 * (shares.get(name) ?? 0), 0)} % is in)`}
          checked={isIn(name)}
          onChange={() => {
            onChange(name);
          }}
        />
      ))}
    </fieldset>
  );
}
