import type { Source } from './source';

const OF_A_TRIAL = `'trial' as of, t.id as of_id, null::int as number, t.name as title`;

/** What was changed in trials: plots out and in, moved, differences settled, opened again. */
export const OF_TRIALS: readonly Source[] = [
  ...(['plot-out', 'plot-in'] as const).map((kind): Source => ({
    kind,
    columns: `x.id, ${OF_A_TRIAL}, p.number::text as part,
      null as old, null as new, x.reason`,
    from: 'trial_exclusions x join trials t on t.id = x.trial_id join trial_plots p on p.id = x.plot_id',
    where: kind === 'plot-out' ? 'x.is_out' : 'not x.is_out',
  })),
  {
    kind: 'plot-moved',
    columns: `x.id, ${OF_A_TRIAL}, null as part,
      p.number::text as old, q.number::text as new, x.reason`,
    from: `trial_moves x join trials t on t.id = x.trial_id join trial_plots p on p.id = x.plot_id
      join trial_plots q on q.id = x.with_id`,
  },
  {
    kind: 'difference-settled',
    columns: `x.id, ${OF_A_TRIAL}, x.circumstance as part,
      null as old, x.how as new, x.words as reason`,
    from: 'trial_settled x join trials t on t.id = x.trial_id',
  },
  {
    kind: 'trial-reopened',
    columns: `x.id, ${OF_A_TRIAL}, null as part, null as old, null as new,
      x.reason`,
    from: 'trial_reopenings x join trials t on t.id = x.trial_id',
  },
];
