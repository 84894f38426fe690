import type { PotJobRow } from '@bent-pail/contract';
import { WATCH_METHOD, type PotAdvice } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { METHODS_STAMP } from '../cards/methods';
import { contentHash } from '../database/contentHash';
import { optional } from '../database/optional';
import type { PotSaid } from './watchPot';

const STAMP = contentHash([METHODS_STAMP, WATCH_METHOD]).slice(0, 16);

/** A pot whose diary has grown, and how often it was asked for by now. */
export interface WantedWatch {
  readonly potId: string;
  readonly wanted: number;
}

export function wantedWatches(manager: EntityManager, most: number): Promise<WantedWatch[]> {
  return manager.query<WantedWatch[]>(
    `select pot_id as "potId", wanted from pot_watches where wanted <> made order by made, pot_id limit $1`,
    [most],
  );
}

/** Asks anew for what was worked out by other methods than today's. */
export async function wantOldWatches(manager: EntityManager): Promise<void> {
  await manager.query('update pot_watches set wanted = wanted + 1 where made = wanted and methods <> $1', [STAMP]);
}

/** Keeps what a pot asks for; what a later question has overtaken is dropped. */
export async function writeWatch(manager: EntityManager, wanted: WantedWatch, said: PotSaid): Promise<void> {
  const at = (ms: number | undefined): Date | null => (ms === undefined ? null : new Date(ms));
  const { next, advice, yearTopUp_L, trouble } = said;
  await manager.query(
    `update pot_watches set made = $2, methods = $3, trouble = $4, next_at = $5, next_from = $6, next_to = $7, advice = $8, year_l = $9
     where pot_id = $1 and made < $2`,
    [
      wanted.potId,
      wanted.wanted,
      STAMP,
      trouble ?? null,
      at(next?.at_ms),
      at(next?.band_ms[0]),
      at(next?.band_ms[1]),
      JSON.stringify(advice.map(({ evidence: _lines, ...one }) => one)),
      yearTopUp_L ?? null,
    ],
  );
}

type KeptAdvice = Omit<PotAdvice, 'evidence'>;

interface Row {
  readonly potId: string;
  readonly pot: string;
  readonly place: string | null;
  readonly nextAt: Date | null;
  readonly nextFrom: Date | null;
  readonly nextTo: Date | null;
  readonly advice: readonly KeptAdvice[];
}

/** Pots that are told of at once; how far ahead, and how long a watering that nobody wrote down is waited for. */
const PAGE = Object.freeze({ rows: 60, ahead_ms: 7 * 24 * 3600_000, over_ms: 60 * 24 * 3600_000 });
/** What stands on the page of today; the rest stands on the pot's own page. */
const TODAYS = ['discard', 'look', 'feed'];

/** What pots ask for within a week, the soonest first. */
export async function potsToDo(manager: EntityManager, now_ms: number): Promise<PotJobRow[]> {
  const [soon, long] = [new Date(now_ms + PAGE.ahead_ms), new Date(now_ms - PAGE.over_ms)];
  const rows = await manager.query<Row[]>(
    `select p.id as "potId", p.name as pot, coalesce(p.place, l.name) as place, w.next_at as "nextAt", w.next_from as "nextFrom",
       w.next_to as "nextTo", w.advice
     from pot_watches w join filled_pots p on p.id = w.pot_id left join places l on l.id = p.place_id
     where (w.next_at between $2 and $1 or exists (select from jsonb_array_elements(w.advice) a where a->>'act' = any($3)))
       and not exists (select from pot_entries e where e.pot_id = p.id and e.kind = 'emptied')
     order by w.next_at nulls last, p.id limit $4`,
    [soon, long, TODAYS, PAGE.rows],
  );
  return rows.flatMap((row) => jobsOf(row, soon, long));
}

function jobsOf({ potId, pot, place, advice, ...row }: Row, soon: Date, long: Date): PotJobRow[] {
  const named = { potId, pot, ...optional('place', place) };
  const { nextAt, nextFrom, nextTo } = row;
  const isSoon = nextAt !== null && nextFrom !== null && nextTo !== null && nextAt <= soon && nextAt >= long;
  const band = isSoon ? { from: nextFrom.toISOString(), to: nextTo.toISOString() } : undefined;
  // One thing beside the watering: the weightiest.
  const asks = advice
    .filter(({ act, at_ms }) => TODAYS.includes(act) && (at_ms === undefined || at_ms <= soon.getTime()))
    .slice(0, 1);
  return [
    ...(isSoon
      ? [{ ...named, act: 'water' as const, at: nextAt.toISOString(), ...optional('band', band ?? null) }]
      : []),
    ...asks.map(({ act, message, at_ms }): PotJobRow => ({
      ...named,
      act,
      ...(at_ms === undefined ? {} : { at: new Date(at_ms).toISOString() }),
      why: message,
    })),
  ];
}
