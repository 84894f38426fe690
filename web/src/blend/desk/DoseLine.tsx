import { dose, type DeskResult, type Target } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { amount } from '../../shared/units/mine';
import { CautionStrip } from '../../shared/CautionStrip';
import { fixed } from '../../kit/format';
import { Button } from '../../kit/Button';

interface DoseLineProps {
  readonly result: DeskResult;
  readonly target: Target | undefined;
  readonly lime_meqPerL: number;
  readonly onLime: (lime_meqPerL: number) => void;
}

/** A miss under this is less than any pen can tell. */
const NOTICEABLE = 0.05;

/** Where the pH misses the use's window: what would bring it to the nearer edge, and a press to take it in. */
export function DoseLine({ result, target, lime_meqPerL, onLime }: DoseLineProps): ReactElement | null {
  const { pH, shrink } = result.result;
  const [lo, hi] = target?.ideal ?? [null, null];
  const aim =
    pH === undefined
      ? undefined
      : lo !== null && pH < lo - NOTICEABLE
        ? lo
        : hi !== null && pH > hi + NOTICEABLE
          ? hi
          : undefined;
  const components = result.input.components.flatMap(({ name, volume, pH: own, buffer_meqPerLpH }) =>
    own === undefined || buffer_meqPerLpH === undefined ? [] : [{ name, volume, pH: own, buffer_meqPerLpH }],
  );
  if (aim === undefined || components.length < result.input.components.length) return null;
  const { lime_gPerMadeL, sulphur_gPerMadeL, meqPerMadeL, checks } = dose({ components, targetPH: aim, shrink });
  const [what, grams] =
    lime_gPerMadeL === undefined ? ['sulphur', sulphur_gPerMadeL ?? 0] : ['ground limestone, pure', lime_gPerMadeL];
  return (
    <div className="mt-2 text-small">
      <p>
        To bring the pH to {fixed(aim, 1)}: <b className="figure">{amount(grams, 'g', 2)}</b> of {what} to a litre made.{' '}
        {checks[0]?.message}{' '}
        {Math.abs(meqPerMadeL - lime_meqPerL) > 0.05 && (
          <Button
            look="small"
            onClick={() => {
              onLime(Math.round(10 * meqPerMadeL) / 10);
            }}
          >
            {lime_gPerMadeL === undefined ? 'Add the sulphur' : 'Add the lime'}
          </Button>
        )}
      </p>
      <CautionStrip caution="liming" />
    </div>
  );
}
