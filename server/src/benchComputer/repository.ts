import type { EntityManager } from 'typeorm';

interface Found {
  readonly postgres: string;
  readonly bytes: string;
  readonly servers: number;
  readonly cardsWaiting: number;
  readonly folder: string | null;
}

/** Cards that do not follow yet. */
export async function countWaitingCards(manager: EntityManager): Promise<number> {
  const [row] = await manager.query<{ n: number }[]>('select count(*)::int as n from lot_cards where wanted <> made');
  return row?.n ?? 0;
}

/** What PostgreSQL knows of itself; its folder only where its role may ask for it. */
export async function aboutDatabase(manager: EntityManager, serverName: string): Promise<Found> {
  const [row] = await manager.query<Found[]>(
    `select current_setting('server_version') as postgres, pg_database_size(current_database())::text as bytes,
       (select count(distinct application_name)::int from pg_stat_activity
        where datname = current_database() and application_name like $1) as servers,
       (select count(*)::int from lot_cards where wanted <> made) as "cardsWaiting",
       case when pg_has_role('pg_read_all_settings', 'member') then current_setting('data_directory') end as folder`,
    [`${serverName} %`],
  );
  return row as Found;
}
