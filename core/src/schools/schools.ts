import { deskCec, deskNutrientsInput, deskOrigins, deskPotInput, type DeskInput, type DeskResult } from '../desk';
import { nutrients } from '../feeding';
import type { LotComponent } from '../lots';
import { minedShare, potOutlook } from '../outlook';
import { geometricVolume_mL } from '../vessel';
import { groupOf, isStone, type MediaGroup } from './groups';
import { SCHOOLS, type School, type SchoolFacts, type Statement } from './statements';

/** What one school says of a blend. */
export interface SchoolView {
  readonly school: School;
  readonly says: readonly {
    readonly statement: Statement;
    readonly value: number;
    readonly sentence: string;
    readonly likes: boolean;
  }[];
}

/** Facts that are parts of the volume, said in percent. */
const IN_PERCENT = /Share$|^(air|water|easilyAvailable|decay_perYear)$/;
const DIGITS: Readonly<Partial<Record<keyof SchoolFacts, number>>> = {
  bulkDensity_gcc: 2,
  ec_dSm: 2,
  days: 1,
  cec_meqPerL: 0,
  drawdown_mgL: 0,
};

function said(fact: keyof SchoolFacts, value: number): string {
  return IN_PERCENT.test(fact) ? `${(100 * value).toFixed(0)} %` : value.toFixed(DIGITS[fact] ?? 2);
}

/** The numbers of a predicted blend that schools speak of, in its own pot; days need the use, mm a day. */
export function schoolFacts(desk: DeskInput, result: DeskResult, use_mmPerD: number): SchoolFacts {
  const whole = desk.lines.reduce((sum, { parts }) => sum + parts, 0);
  const shareWhere = (counts: (classId: string | undefined) => boolean): number =>
    desk.lines.filter(({ lot }) => counts(lot.facts.materialClass)).reduce((sum, { parts }) => sum + parts / whole, 0);
  const shareOf = (...groups: readonly MediaGroup[]): number =>
    shareWhere((classId) => groups.some((group) => group === groupOf(classId)));
  const { air, water, easilyAvailable, bulkDensity_gcc, ec_dSm, volume } = result.result;
  // Days depend on the depth alone where the sides are straight, so that any volume will do.
  const straight = geometricVolume_mL(desk.container) === undefined ? { volume_L: 1 } : {};
  const pot = potOutlook(deskPotInput(desk, result, { use_mmPerD, ...straight }));
  const food = nutrients(deskNutrientsInput(desk, result, { feeder: 'medium' }));
  const cec = deskCec(desk, volume);
  const decay = desk.lines.every(({ lot }) => lot.facts.decay_perYear !== undefined)
    ? desk.lines.reduce((sum, { parts, lot }) => sum + (parts / whole) * (lot.facts.decay_perYear ?? 0), 0)
    : undefined;
  return {
    air,
    water,
    easilyAvailable,
    bulkDensity_gcc,
    days: pot.days,
    drawdown_mgL: food.drawdown_mgL,
    mineralShare: shareWhere(isStone),
    fibreShare: shareOf('peat', 'coir'),
    compostShare: shareOf('compost'),
    loamShare: shareOf('loam'),
    holderShare: shareOf('water holder'),
    minedShare: minedShare(deskOrigins(desk)),
    ...(ec_dSm === undefined ? {} : { ec_dSm }),
    ...(cec === undefined ? {} : { cec_meqPerL: cec }),
    ...(decay === undefined ? {} : { decay_perYear: decay }),
  };
}

/** What each school says of these numbers; a statement whose number is not known is left unsaid. */
export function schoolViews(facts: SchoolFacts): SchoolView[] {
  return SCHOOLS.map((school) => ({
    school,
    says: school.statements.flatMap((statement) => {
      const value = facts[statement.fact];
      if (value === undefined) return [];
      const side = value >= statement.limit ? 'atLeast' : 'under';
      return [
        {
          statement,
          value,
          sentence: statement[side].replace('#', said(statement.fact, value)),
          likes: side === statement.likes,
        },
      ];
    }),
  }));
}

/** A lot that a school may choose from. */
export interface ShelfLot {
  readonly id: string;
  readonly component: LotComponent;
}

export interface SchoolVariant {
  readonly lines: readonly { readonly lotId: string; readonly parts: number }[];
  /** Kinds that no lot of the shelf is of. */
  readonly lacking: readonly MediaGroup[];
}

/** Whole parts that a variant is mixed in. */
const VARIANT_PARTS = 20;

/**
 * A blend in a school's spirit from what is on the shelf: of each kind the lot that the recipe uses already, else the
 * first of the shelf. Kinds that the shelf lacks are named and the others share their part.
 */
export function schoolVariant(school: School, recipe: readonly string[], shelf: readonly ShelfLot[]): SchoolVariant {
  const ofGroup = (group: MediaGroup): ShelfLot | undefined => {
    const own = shelf.filter(({ component }) => groupOf(component.facts.materialClass) === group);
    return own.find(({ id }) => recipe.includes(id)) ?? own[0];
  };
  const chosen = school.mix.map(({ groups, share }) => {
    const inRecipe = groups.find((group) => {
      const lot = ofGroup(group);
      return lot !== undefined && recipe.includes(lot.id);
    });
    const group = inRecipe ?? groups.find((one) => ofGroup(one) !== undefined);
    return { lot: group === undefined ? undefined : ofGroup(group), share, wanted: groups[0] as MediaGroup };
  });
  const there = chosen.flatMap(({ lot, share }) => (lot === undefined ? [] : [{ lotId: lot.id, share }]));
  const whole = there.reduce((sum, { share }) => sum + share, 0);
  return {
    lines: there.map(({ lotId, share }) => ({ lotId, parts: Math.round((VARIANT_PARTS * share) / whole) })),
    lacking: chosen.filter(({ lot }) => lot === undefined).map(({ wanted }) => wanted),
  };
}
