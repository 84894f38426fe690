import { sownOn, type TrialPlan } from './plan';
import type { TraitFound } from './comparedTrait';
import type { ArmAtAge } from './traitOverAges';
import type { TraitKey, TrialSign } from './traits';
import { daysBetween, standingReadings, type TrialRecord } from './trialRecord';
import { paledAt, slowedAt } from './turned';

export interface SignFound {
  readonly sign: TrialSign;
  readonly arm: string;
  /** Week after sowing in which it was first seen, from 1. */
  readonly week: number;
  readonly plots: number;
  readonly of: number;
}

export interface TurnFound {
  readonly arm: string;
  readonly paled_d?: number;
  readonly slowed_d?: number;
}

/** Plants found dead, of those that were read. */
export interface DeathsFound {
  readonly arm: string;
  readonly dead: number;
  readonly of: number;
}

/** Days between two readings of a week, so that the first week is the first seven days. */
const WEEK_d = 7;

/** Signs of a species by medium, with the week in which each was first seen. */
export function signsOf({ plan, plots, readings }: TrialRecord, species: string): readonly SignFound[] {
  const seen = standingReadings(readings).filter(({ trait }) => trait === 'signs');
  return plan.arms.flatMap((arm) => {
    const own = plots.filter((plot) => plot.arm === arm.key && plot.species === species);
    const first = new Map<TrialSign, Map<string, number>>();
    for (const { plotId, on, signs = [] } of seen) {
      if (!own.some(({ id }) => id === plotId)) continue;
      const age = daysBetween(sownOn(plan, arm), on);
      for (const sign of signs) {
        const byPlot = first.get(sign) ?? new Map<string, number>();
        byPlot.set(plotId, Math.min(age, byPlot.get(plotId) ?? Number.POSITIVE_INFINITY));
        first.set(sign, byPlot);
      }
    }
    return [...first].map(([sign, byPlot]) => ({
      sign,
      arm: arm.key,
      week: Math.floor(Math.min(...byPlot.values()) / WEEK_d) + 1,
      plots: byPlot.size,
      of: own.length,
    }));
  });
}

/** When growth or colour turned in each medium. */
export function turnedOf(plan: TrialPlan, traits: readonly TraitFound[]): readonly TurnFound[] {
  const agesOf = (trait: TraitKey, arm: string): readonly ArmAtAge[] =>
    traits.find((one) => one.trait === trait)?.arms.find((one) => one.arm === arm)?.ages ?? [];
  return plan.arms.flatMap(({ key }) => {
    const paled_d = paledAt(agesOf('colour', key));
    const slowed_d =
      key === plan.reference ? undefined : slowedAt(agesOf('height', key), agesOf('height', plan.reference));
    if (paled_d === undefined && slowed_d === undefined) return [];
    return [
      {
        arm: key,
        ...(paled_d === undefined ? {} : { paled_d }),
        ...(slowed_d === undefined ? {} : { slowed_d }),
      },
    ];
  });
}

/** Plants that were found dead, of those that were read, by medium. */
export function deathsOf({ plan, plots, readings }: TrialRecord, species: string): readonly DeathsFound[] {
  const standing = standingReadings(readings).filter(({ plant }) => plant > 0);
  return plan.arms.flatMap(({ key }) => {
    const own = new Set(plots.filter((plot) => plot.arm === key && plot.species === species).map(({ id }) => id));
    const here = standing.filter(({ plotId }) => own.has(plotId));
    const nameOf = ({ plotId, plant }: (typeof here)[number]): string => `${plotId} ${String(plant)}`;
    const dead = new Set(here.filter(({ state }) => state === 'dead').map(nameOf)).size;
    return dead === 0 ? [] : [{ arm: key, dead, of: new Set(here.map(nameOf)).size }];
  });
}
