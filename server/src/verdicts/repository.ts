import type { EntityManager } from 'typeorm';
import { VerdictChangeEntity } from './entities';

/** The newest change of each line. */
export const changesOf = (manager: EntityManager): Promise<VerdictChangeEntity[]> =>
  manager
    .createQueryBuilder(VerdictChangeEntity, 'change')
    .distinctOn(['change.line_id'])
    .orderBy('change.line_id')
    .addOrderBy('change.version', 'DESC')
    .getMany();

/** Holds the table until the transaction ends: lines depend on their neighbours. */
export async function holdTable(manager: EntityManager): Promise<void> {
  await manager.query("select pg_advisory_xact_lock(hashtext('verdicts'))");
}

export async function addChange(manager: EntityManager, change: VerdictChangeEntity): Promise<void> {
  await manager.insert(VerdictChangeEntity, change);
}
