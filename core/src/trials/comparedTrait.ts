import { CoreError, spoken } from '../errors';
import { ageAlign, type AlignedGroup } from './ageAlign';
import { compareGroups, type CompareGroupsResult } from './compareGroups';
import { sownOn, type TrialPlan } from './plan';
import { besideReference, sentenceOf } from './sentence';
import { armOverAges, plotsAtAges, type ArmAtAge, type PlotAtAge } from './traitOverAges';
import { TRAITS, type TraitKey } from './traits';
import type { TrialRecord } from './trialRecord';

/** A comparison at an age, with why it was made so. */
export interface ComparedTrait {
  readonly age_d: number;
  readonly groups: readonly AlignedGroup[];
  readonly result: CompareGroupsResult;
  readonly reason: string;
  /** Beside the reference, begun in the middle of a sentence; where nothing was tested, why. */
  readonly sentence: string;
  /** Of all pairs. */
  readonly ofAll: string;
  /** Whether what is left in doubt is smaller than what matters; absent for what the plan does not ask. */
  readonly alike?: boolean;
}

export interface TraitFound {
  readonly trait: TraitKey;
  readonly arms: readonly { readonly arm: string; readonly ages: readonly ArmAtAge[] }[];
  readonly plots: readonly PlotAtAge[];
  readonly compared?: ComparedTrait;
  /** Why nothing was compared. */
  readonly refused?: string;
}

const REASONS: Readonly<Record<CompareGroupsResult['method'], string>> = {
  welch: 'There are no blocks, and media may vary differently: Welch’s analysis, pairs by Games and Howell.',
  blocks:
    'Every block has every medium: medium and block are added up, pairs by their differences within blocks, Holm.',
  'incomplete-blocks': 'Not every block has every medium, or one is missing there: least squares with the block, Holm.',
  none: 'No test is made.',
};
const BY_STEPS = ' A step of a card is a rank: Friedman’s test stands beside it.';

const alone = (unit: TrialPlan['unit']): string =>
  `one ${unit} of a medium, so that it cannot be told apart whether the medium differs or the ${unit} that it grew in. No test is made.`;

/** A trait of a species at the oldest age at which all media were read, compared as the trial was laid out. */
function comparedOf(plan: TrialPlan, trait: TraitKey, found: readonly PlotAtAge[]): ComparedTrait | string {
  const arms = plan.arms.filter(({ key }) => found.some(({ plot }) => plot.arm === key));
  if (arms.length < 2) return 'Read in one medium only: there is nothing to hold it against.';
  try {
    const hasBlocks = plan.blocks > 1;
    const { ages, checks } = ageAlign({
      within_d: plan.within_d,
      groups: arms.map((arm) => ({
        name: arm.name,
        sown: sownOn(plan, arm),
        readings: found
          .filter(({ plot }) => plot.arm === arm.key)
          .map(({ plot, on, value }) => ({
            on,
            value,
            unit: plot.id,
            ...(hasBlocks ? { block: String(plot.block) } : {}),
          })),
      })),
    });
    const last = ages.at(-1) as (typeof ages)[number];
    const result = compareGroups({ groups: last.groups });
    const { unit, steps } = TRAITS[trait];
    const { ruledOut } = result;
    const isAlone = result.checks.some(({ code }) => code === 'one-unit');
    const ofAll = isAlone
      ? alone(plan.unit)
      : ruledOut === undefined
        ? result.sentence
        : sentenceOf(result.pairs, ruledOut, unit);
    const names = arms.map(({ name }) => name);
    const reference = arms.find(({ key }) => key === plan.reference)?.name;
    const beside = reference === undefined ? undefined : besideReference(result.pairs, { names, reference, unit });
    const inDoubt = beside === undefined ? ruledOut : beside.ruledOut;
    const matters = plan.asks.trait === trait ? plan.asks.difference : undefined;
    return {
      age_d: last.age_d,
      groups: last.groups,
      result: { ...result, checks: [...result.checks, ...checks] },
      reason: `${REASONS[result.method]}${steps === undefined || result.friedman === undefined ? '' : BY_STEPS}`,
      sentence: beside?.sentence ?? ofAll,
      ofAll,
      ...(matters === undefined || inDoubt === undefined ? {} : { alike: inDoubt <= matters }),
    };
  } catch (error) {
    // What cannot be lined up by age is refused, and the page says why; anything else is a bug.
    if (error instanceof CoreError) return spoken(error);
    throw error;
  }
}

/** What was read of a trait of a species, and how its media compare; undefined where it was not read. */
export function traitOf(record: TrialRecord, species: string, trait: TraitKey): TraitFound | undefined {
  const plots = plotsAtAges(record, species, trait);
  if (plots.length === 0) return undefined;
  const arms = record.plan.arms.flatMap(({ key }) => {
    const ages = armOverAges(plots, key);
    return ages.length === 0 ? [] : [{ arm: key, ages }];
  });
  const compared = comparedOf(record.plan, trait, plots);
  return { trait, arms, plots, ...(typeof compared === 'string' ? { refused: compared } : { compared }) };
}
