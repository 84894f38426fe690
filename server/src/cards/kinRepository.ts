import { isRead, ownReadings, type LotReadings } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';

/** What was read of other lots of its material, by their cards. */
export async function readingsOfKin(manager: EntityManager, lotId: string): Promise<LotReadings[]> {
  const rows = await manager.query<{ readings: LotReadings }[]>(
    `select c.card #> '{curve,readings}' as readings
     from lots own join lots l on l.material_id = own.material_id and l.id <> own.id join lot_cards c on c.lot_id = l.id
     where own.id = $1 and c.card #> '{curve,readings}' is not null order by l.id`,
    [lotId],
  );
  return rows.map(({ readings }) => ownReadings(readings)).filter(isRead);
}

/** What was read of the lot itself; null where nothing was, as before it had a card. */
export const ownOf = (readings: LotReadings | null | undefined): LotReadings | null => {
  if (readings === null || readings === undefined) return null;
  const own = ownReadings(readings);
  return isRead(own) ? own : null;
};

/** What was read of a lot by the card that is kept of it. */
export async function readingsKept(manager: EntityManager, lotId: string): Promise<LotReadings | null> {
  const [row] = await manager.query<{ readings: LotReadings | null }[]>(
    `select card #> '{curve,readings}' as readings from lot_cards where lot_id = $1`,
    [lotId],
  );
  return ownOf(row?.readings);
}

/** Asks for the cards of other lots of a material: what was not read of them is as of this one. */
export async function askKin(manager: EntityManager, lotId: string): Promise<void> {
  await manager.query(
    `update lot_cards c set wanted = c.wanted + 1 from lots own join lots l on l.material_id = own.material_id
     where own.id = $1 and l.id <> own.id and c.lot_id = l.id`,
    [lotId],
  );
}
