import { PROTOCOLS, RUBRICS } from '@bent-pail/core';
import type { DataSource } from 'typeorm';
import { contentHash } from './contentHash';
import { ProtocolEntity } from '../protocols/entities';
import { RubricEntity } from '../scores/entities';

interface Shipped {
  readonly key: string;
  readonly version: number;
}

/** Brings the shipped protocols and rubrics in that a notebook does not know yet. A row never changes. */
export async function importShipped(db: DataSource): Promise<void> {
  const importNew = async (
    entity: typeof ProtocolEntity | typeof RubricEntity,
    bodies: readonly (Shipped & object)[],
  ): Promise<void> => {
    const kept = await db.getRepository<Shipped>(entity).find({ select: { key: true, version: true } });
    const known = new Set(kept.map(({ key, version }) => `${key} ${String(version)}`));
    const unknown = bodies.filter(({ key, version }) => !known.has(`${key} ${String(version)}`));
    if (unknown.length === 0) return;
    await db
      .createQueryBuilder()
      .insert()
      .into(entity)
      .values(
        unknown.map((body) => ({
          key: body.key,
          version: body.version,
          hash: contentHash(body),
          body: body as never,
        })),
      )
      // Another server may open the notebook at the same moment.
      .orIgnore()
      .execute();
  };
  await importNew(ProtocolEntity, PROTOCOLS);
  await importNew(RubricEntity, RUBRICS);
}
