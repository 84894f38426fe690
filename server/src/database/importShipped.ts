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
  const importOne = async (
    entity: typeof ProtocolEntity | typeof RubricEntity,
    body: Shipped & object,
  ): Promise<void> => {
    await db
      .createQueryBuilder()
      .insert()
      .into(entity)
      .values({ key: body.key, version: body.version, hash: contentHash(body), body: body as never })
      .orIgnore()
      .execute();
  };
  for (const protocol of PROTOCOLS) await importOne(ProtocolEntity, protocol);
  for (const rubric of RUBRICS) await importOne(RubricEntity, rubric);
}
