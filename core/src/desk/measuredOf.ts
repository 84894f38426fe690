import type { LotCard, LotFigure } from '../lots';
import { MEASURABLE, type Measured, type MeasurableProperty, type MeasuredBlend } from '../learning';
import type { PropertyKey } from '../properties';
import { methodSpread, type ReadBy } from '../statistics';

const FIGURE: Readonly<Record<MeasurableProperty, PropertyKey>> = {
  air: 'airSpace',
  water: 'containerCapacity',
  bulkDensity_gcc: 'bulkDensity_gcc',
  pH: 'pH',
};

/** Repeats behind a figure: those of its one run, or the means of its runs. */
const repeatsOf = ({ working, summary }: LotFigure): readonly number[] =>
  (working.calc === 'replicates' ? (working.input as { readonly values?: readonly number[] }).values : undefined) ?? [
    summary.mean,
  ];

/** Standard error of a mean by how its repeats lie and what is usual for its method, as wide as Student's t has it. */
function seOf(by: ReadBy, values: readonly number[]): number {
  const { variance, freedom } = methodSpread(by, [values]);
  return Math.sqrt((variance / values.length) * (freedom / (freedom - 2)));
}

function measuredBy(
  property: MeasurableProperty,
  figure: LotFigure,
  capacity: LotFigure,
  pores: LotFigure | undefined,
): Measured {
  const values = repeatsOf(figure);
  const value = figure.summary.mean;
  switch (property) {
    case 'water':
      return { value, se: seOf('capacity', values) };
    case 'air':
      // Air is pores less water: it has the errors of both.
      return {
        value,
        se: Math.hypot(seOf('capacity', repeatsOf(capacity)), seOf('porosity', repeatsOf(pores ?? figure))),
      };
    case 'bulkDensity_gcc':
      return {
        value,
        se:
          value *
          seOf(
            'density',
            values.map((one) => Math.log(one)),
          ),
      };
    case 'pH':
      return { value, se: seOf('pH', values) };
  }
}

/**
 * A batch's card as what learning takes: what was mixed, in the vessel in which the batch was measured, and the measured
 * values, each with its own standard error. Undefined until capacity and air were measured in one vessel.
 */
export function measuredOf(
  mixed: Omit<MeasuredBlend, 'measured' | 'container'>,
  card: LotCard,
): MeasuredBlend | undefined {
  const measuredFigure = (key: PropertyKey, methodKey?: string): LotFigure | undefined =>
    card.figures.find(
      (figure) =>
        figure.property === key &&
        figure.origin === 'measured' &&
        (methodKey === undefined || figure.methodKey === methodKey),
    );
  const capacity = measuredFigure('containerCapacity');
  if (capacity === undefined || card.pail?.kind !== 'measured') return undefined;
  const pores = measuredFigure('totalPorosity', capacity.methodKey);
  const measured = Object.fromEntries(
    MEASURABLE.flatMap((property): [string, Measured][] => {
      const figure = measuredFigure(FIGURE[property], property === 'pH' ? undefined : capacity.methodKey);
      return figure === undefined ? [] : [[property, measuredBy(property, figure, capacity, pores)]];
    }),
  );
  return { ...mixed, container: card.curve?.vessel ?? { height_cm: card.pail.height_cm }, measured };
}
