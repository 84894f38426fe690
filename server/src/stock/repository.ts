import type { Me } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { MovementEntity, type MovementReason } from './entities';

/** What is left of some lots, L; a lot that was never counted is not in it. */
export async function stockOf(manager: EntityManager, lotIds: readonly string[]): Promise<ReadonlyMap<string, number>> {
  if (lotIds.length === 0) return new Map();
  const rows = await manager.query<{ lot_id: string; left: string }[]>(
    'select lot_id, sum(change_l) as left from stock_movements where lot_id = any($1) group by lot_id',
    [lotIds],
  );
  return new Map(rows.map((row) => [row.lot_id, Number(row.left)]));
}

interface Movement {
  readonly lotId: string;
  readonly change_L: number;
  readonly reason: MovementReason;
  readonly forLot?: string;
  readonly id?: string;
}

export async function move(manager: EntityManager, me: Me, now: number, movement: Movement): Promise<void> {
  const { id, lotId, change_L, reason, forLot } = movement;
  if (change_L === 0) return;
  await manager.insert(MovementEntity, {
    id: id ?? uuidv7(),
    lotId,
    change_L,
    reason,
    forLot: forLot ?? null,
    byUser: me.id,
    keptAt: new Date(now),
  });
}
