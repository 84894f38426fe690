import type { LotCard, LotFigure } from '../lots';
import { MEASURABLE, type Measured, type MeasurableProperty, type MeasuredBlend } from '../learning';
import type { PropertyKey } from '../properties';

/**
 * How far a measured blend and its prediction may differ because the components themselves are known no better than
 * this: fractions of the volume, a share of the bulk density, pH.
 */
export const COMPONENT_DOUBT = Object.freeze({ air: 0.02, water: 0.02, bulkDensityShare: 0.05, pH: 0.15 });

const FIGURE: Readonly<Record<MeasurableProperty, PropertyKey>> = {
  air: 'airSpace',
  water: 'containerCapacity',
  bulkDensity_gcc: 'bulkDensity_gcc',
  pH: 'pH',
};

function doubtOf(property: MeasurableProperty, value: number): number {
  return property === 'bulkDensity_gcc' ? COMPONENT_DOUBT.bulkDensityShare * value : COMPONENT_DOUBT[property];
}

/**
 * A batch's card as what learning takes: the prediction's inputs in the vessel in which the batch was measured, and the
 * measured values, each with its own spread and the doubt about the components. Undefined until capacity and air were
 * measured in one vessel.
 */
export function measuredOf(
  { name, input, materials }: Omit<MeasuredBlend, 'measured'>,
  card: LotCard,
): MeasuredBlend | undefined {
  const capacity = card.figures.find(
    (figure) => figure.property === 'containerCapacity' && figure.origin === 'measured',
  );
  if (capacity === undefined || card.pail?.kind !== 'measured') return undefined;
  const container = card.curve?.kind === 'inferred' ? card.curve.vessel : { height_cm: card.pail.height_cm };
  const figureOf = (property: MeasurableProperty): LotFigure | undefined =>
    card.figures.find(
      (figure) =>
        figure.property === FIGURE[property] &&
        figure.origin === 'measured' &&
        (property === 'pH' || figure.methodKey === capacity.methodKey),
    );
  const measured = Object.fromEntries(
    MEASURABLE.flatMap((property): [string, Measured][] => {
      const summary = figureOf(property)?.summary;
      if (summary === undefined) return [];
      return [[property, { value: summary.mean, se: Math.hypot(summary.se ?? 0, doubtOf(property, summary.mean)) }]];
    }),
  );
  return { name, input: { ...input, container }, materials, measured };
}
