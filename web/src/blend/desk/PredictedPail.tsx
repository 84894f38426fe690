import { useMedia } from '../../kit/useMedia';
import type { DeskFigure, DeskResult, PropertyKey } from '@bent-pail/core';
import type { ReactElement, ReactNode } from 'react';
import { Figure } from '../../shared/Figure';
import { PailMark } from '../../shared/pail/PailMark';
import { shapeOf } from '../../shared/pail/pailGeometry';
import { ReadPail } from '../../shared/pail/ReadPail';
import type { Pot } from '../../shared/pot/pots';
import { fixed } from '../../kit/format';
import { told } from '../../shared/units/mine';
import { PART_WORDS } from '../../shared/pail/partWords';

interface PredictedPailProps {
  readonly result: DeskResult;
  readonly pot: Pot;
  /** The figures in a table, below the pail. */
  readonly children: ReactNode;
}

/** Height of the large pail, px. */
const LARGE = 158;
/** On the smallest phones its figures need their room too. */
const SMALL = 118;

/** The predicted pail in my pot, the plain average beside it, and every figure with its working. */
export function PredictedPail({ result, pot, children }: PredictedPailProps): ReactElement {
  const { air, water, totalPorosity } = result.result;
  const find = (key: PropertyKey): DeskFigure | undefined => result.figures.find((figure) => figure.property === key);
  const shape = shapeOf(pot.shape, 'pot');
  const isNarrow = useMedia('(max-width: 359px)');
  const wide = Math.max(shape.topDiameter_cm, shape.height_cm);
  const read = (part: 'air' | 'water') => (
    <Figure
      label={PART_WORDS[part]}
      value={result.result[part]}
      digits={2}
      origin="worked-out"
      working={find(part)?.working}
      className="text-title"
    />
  );
  return (
    <section aria-label="The pail">
      <h2 className="flex items-baseline justify-between">
        The pail, in my pot <small>drained, free base</small>
      </h2>
      <div className="mt-2 flex items-end justify-between gap-3 max-[359px]:flex-wrap">
        <div className="min-w-0 flex-1 max-[359px]:basis-full">
          <ReadPail
            shape={shape}
            fill={{ kind: 'parted', solid: 1 - totalPorosity, water, air }}
            state="predicted"
            k={(isNarrow ? SMALL : LARGE) / wide}
            readings={[
              { part: 'air', figure: read('air') },
              { part: 'water', figure: read('water') },
              {
                part: 'solid',
                figure: (
                  <Figure
                    label={PART_WORDS.solid}
                    value={1 - totalPorosity}
                    digits={2}
                    origin="worked-out"
                    working={find('totalPorosity')?.working}
                    lessThan1By={{ label: 'Total porosity', value: totalPorosity }}
                    className="text-title"
                  />
                ),
              },
            ]}
          />
        </div>
        <PlainAverage result={result} shape={shape} k={70 / wide} />
      </div>
      {children}
      <Remarks result={result} />
    </section>
  );
}

function PlainAverage({
  result,
  shape,
  k,
}: {
  readonly result: DeskResult;
  readonly shape: ReturnType<typeof shapeOf>;
  readonly k: number;
}): ReactElement {
  const plain = (key: PropertyKey): number =>
    result.figures.find((figure) => figure.property === key)?.plainAverage ?? 0;
  const off = plain('air') - result.result.air;
  const off3 = Math.abs(off) < 0.005 ? 'the same' : `${fixed(Math.abs(off), 2)} too ${off > 0 ? 'airy' : 'close'}`;
  return (
    <figure className="m-0 w-[92px] flex-none border-l border-zinc3 pl-3">
      <figcaption className="mb-2 text-small">
        <b className="block">Plain average</b>
        says air {fixed(plain('air'), 2)}; {off3}
      </figcaption>
      <PailMark
        shape={shape}
        fill={{ kind: 'parted', solid: 1 - plain('totalPorosity'), water: plain('water'), air: plain('air') }}
        state="predicted"
        tier="medium"
        k={k}
      />
    </figure>
  );
}

function Remarks({ result }: { readonly result: DeskResult }): ReactElement | null {
  const { checks } = result.result;
  if (checks.length === 0) return null;
  return (
    <ul className="mt-2 text-small">
      {checks.map((check) => (
        <li
          key={check.message}
          className={
            check.severity === 'note'
              ? 'py-0.5 text-ink2'
              : 'border-[1.5px] border-ink bg-paper text-small my-1 px-2 py-1'
          }
        >
          {told(check.message)}
        </li>
      ))}
    </ul>
  );
}
