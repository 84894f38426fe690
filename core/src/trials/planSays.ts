import { said, type Check } from '../errors';
import { TRAITS } from './traits';
import { trialPower, type TrialPowerInput, type TrialPowerResult } from './trialPower';
import type { TrialPlan } from './plan';

export interface PlanSays extends TrialPowerResult {
  readonly input: TrialPowerInput;
  readonly sentence: string;
}

/** How often each medium stands in the trial, for one species. */
export const unitsOfEach = ({ blocks, perBlock, arms }: Pick<TrialPlan, 'blocks' | 'perBlock' | 'arms'>): number =>
  perBlock === undefined ? blocks : Math.floor((blocks * perBlock) / Math.max(1, arms.length));

/** Chance as it is said: nobody believes the last percent. */
const percent = (share: number): string =>
  share > 0.99 ? 'over 99' : share < 0.01 ? 'under 1' : String(Math.round(share * 100));

/** What the plan can tell of the trait that it asks for, before it is sown, in an honest sentence. */
export function planSays(plan: Pick<TrialPlan, 'arms' | 'blocks' | 'perBlock' | 'asks'>): PlanSays | undefined {
  const { trait, difference, sd } = plan.asks;
  if (plan.arms.length < 2 || !(difference > 0) || !(sd > 0)) return undefined;
  const input: TrialPowerInput = {
    of: 'means',
    groups: plan.arms.length,
    perGroup: unitsOfEach(plan),
    inBlocks: plan.blocks > 1,
    sd,
    difference,
  };
  const result = trialPower(input);
  const unit = TRAITS[trait].unit === '' ? '' : ` ${TRAITS[trait].unit}`;
  const asked = `${said(difference)}${unit}`;
  const { power, perGroupNeeded, leastDifference } = result;
  const more =
    perGroupNeeded === undefined
      ? 'A thousand of each would not do.'
      : `It takes ${String(perGroupNeeded)} of each for four in five.`;
  if (power === undefined)
    return {
      ...result,
      input,
      sentence: `One of each medium: it will show figures and tell nothing, for medium and ${plan.blocks > 1 ? 'block' : 'tray'} cannot be parted. ${more}`,
    };
  const seen = `A difference of ${asked} shows in ${percent(power)} of 100 such trials`;
  const isEnough = perGroupNeeded !== undefined && input.perGroup >= perGroupNeeded;
  const least =
    leastDifference === undefined
      ? ''
      : ` What it does show is ${said(Number(leastDifference.toPrecision(2)))}${unit} or more.`;
  return {
    ...result,
    input,
    sentence: isEnough ? `${seen}: enough of each.` : `${seen}: too small to tell. ${more}${least}`,
  };
}

/** What a plan is warned of besides. */
export function planChecks(plan: TrialPlan): readonly Check[] {
  const caution = (code: string, message: string): Check => ({ code, severity: 'caution', message });
  const checks: Check[] = [];
  if (plan.arms.every(({ mediumKind, key }) => mediumKind === 'none' || key !== plan.reference))
    checks.push(caution('no-reference', 'The reference is grown without a medium: no ratio can be told to it.'));
  for (const { name, seeds, plants } of plan.species)
    if (plants > seeds) checks.push(caution('few-seeds', `${name}: more plants are to be read than seeds are sown.`));
  if (plan.blocks === 1)
    checks.push(caution('no-blocks', 'One block: what one end of the bench does is put down to the media.'));
  return checks;
}
