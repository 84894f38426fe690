import type { Protocol } from '@bent-pail/core';
import type { DataSource, EntityManager } from 'typeorm';
import { ProtocolEntity } from './entities';

/** A version never changes once it is kept, so it is read once. */
const known = new WeakMap<DataSource, Map<string, Protocol>>();

/** One version of a protocol, as runs follow it. */
export async function protocolOfRun(
  manager: EntityManager,
  { protocolKey, protocolVersion }: { readonly protocolKey: string; readonly protocolVersion: number },
): Promise<Protocol> {
  const own = known.get(manager.dataSource) ?? new Map<string, Protocol>();
  known.set(manager.dataSource, own);
  const name = `${protocolKey}@${String(protocolVersion)}`;
  const read = own.get(name);
  if (read !== undefined) return read;
  const { body } = await manager.findOneByOrFail(ProtocolEntity, { key: protocolKey, version: protocolVersion });
  own.set(name, body);
  return body;
}
