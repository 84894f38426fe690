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

/** The newest version that is kept of a protocol. */
export async function newestKept(manager: EntityManager, key: string): Promise<Protocol | undefined> {
  const [row] = await manager.find(ProtocolEntity, { where: { key }, order: { version: 'desc' }, take: 1 });
  return row?.body;
}

/** The leads' copies, each at its newest version, with who made it. */
export const ownProtocols = (manager: EntityManager): Promise<{ readonly body: Protocol; readonly name: string }[]> =>
  manager.query(
    `select distinct on (p.key) p.body, u.name from protocols p join users u on u.id = p.by_user
     order by p.key, p.version desc`,
  );

export async function insertProtocol(
  manager: EntityManager,
  row: Omit<ProtocolEntity, 'body'>,
  body: Protocol,
): Promise<void> {
  await manager.insert(ProtocolEntity, { ...row, body: body as never });
}
