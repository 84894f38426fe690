import type { Me, NewProtocol, ProtocolRow } from '@bent-pail/contract';
import { copyProtocol, CoreError, PROTOCOL_GROUPS, PROTOCOLS, sameContent, type Protocol } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { contentHash } from '../database/contentHash';
import { refused } from '../http/problems';
import { insertProtocol, newestKept, ownProtocols } from './repository';

/** A protocol at its newest version, or undefined. Shipped ones are taken from the program, which is newest. */
export async function newestProtocol(manager: EntityManager, key: string): Promise<Protocol | undefined> {
  const shipped = PROTOCOLS.find((one) => one.key === key);
  if (shipped !== undefined) return shipped;
  return newestKept(manager, key);
}

export async function requireProtocol(manager: EntityManager, key: string): Promise<Protocol> {
  const protocol = await newestProtocol(manager, key);
  if (protocol === undefined) throw refused('protocol', `There is no protocol "${key}".`);
  return protocol;
}

/** Shipped protocols in their order, then the lead's copies by name, each at its newest version. */
export async function listProtocols({ db }: Context): Promise<ProtocolRow[]> {
  const own = await ownProtocols(db.manager);
  const shipped = PROTOCOL_GROUPS.flatMap(({ label, protocols }) =>
    protocols.map((protocol): ProtocolRow => ({ protocol, group: label })),
  );
  const copies = own.map(({ body, name }): ProtocolRow => ({ protocol: body, by: name }));
  return [...shipped, ...copies.sort((a, b) => a.protocol.label.localeCompare(b.protocol.label))];
}

/** Keeps a lead's copy as a new version; runs that were made with an older one stay as they are. */
export async function keepProtocol(context: Context, me: Me, body: NewProtocol): Promise<ProtocolRow[]> {
  const { db, clock } = context;
  await db.transaction(async (manager) => {
    const base = await requireProtocol(manager, body.from);
    const last = await newestProtocol(manager, body.key);
    const version = (last?.version ?? 0) + 1;
    try {
      const protocol = copyProtocol(base, body, { key: body.key, version });
      // The same content again is the same version: a retry changes nothing.
      if (last !== undefined && sameContent({ ...last, version }, protocol)) return;
      const kept = { byUser: me.id, keptAt: new Date(clock.now()) };
      await insertProtocol(manager, { key: body.key, version, hash: contentHash(protocol), ...kept }, protocol);
    } catch (error) {
      if (error instanceof CoreError) throw refused(error.path, error.sentence);
      throw error;
    }
  });
  return listProtocols(context);
}
