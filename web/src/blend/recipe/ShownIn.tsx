import type { RecipeLine } from '@bent-pail/contract';
import { SHOWN_UNITS, shownIn, UNIT_WORDS, type ShownUnit, type Sizes } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { decimalsOf } from '../../kit/format';
import { amount, inField, mySign, readTyped } from '../../shared/units/mine';
import { useMeasures } from '../../shared/useSession';
import { Choice } from '../../kit/Choice';
import { LOW_BOX } from '../../kit/box';

/** Unit that a recipe is shown in, and the bench's own size of it. */
export interface Shown {
  readonly unit: ShownUnit;
}

/** The lines' amounts in the unit shown; undefined where the size of a part is wanted and not known. */
export function shownAmounts(
  lines: readonly RecipeLine[],
  { unit }: Shown,
  part_L: number | undefined,
  sizes: Sizes,
): number[] | undefined {
  return shownIn(
    lines.map(({ parts, onTop }) => ({ parts, ...(onTop === undefined ? {} : { onTop }) })),
    unit,
    part_L,
    sizes,
  );
}

interface ShownInProps {
  readonly shown: Shown;
  readonly part_L: number | undefined;
  readonly onShown: (shown: Shown) => void;
  readonly onPart: (part_L: number) => void;
}

/** In which unit the recipe is shown, and how large a part is where that is needed. */
export function ShownIn({ shown, part_L, onShown, onPart }: ShownInProps): ReactElement {
  const [typed, setTyped] = useState<string>();
  const { unit } = shown;
  const sizes: Sizes = useMeasures();
  const size = sizes[unit];
  return (
    <p className="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1 text-small">
      <span className="inline-flex items-center gap-2">
        shown in
        <Choice
          label="Recipe shown in"
          look="unseen"
          value={unit}
          options={SHOWN_UNITS.map((one) => ({ key: one, words: UNIT_WORDS[one] }))}
          onChange={(chosen) => {
            onShown({ unit: chosen });
          }}
        />
      </span>
      <label className="flex items-center gap-2">
        1 part =
        <input
          className={`${LOW_BOX} figure w-14`}
          aria-label="How much one part is"
          inputMode="decimal"
          placeholder="any"
          value={typed ?? (part_L === undefined ? '' : inField(part_L, 'L'))}
          onChange={(event) => {
            setTyped(event.target.value);
            const read = readTyped(event.target.value, 'L').number;
            if (read.kind === 'number' && read.value > 0) onPart(read.value);
          }}
          onBlur={() => {
            setTyped(undefined);
          }}
        />
        {mySign('L')}
      </label>
      {size !== undefined && (
        <small>
          a {UNIT_WORDS[unit].replace(/s$/, '')} is <Link to="/you">{amount(size, 'L', decimalsOf(size))}</Link> here
        </small>
      )}
    </p>
  );
}
