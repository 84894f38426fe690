import type { Me, QuickStart, RunSheet } from '@bent-pail/contract';
import { defaultSettings, findMediaClass, readName, type Protocol } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { refused } from '../http/problems';
import { requireProtocol } from '../protocols/service';
import { countLotsOf, insertLot, insertMaterial, materialCalled } from '../shelf/lotRepository';
import { insertVessel, measuredVessels } from '../vessels/repository';
import { insertRun } from './insertRun';
import { readSheet } from './readSheet';

/** Vessels for a first run: those that were measured longest ago in use, else new ones that wait to be measured. */
async function vesselsFor(manager: EntityManager, count: number, now: Date): Promise<string[]> {
  const ids = [...(await measuredVessels(manager, count))];
  while (ids.length < count) {
    const id = uuidv7();
    const vessel = {
      id,
      kind: 'vessel',
      height_cm: null,
      topDiameter_cm: null,
      baseDiameter_cm: null,
      createdAt: now,
      archivedAt: null,
    } as const;
    await insertVessel(manager, { ...vessel, name: `Vessel ${String(ids.length + 1)}` });
    ids.push(id);
  }
  return ids;
}

/** One name is enough: material, lot, vessels and run come into being together, or none of them. */
export async function quickStart({ db, clock }: Context, me: Me, body: QuickStart): Promise<RunSheet> {
  const protocol = await requireProtocol(db.manager, body.protocol);
  return db.transaction(async (manager) => {
    await keepOnce(manager, { id: body.runId, what: 'run', said: body }, () =>
      begin(manager, { protocol, me, body, now: new Date(clock.now()) }),
    );
    return readSheet(manager, body.runId);
  });
}

interface Beginning {
  readonly protocol: Protocol;
  readonly me: Me;
  readonly body: QuickStart;
  readonly now: Date;
}

async function begin(manager: EntityManager, { protocol, me, body, now }: Beginning): Promise<void> {
  const name = body.name.trim();
  if (name === '') throw refused('name', 'Say what is in the pail.');
  const known = await materialCalled(manager, name);
  // Only what the name surely means is filled in; a question waits on the lot's card.
  const mediaClass = findMediaClass(
    (known === null ? (body.kindOpen === true ? undefined : readName(name).preset?.classId) : known.classId) ?? '',
  );
  const materialId = known?.id ?? body.materialId;
  if (known === null) {
    await insertMaterial(manager, { id: materialId, name, kind: 'material', classId: mediaClass?.id ?? null });
  }
  const code = String((await countLotsOf(manager, materialId)) + 1);
  await insertLot(manager, { id: body.lotId, materialId, code, createdAt: now });
  const replicateCount = protocol.replicates.usual;
  const run = {
    id: body.runId,
    lotId: body.lotId,
    protocolKey: protocol.key,
    replicateCount,
    vesselIds: protocol.usesVessel ? await vesselsFor(manager, replicateCount, now) : [],
    sample: null,
    groupName: null,
    startedBy: me.id,
    startedAt: now,
  };
  await insertRun(manager, run, protocol, defaultSettings(mediaClass, protocol));
}
