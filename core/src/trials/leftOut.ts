import type { TrialPlan } from './plan';
import { plotsAtAges } from './traitOverAges';
import type { TrialPlot, TrialRecord } from './trialRecord';

/** A plot that the rule said before sowing drops. */
export interface CulledPlot {
  readonly plot: number;
  readonly why: string;
}

/** Plots that are left out in the open, or dropped by the rule that was said before sowing. */
export function leftOut(record: TrialRecord): {
  readonly kept: TrialRecord;
  readonly culled: readonly CulledPlot[];
} {
  const out = new Set(record.out.map(({ plotId }) => plotId));
  const { culling } = record.plan;
  const culled = culling === undefined ? [] : culledBy(record, culling).filter(({ plot }) => !out.has(plot.id));
  for (const { plot } of culled) out.add(plot.id);
  return {
    kept: {
      ...record,
      plots: record.plots.filter(({ id }) => !out.has(id)),
      readings: record.readings.filter(({ plotId }) => !out.has(plotId)),
    },
    culled: culled.map(({ plot, alive, age_d }) => ({
      plot: plot.number,
      why: `${String(alive)} up at ${String(age_d)} days, fewer than ${String(culling?.under ?? 0)}`,
    })),
  };
}

function culledBy(
  record: TrialRecord,
  { under, age_d }: NonNullable<TrialPlan['culling']>,
): { readonly plot: TrialPlot; readonly alive: number; readonly age_d: number }[] {
  return record.plan.species.flatMap(({ key }) => {
    const counted = plotsAtAges(record, key, 'up').filter((one) => one.age_d <= age_d);
    return record.plots.flatMap((plot) => {
      const last = counted.filter((one) => one.plot.id === plot.id).at(-1);
      return last === undefined || last.age_d < age_d || last.value >= under
        ? []
        : [{ plot, alive: last.value, age_d }];
    });
  });
}
