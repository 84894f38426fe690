import type { KeptTrialReading, TrialPage } from '@bent-pail/contract';
import { dayAfter, plotsOf, type TrialPlan } from '@bent-pail/core';
import { idOf } from './ids';

export const SOWN_ON = '2026-11-10';

/** Three lots on four shelves, sown a fortnight before the tests' now. */
export const PLAN: TrialPlan = {
  question: 'Which grows cress best?',
  arms: [
    { key: 'peat', name: 'Peat', mediumKind: 'lot', mediumId: 'l1', own: {} },
    { key: 'bark', name: 'Bark', mediumKind: 'lot', mediumId: 'l2', own: {} },
    { key: 'coir', name: 'Coir', mediumKind: 'lot', mediumId: 'l3', own: {} },
  ],
  reference: 'peat',
  species: [{ key: 'cress', name: 'Cress', seeds: 10, plants: 2, weight: 1 }],
  unit: 'pot',
  blockIs: 'shelf',
  blocks: 4,
  common: { sownOn: SOWN_ON },
  settled: [],
  observe: [
    { trait: 'up', ages: [4, 14] },
    { trait: 'height', ages: [7, 14] },
    { trait: 'signs', ages: [14] },
  ],
  asks: { trait: 'height', difference: 10, sd: 4 },
  within_d: 0,
};

/** A plot by its number, as the contract wants it named. */
export const plotId = (number: number): string => idOf(`p${String(number)}`);

export function trialPageOf(more: Partial<TrialPage> = {}): TrialPage {
  const plan = more.plan ?? PLAN;
  return {
    id: 't1',
    name: 'Autumn',
    state: 'running',
    plan,
    seed: 7,
    plots: plotsOf(plan, 7).map((plot) => ({ ...plot, id: plotId(plot.number) })),
    moves: [],
    out: [],
    settledLater: [],
    events: [],
    readings: 0,
    laidOutAt: '2026-11-09T10:00:00Z',
    by: 'Tam Oswin',
    ...more,
  };
}

/** What was read of every plot up to a day: coir is taller by half, shelves differ a little. */
export function trialReadingsOf({ plots, plan }: TrialPage, upTo = 14): readonly KeptTrialReading[] {
  const tall: Readonly<Record<string, number>> = { peat: 40, bark: 41, coir: 60 };
  return plan.observe
    .flatMap(({ trait, ages }) =>
      plots.flatMap((plot) =>
        ages.flatMap((age): Omit<KeptTrialReading, 'id'>[] => {
          const on = dayAfter(plan.common.sownOn, age);
          const of = { plotId: plot.id, on };
          if (trait === 'signs') return [{ ...of, plant: 0, trait, signs: plot.arm === 'bark' ? ['mould'] : [] }];
          if (trait === 'up') return [{ ...of, plant: 0, trait, value: Math.min(10, age + (plot.number % 3)) }];
          const value = ((tall[plot.arm] ?? 0) * age) / 14 + 3 * plot.block + (plot.number % 4);
          return [1, 2].map((plant) => ({ ...of, plant, trait: 'height' as const, value: Math.round(value + plant) }));
        }),
      ),
    )
    .filter(({ on }) => on <= dayAfter(plan.common.sownOn, upTo))
    .map((reading, i) => ({ ...reading, id: `r${String(i).padStart(4, '0')}` }));
}
