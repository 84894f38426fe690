import { CoreError, said, type Check } from '../errors';
import { traitOf, type TraitFound } from './comparedTrait';
import { germinationOfTrial, type TrialGermination } from './germinationOfTrial';
import { growthRatio, type GrowthRatioResult } from './growthRatio';
import { leftOut, type CulledPlot } from './leftOut';
import { differencesOf, notTheMedium, unsettled, type TrialArm, type TrialPlan } from './plan';
import { deathsOf, signsOf, turnedOf, type DeathsFound, type SignFound, type TurnFound } from './seenInTrial';
import { TRAIT_KEYS, TRAITS } from './traits';
import { placesNow, type TrialRecord } from './trialRecord';

export interface SpeciesFound {
  readonly species: string;
  readonly name: string;
  readonly traits: readonly TraitFound[];
  readonly germination?: TrialGermination;
  readonly signs: readonly SignFound[];
  readonly turned: readonly TurnFound[];
  readonly deaths: readonly DeathsFound[];
}

export interface TrialFound {
  readonly species: readonly SpeciesFound[];
  /** The answer to what the plan asks, one sentence a species. */
  readonly answers: readonly string[];
  /** Why nothing is put down to the medium, where that is so. */
  readonly notTheMedium?: string;
  readonly ratios?: GrowthRatioResult;
  /** Plots that the rule said before sowing drops. */
  readonly culled: readonly CulledPlot[];
  readonly checks: readonly Check[];
}

const note = (code: string, message: string): Check => ({ code, severity: 'caution', message });

const named = (plan: TrialPlan, key: string): TrialArm | undefined => plan.arms.find((arm) => arm.key === key);

function speciesFound(record: TrialRecord, species: string): SpeciesFound {
  const traits = TRAIT_KEYS.flatMap((trait) => traitOf(record, species, trait) ?? []);
  const germinated = germinationOfTrial(record, species);
  return {
    species,
    name: record.plan.species.find(({ key }) => key === species)?.name ?? '',
    traits,
    ...(germinated === undefined ? {} : { germination: germinated }),
    signs: signsOf(record, species),
    turned: turnedOf(record.plan, traits),
    deaths: deathsOf(record, species),
  };
}

/** Each species' ratio to the reference in the trait that the plan asks for; undefined where that cannot be told. */
function ratiosOf({ plan }: TrialRecord, found: readonly SpeciesFound[]): GrowthRatioResult | undefined {
  const reference = named(plan, plan.reference)?.name;
  const species = found.flatMap(({ species: key, name, traits }) => {
    const compared = traits.find(({ trait }) => trait === plan.asks.trait)?.compared;
    const weight = plan.species.find((one) => one.key === key)?.weight ?? 1;
    const isTold = compared?.groups.some((group) => group.name === reference) === true;
    return compared === undefined || !isTold ? [] : [{ name, weight, groups: [...compared.groups] }];
  });
  if (reference === undefined || species.length === 0) return undefined;
  try {
    return growthRatio({ reference, species });
  } catch (error) {
    if (error instanceof CoreError) return undefined;
    throw error;
  }
}

function answerOf(plan: TrialPlan, { name, traits }: SpeciesFound): string {
  const found = traits.find(({ trait }) => trait === plan.asks.trait);
  const { label, unit } = TRAITS[plan.asks.trait];
  if (found === undefined) return `${name}: ${label.toLowerCase()} was not read yet.`;
  const { compared, refused = '' } = found;
  if (compared === undefined) return `${name}: ${refused}`;
  const size = `${said(plan.asks.difference)}${unit === '' ? '' : ` ${unit}`}`;
  const tail =
    compared.alike === undefined
      ? ''
      : compared.alike
        ? ` What is left in doubt is smaller than the ${size} that matter.`
        : ` Differences of the ${size} that matter can still hide where none was shown.`;
  const at = `${name}, ${label.toLowerCase()} at ${String(compared.age_d)} days`;
  return `${at}${compared.sentence.startsWith('beside') ? ', ' : ': '}${compared.sentence}${tail}`;
}

function checksOf(record: TrialRecord, kept: TrialRecord): readonly Check[] {
  const { plan, moves, plots } = record;
  const now = placesNow(plots, moves);
  const away = plots.filter(({ id, block }) => now.get(id)?.block !== block).length;
  const checks: Check[] = [];
  if (away > 0)
    checks.push(
      note(
        'moved',
        `${String(away)} plots were moved to another block; they are compared in the block that they were drawn for.`,
      ),
    );
  const lost = record.plots.length - kept.plots.length;
  if (lost > 0)
    checks.push(
      note('left-out', `${String(lost)} of ${String(plots.length)} plots ${lost === 1 ? 'is' : 'are'} left out.`),
    );
  for (const { circumstance, ways } of differencesOf(plan))
    if (circumstance === 'sownOn' && ways.length > 1)
      checks.push(note('sown-apart', 'Media were sown on different days: they are compared at the same age.'));
  return checks;
}

/**
 * What a trial says: each species by itself, the trait that the plan asks for first, every trait at the oldest age at
 * which all media were read, compared as it was laid out; plots are the units, their plants averaged first.
 *
 * Readings as they stand (the last of a plot, plant, trait and day). Missing is no value; a dead plant has none but
 * where it counts as nothing harvested. Plots that are left out, and those that the rule said before sowing drops, enter
 * nowhere and are told. Ratios to the reference only where differences besides the medium are settled.
 */
export function analyseTrial(record: TrialRecord): TrialFound {
  const { plan } = record;
  const { kept, culled } = leftOut(record);
  const species = plan.species.map(({ key }) => speciesFound(kept, key));
  const blame = notTheMedium(plan);
  const ratios = unsettled(plan).length > 0 ? undefined : ratiosOf(kept, species);
  return {
    species,
    answers: species.map((one) => answerOf(plan, one)),
    ...(blame === undefined ? {} : { notTheMedium: blame }),
    ...(ratios === undefined ? {} : { ratios }),
    culled,
    checks: checksOf(record, kept),
  };
}
