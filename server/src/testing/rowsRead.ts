import type { DataSource, Logger } from 'typeorm';

interface PlanNode {
  readonly 'Relation Name'?: string;
  readonly 'Actual Rows': number;
  readonly 'Actual Loops': number;
  readonly 'Rows Removed by Filter'?: number;
  readonly Plans?: readonly PlanNode[];
}

/** What a piece of work asked the database for. */
export interface Asked {
  readonly queries: number;
  /** Rows that PostgreSQL looked at, by table. */
  readonly rows: Readonly<Record<string, number>>;
}

function addRows(node: PlanNode, rows: Record<string, number>): void {
  const table = node['Relation Name'];
  if (table !== undefined)
    rows[table] =
      (rows[table] ?? 0) + (node['Actual Rows'] + (node['Rows Removed by Filter'] ?? 0)) * node['Actual Loops'];
  node.Plans?.forEach((inner) => {
    addRows(inner, rows);
  });
}

const nothing = (): void => undefined;

/** Counts the queries of some work, and the rows that PostgreSQL looks at for them. */
export async function rowsRead(db: DataSource, work: () => Promise<unknown>): Promise<Asked> {
  const heard: (readonly [string, readonly unknown[]])[] = [];
  const logger: Logger = {
    logQuery: (query, parameters) => {
      if (/^\s*(select|with)/i.test(query)) heard.push([query, (parameters ?? []) as unknown[]]);
    },
    logQueryError: nothing,
    logQuerySlow: nothing,
    logSchemaBuild: nothing,
    logMigration: nothing,
    log: nothing,
  };
  const before = db.logger;
  db.logger = logger;
  try {
    await work();
  } finally {
    db.logger = before;
  }
  const rows: Record<string, number> = {};
  for (const [query, parameters] of heard) {
    const [{ 'QUERY PLAN': plans }] = await db.query<[{ 'QUERY PLAN': readonly { readonly Plan: PlanNode }[] }]>(
      `explain (analyze, format json) ${query}`,
      [...parameters],
    );
    plans.forEach(({ Plan }) => {
      addRows(Plan, rows);
    });
  }
  return { queries: heard.length, rows };
}
