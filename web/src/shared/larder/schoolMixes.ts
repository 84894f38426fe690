import type { DeskLot } from '@bent-pail/contract';
import { schoolVariant, SCHOOLS, type DeskInput, type School, type SchoolVariant } from '@bent-pail/core';

/** What a school would mix of what is at hand. */
export interface SchoolMix {
  readonly school: School;
  readonly variant: SchoolVariant;
  /** The question at the desk; undefined where nothing of it is at hand. */
  readonly input: DeskInput | undefined;
}

/** Each school's own mix of what is on the shelf, of the recipe's lots first, in the same pot and mixed as the recipe is. */
export function schoolMixes(desk: DeskInput, usedIds: readonly string[], lots: readonly DeskLot[]): SchoolMix[] {
  const shelf = lots.flatMap(({ id, kind, origin, component }) =>
    component === undefined || kind !== 'material' || origin.kind === 'batch' ? [] : [{ id, component }],
  );
  return SCHOOLS.map((school) => {
    const variant = schoolVariant(school, usedIds, shelf);
    const lines = variant.lines.flatMap(({ lotId, parts }) => {
      const lot = shelf.find(({ id }) => id === lotId)?.component;
      return lot === undefined || parts === 0 ? [] : [{ parts, lot }];
    });
    return { school, variant, input: lines.length === 0 ? undefined : { ...desk, lines } };
  });
}
