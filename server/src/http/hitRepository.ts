import type { DataSource } from 'typeorm';

/** How often something was tried within its time, and when that time is over. */
export interface Hits {
  readonly hits: number;
  readonly resetsAt: Date;
}

/** Counts one more try; the first of a new time takes away what no longer counts. */
export async function countHit(db: DataSource, key: string, window_ms: number): Promise<Hits> {
  const [row] = await db.query<Hits[]>(
    `insert into rate_hits as h (key, hits, resets_at) values ($1, 1, now() + $2 * interval '1 ms')
     on conflict (key) do update set
       hits = case when h.resets_at <= now() then 1 else h.hits + 1 end,
       resets_at = case when h.resets_at <= now() then excluded.resets_at else h.resets_at end
     returning hits, resets_at as "resetsAt"`,
    [key, window_ms],
  );
  const hits = row as Hits;
  if (hits.hits === 1) await db.query('delete from rate_hits where resets_at <= now() and key <> $1', [key]);
  return hits;
}

/** Takes one back: it was no wrong one. */
export async function uncountHit(db: DataSource, key: string): Promise<void> {
  await db.query('update rate_hits set hits = greatest(hits - 1, 0) where key = $1', [key]);
}

export async function forgetHits(db: DataSource, key: string): Promise<void> {
  await db.query('delete from rate_hits where key = $1', [key]);
}
