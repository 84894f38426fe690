import type { DosesResult } from '../doses';
import { drawdownOf, type Feeder, type NutrientLine, type NutrientsInput } from '../feeding';
import { origins, type OriginShare, type PotOutlookInput, type ThroughflowInput } from '../outlook';
import { thetaAt } from '../retention';
import type { DeskInput, DeskResult } from './predict';

/** The circumstances of a pot that a recipe does not know. */
export interface PotCircumstances {
  readonly use_mmPerD: number;
  readonly volume_L?: number;
  readonly pot_kg?: number;
  readonly potsPerM2?: number;
  readonly limit_kgPerM2?: number;
}

/** Suction at which easily available water ends, cm. */
const EASY_ENDS_CM = 50;

/** The question what a filled pot of this blend weighs, costs and holds. */
export function deskPotInput(desk: DeskInput, { result }: DeskResult, pot: PotCircumstances): PotOutlookInput {
  const { bulkDensity_gcc, water, retention, pricePerL, curve } = result;
  const still = curve.find(({ head_cm }) => head_cm === EASY_ENDS_CM)?.theta ?? thetaAt(retention, EASY_ENDS_CM);
  return {
    ...pot,
    container: desk.container,
    bulkDensity_gcc,
    water,
    waterAtEasy: still,
    ...(pricePerL === undefined ? {} : { pricePerL }),
  };
}

export interface FoodCircumstances {
  readonly feeder: Feeder;
  readonly fed_mgL?: number;
  readonly productN_percent?: number;
  /** What was mixed in by weight: phosphorus and potassium of it stand among the lines, its nitrogen in `fed_mgL`. */
  readonly dosed?: DosesResult;
}

/** A dose is of a litre made: its line has the volume that is made. */
function dosedLine(dosed: DosesResult | undefined, made: number): NutrientLine[] {
  if (dosed === undefined || dosed.phosphorus_mgL + dosed.potassium_mgL === 0) return [];
  const mgL = { labPhosphorus: dosed.phosphorus_mgL, labPotassium: dosed.potassium_mgL };
  return [{ name: 'what is dosed', volume: made, mgL }];
}

/** The question what this blend feeds; volumes as they were measured, over the volume made. */
export function deskNutrientsInput(
  desk: DeskInput,
  { result }: DeskResult,
  { dosed, ...food }: FoodCircumstances,
): NutrientsInput {
  return {
    lines: [
      ...desk.lines.map(({ parts, lot }) => {
        const { drawdown } = lot.facts;
        const { nutrients_mgL } = lot.facts;
        return {
          name: lot.component.name,
          volume: parts * lot.settledPerLoose,
          ...(Object.keys(nutrients_mgL).length === 0 ? {} : { mgL: nutrients_mgL }),
          ...(drawdown === undefined ? {} : { drawdown_mgL: drawdownOf(drawdown) }),
        };
      }),
      ...dosedLine(dosed, result.volume),
    ],
    made: result.volume,
    ...food,
  };
}

/** Exchange capacity of the blend, meq per litre made, where every line's is known. */
export function deskCec(desk: DeskInput, made: number): number | undefined {
  let sum = 0;
  for (const { parts, lot } of desk.lines) {
    const own = lot.facts.cec_meqPerL;
    if (own === undefined) return undefined;
    sum += parts * lot.settledPerLoose * own;
  }
  return sum / made;
}

/** Suction at which the large pores have drained, cm. */
const LARGE_DRAINED_CM = 10;

/** The question how fast water runs through the soaked blend, or whom nobody let water through. */
export type DeskThroughflow =
  | { readonly kind: 'known'; readonly input: ThroughflowInput }
  | { readonly kind: 'lacking'; readonly lots: readonly string[] };

export function deskThroughflow(desk: DeskInput, { result }: DeskResult): DeskThroughflow {
  const used = desk.lines.filter(({ parts }) => parts > 0);
  const lots = used.flatMap(({ lot: { component, facts } }) => (facts.k20_cms === undefined ? [component.name] : []));
  if (lots.length > 0) return { kind: 'lacking', lots };
  const lines = used.map(({ parts, lot: { component, settledPerLoose, facts } }) => ({
    name: component.name,
    volume: parts * settledPerLoose,
    thetaS: component.retention.thetaS,
    thetaDrained: thetaAt(component.retention, LARGE_DRAINED_CM),
    k20_cms: facts.k20_cms ?? 0,
  }));
  const at = (head: number): number => result.curve.find(({ head_cm }) => head_cm === head)?.theta ?? 0;
  return { kind: 'known', input: { lines, macroporosity: Math.max(0, at(0) - at(LARGE_DRAINED_CM)) } };
}

/** Where the blend's parts are from, by loose volume. */
export function deskOrigins(desk: DeskInput): OriginShare[] {
  return origins(
    desk.lines.map(({ parts, lot }) => ({
      name: lot.component.name,
      volume: parts,
      ...(lot.facts.source === undefined ? {} : { source: lot.facts.source }),
      ...(lot.facts.renewable === undefined ? {} : { renewable: lot.facts.renewable }),
    })),
  );
}
