import type {
  BlendRow,
  DeskBlend,
  DeskLot,
  LabRequestRow,
  LotRow,
  Page,
  RunRow,
  ScorecardRow,
  SheetRow,
} from '@bent-pail/contract';

/** One page that holds all of a list. */
export const pageOf = <T>(rows: readonly T[]): Page<T> => ({ rows, total: rows.length });

/** An answer that goes by what is asked after the question mark. */
export type Answering = (asked: URLSearchParams) => unknown;

const says = (lot: LotRow, words: string): boolean =>
  words
    .toLowerCase()
    .split(/\s+/)
    .every((word) =>
      [lot.name, lot.code, ...lot.aliases, lot.source, lot.grade].join(' ').toLowerCase().includes(word),
    );

interface Listed {
  readonly lots?: readonly DeskLot[];
  readonly blends?: readonly (BlendRow | DeskBlend)[];
  readonly runs?: readonly RunRow[];
  readonly scorecards?: readonly ScorecardRow[];
  readonly sheets?: readonly SheetRow[];
  readonly labRequests?: readonly LabRequestRow[];
}

/** Lists as the server answers for them: filtered and in pages, and what a desk has at hand. */
export function lists({
  lots = [],
  blends = [],
  runs = [],
  scorecards = [],
  sheets = [],
  labRequests = [],
}: Listed): Readonly<Record<string, unknown>> {
  const lotsLike: Answering = (asked) => {
    const ids = asked.get('ids')?.split(',');
    return pageOf(
      lots.filter(
        (lot) =>
          says(lot, (asked.get('find') ?? '').trim()) &&
          (asked.get('kind') ?? lot.kind) === lot.kind &&
          (ids?.includes(lot.id) ?? true),
      ),
    );
  };
  const runsLike: Answering = (asked) =>
    pageOf(
      runs.filter(
        ({ finishedAt }) =>
          asked.get('state') === null || (asked.get('state') === 'open') === (finishedAt === undefined),
      ),
    );
  const requestsLike: Answering = (asked) =>
    pageOf(
      labRequests.filter(
        ({ runId }) => asked.get('state') === null || (asked.get('state') === 'awaited') === (runId === undefined),
      ),
    );
  return {
    '/lots': lotsLike,
    '/lots/desk': { lots, total: lots.length },
    '/blends': pageOf(blends),
    '/blends/desk': blends,
    '/runs': runsLike,
    '/scorecards': pageOf(scorecards),
    '/sheets': pageOf(sheets),
    '/laboratory': requestsLike,
  };
}
