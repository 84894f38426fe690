import type { ChangedVerdict, Me, VerdictRow } from '@bent-pail/contract';
import { changedTable, CoreError, requireVerdictChange, type VerdictChange, spoken } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { namesOf } from '../accounts/repository';
import type { Context } from '../context';
import { optional } from '../database/optional';
import { conflict, notFound, refused } from '../http/problems';
import type { VerdictChangeEntity } from './entities';
import { addChange, changesOf, holdTable } from './repository';

const changeOf = ({ lineId, says, because, beginsAt }: VerdictChangeEntity): VerdictChange[] =>
  says === null || because === null ? [] : [{ id: lineId, says, because, ...optional('from', beginsAt) }];

/** The table of verdicts as this notebook has it. */
export async function listVerdicts({ db }: Context, manager: EntityManager = db.manager): Promise<VerdictRow[]> {
  const changes = await changesOf(manager);
  const people = await namesOf(
    manager,
    changes.map(({ byUser }) => byUser),
  );
  const byLine = new Map(changes.map((change) => [change.lineId, change]));
  return changedTable(changes.flatMap(changeOf)).map((line): VerdictRow => {
    const change = byLine.get(line.id);
    if (change === undefined) return { ...line, version: 0 };
    const by = people.get(change.byUser) ?? '';
    return {
      ...line,
      version: change.version,
      ...(change.says === null ? {} : { changed: { by, at: change.keptAt.toISOString() } }),
    };
  });
}

/** Adds a change of a line, after the one that it was made on. */
async function change(
  context: Context,
  me: Me,
  { id, version }: Pick<ChangedVerdict, 'id' | 'version'>,
  said: (changes: readonly VerdictChange[]) => Pick<VerdictChangeEntity, 'says' | 'because' | 'beginsAt'>,
): Promise<VerdictRow[]> {
  return context.db.transaction(async (manager) => {
    await holdTable(manager);
    const changes = await changesOf(manager);
    const known = changes.find(({ lineId }) => lineId === id);
    const next = said(changes.flatMap(changeOf));
    // The same again, because nobody answered the first time.
    const isKept =
      known?.version === version + 1 &&
      known.says === next.says &&
      known.because === next.because &&
      known.beginsAt === next.beginsAt;
    if (!isKept) {
      if ((known?.version ?? 0) !== version)
        throw conflict('Somebody else changed this line meanwhile; look at it again before you change it.');
      const keptAt = new Date(context.clock.now());
      await addChange(manager, { lineId: id, version: version + 1, ...next, byUser: me.id, keptAt });
    }
    return listVerdicts(context, manager);
  });
}

/** Changes where a line begins, what it says and why. */
export const changeVerdict = (context: Context, me: Me, body: ChangedVerdict): Promise<VerdictRow[]> =>
  change(context, me, body, (changes) => {
    const { id, from, says, because } = body;
    try {
      requireVerdictChange(changes, { id, from, says, because });
    } catch (error) {
      if (error instanceof CoreError) throw refused(error.path, spoken(error));
      throw error;
    }
    return { says, because, beginsAt: from ?? null };
  });

/** Gives a line back what ships. */
export async function dropVerdict(context: Context, me: Me, id: string): Promise<VerdictRow[]> {
  const line = (await listVerdicts(context)).find((one) => one.id === id);
  if (line?.changed === undefined) throw notFound('line of your own');
  return change(context, me, { id, version: line.version }, (changes) => {
    const others = changes.filter((one) => one.id !== id);
    try {
      changedTable(others);
    } catch (error) {
      if (error instanceof CoreError)
        throw conflict('As it ships this line would stand past its neighbours; change those back first.');
      throw error;
    }
    return { says: null, because: null, beginsAt: null };
  });
}
