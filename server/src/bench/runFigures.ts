import { reduceRun, type RunRecord } from '@bent-pail/core';

/** A result of a finished run as a row. */
export interface RunFigureRow {
  readonly property: string;
  readonly mean: number;
  readonly sd: number | null;
  readonly se: number | null;
  readonly n: number;
  readonly words: string | null;
  readonly trouble: object | null;
}

/** What a run came to, in the order in which its protocol gives it. */
export function figuresOfRun(record: RunRecord): RunFigureRow[] {
  return reduceRun(record).properties.flatMap((one): RunFigureRow[] => {
    if (one.summary === undefined) return [];
    const { mean, sd, se, n } = one.summary;
    return [
      {
        property: one.property,
        mean,
        sd: sd ?? null,
        se: se ?? null,
        n,
        words: one.words ?? null,
        trouble: one.trouble ?? null,
      },
    ];
  });
}
