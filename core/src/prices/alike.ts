/** Figures by which two products are told apart, and from which difference on: about what a bench can tell twice over. */
export const TOLD_APART_BY = Object.freeze({
  airSpace: 0.03,
  containerCapacity: 0.03,
  bulkDensity_gcc: 0.05,
  pH: 0.3,
});
export type TellingFigure = keyof typeof TOLD_APART_BY;

/** Fewer figures that both have say nothing of whether two are the same stuff. */
const ENOUGH = 3;

export interface MeasuredProduct {
  readonly name: string;
  readonly figures: Readonly<Partial<Record<TellingFigure, number>>>;
}

function isAlike(one: MeasuredProduct, other: MeasuredProduct): boolean {
  const both = (Object.keys(TOLD_APART_BY) as TellingFigure[]).flatMap((key) => {
    const [a, b] = [one.figures[key], other.figures[key]];
    return a === undefined || b === undefined ? [] : [Math.abs(a - b) < TOLD_APART_BY[key]];
  });
  return both.length >= ENOUGH && both.every((near) => near);
}

/**
 * Products that a bench cannot tell apart, whatever their names say: groups of two or more in which each is like each
 * other one. A product is in one group at most, that of the first that it is like.
 */
export function alikeGroups(products: readonly MeasuredProduct[]): string[][] {
  const groups: MeasuredProduct[][] = [];
  for (const product of products) {
    const group = groups.find((members) => members.every((member) => isAlike(member, product)));
    if (group === undefined) groups.push([product]);
    else group.push(product);
  }
  return groups.filter((members) => members.length > 1).map((members) => members.map(({ name }) => name));
}
