import { PROTOCOLS, RUBRICS } from '@bent-pail/core';
import type { DataSource } from 'typeorm';
import { hashOf } from '../protocols/service';
import { ProtocolEntity, RubricEntity } from './entities';

interface Shipped {
  readonly key: string;
  readonly version: number;
}

/**
 * Brings the shipped protocols and rubrics into the database. A row never changes: the same version with other content
 * is a mistake in the program and stops the start.
 */
export async function importShipped(db: DataSource): Promise<void> {
  const importOne = async (
    entity: typeof ProtocolEntity | typeof RubricEntity,
    body: Shipped & object,
  ): Promise<void> => {
    const repository = db.getRepository<ProtocolEntity | RubricEntity>(entity);
    const hash = hashOf(body);
    const known = await repository.findOneBy({ key: body.key, version: body.version });
    if (known === null) {
      await repository.insert({ key: body.key, version: body.version, hash, body: body as never });
    } else if (known.hash !== hash) {
      throw new Error(
        `${body.key} ${String(body.version)} differs from the one in the database: give it a new version.`,
      );
    }
  };
  for (const protocol of PROTOCOLS) await importOne(ProtocolEntity, protocol);
  for (const rubric of RUBRICS) await importOne(RubricEntity, rubric);
}
