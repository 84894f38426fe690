import type { TrialPlan } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { METHODS_STAMP } from '../cards/methods';
import type { TrialResult } from './results';

/** A trial of which something changed, and how often it was asked for by now. */
export interface WantedTrial {
  readonly trialId: string;
  readonly wanted: number;
}

export const wantedTrials = (manager: EntityManager, most: number): Promise<WantedTrial[]> =>
  manager.query<WantedTrial[]>(
    'select trial_id as "trialId", wanted from trial_results where wanted <> made order by made, trial_id limit $1',
    [most],
  );

/** Asks anew for what was worked out by other methods than today's. */
export async function wantOldTrials(manager: EntityManager): Promise<void> {
  await manager.query(
    `update trial_results r set wanted = wanted + 1 from trials t
     where t.id = r.trial_id and t.finished_at is not null and r.made = r.wanted and r.methods <> $1`,
    [METHODS_STAMP],
  );
}

/** Keeps what a trial came to, or that it is not finished; what a later question has overtaken is dropped. */
export async function writeResult(
  manager: EntityManager,
  { trialId, wanted }: WantedTrial,
  found: { readonly result?: TrialResult; readonly plan?: TrialPlan; readonly trouble?: string },
): Promise<void> {
  const { result, plan, trouble } = found;
  const kept = await manager.query<unknown[]>(
    `with kept as (update trial_results set made = $2, methods = $3, trouble = $4, answers = $5
       where trial_id = $1 and made < $2 returning 1) select * from kept`,
    [trialId, wanted, METHODS_STAMP, trouble ?? null, result?.answers ?? null],
  );
  if (kept.length === 0) return;
  await manager.query('delete from trial_ratios where trial_id = $1', [trialId]);
  for (const { name, ratio, se, species } of result?.ratios ?? []) {
    const arm = plan?.arms.find((one) => one.name === name);
    if (arm === undefined) continue;
    const [lotId, blendId] = arm.mediumKind === 'lot' ? [arm.mediumId, null] : [null, arm.mediumId ?? null];
    await manager.query(
      `insert into trial_ratios (trial_id, arm, name, lot_id, blend_id, blend_n, ratio, se, species)
       values ($1, $2, $3, $4, $5, $6, $7, $8, $9)`,
      [trialId, arm.key, name, lotId ?? null, blendId, arm.mediumN ?? null, ratio, se ?? null, JSON.stringify(species)],
    );
  }
}

/** A ratio that a lot's scorecard takes. */
export interface RatioOfLot {
  readonly lotId: string;
  readonly trialId: string;
  readonly trial: string;
  readonly reference: string;
  readonly ratio: number;
  readonly se: number | null;
}

/** What the newest finished trial says of each of some lots. */
export const ratiosOfLots = (manager: EntityManager, lotIds: readonly string[]): Promise<RatioOfLot[]> =>
  manager.query<RatioOfLot[]>(
    `select distinct on (q.lot_id) q.lot_id as "lotId", t.id as "trialId", t.name as trial, q.ratio, q.se,
       (select a ->> 'name' from jsonb_array_elements(t.plan -> 'arms') a where a ->> 'key' = t.plan ->> 'reference') as reference
     from trial_ratios q join trials t on t.id = q.trial_id
     where q.lot_id = any ($1) and t.finished_at is not null and t.archived_at is null
     order by q.lot_id, t.finished_at desc, t.id`,
    [lotIds],
  );
