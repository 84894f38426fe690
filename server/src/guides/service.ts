import type { Me, OwnPlant, OwnProfile, PlantRow, ProfileRow } from '@bent-pail/contract';
import { CoreError, requireTargets, TARGET_PROFILES, spoken } from '@bent-pail/core';
import type { Context } from '../context';
import { contentHash } from '../database/contentHash';
import { namesOf } from '../accounts/repository';
import type { GuideKind } from './entities';
import { conflict, notFound, refused } from '../http/problems';
import { deleteGuide, guideOf, guidesOf, holdGuide, saveGuide } from './repository';

/** Shipped uses first, then the notebook's own by name. */
export async function listProfiles({ db }: Context): Promise<ProfileRow[]> {
  const guides = await guidesOf(db.manager, 'profile');
  const people = await namesOf(
    db.manager,
    guides.flatMap(({ byUser }) => byUser ?? []),
  );
  const own = guides.map(({ id, content, version, byUser }): ProfileRow => {
    const { targets, ...said } = content as Omit<OwnProfile, 'id' | 'version'>;
    return {
      id,
      ...said,
      targets: targets.map((target) => ({ ...target, method: '' })),
      notes: '',
      own: { version, by: people.get(byUser ?? '') ?? '' },
    };
  });
  return [...TARGET_PROFILES, ...own.sort((a, b) => a.label.localeCompare(b.label))];
}

export async function listPlants({ db }: Context): Promise<PlantRow[]> {
  const guides = await guidesOf(db.manager, 'plant');
  return guides
    .map(({ id, content, version }): PlantRow => ({ id, ...(content as Omit<OwnPlant, 'id' | 'version'>), version }))
    .sort((a, b) => a.name.localeCompare(b.name));
}

/** Keeps a use or a plant; what somebody else changed meanwhile is not overwritten. */
async function keep(context: Context, me: Me, kind: GuideKind, body: OwnProfile | OwnPlant): Promise<void> {
  const { db, clock } = context;
  const { id, version, ...content } = body;
  await db.transaction(async (manager) => {
    await holdGuide(manager, id);
    const known = await guideOf(manager, id);
    if (known !== null && known.kind !== kind) throw conflict('This id belongs to something else.');
    // The same again, because nobody answered the first time.
    if (known?.version === version + 1 && contentHash(known.content) === contentHash(content)) return;
    if ((known?.version ?? 0) !== version)
      throw conflict('Somebody else changed it meanwhile; look at it again before you change it.');
    const row = { id, kind, content: content as never, version: version + 1, byUser: me.id };
    await saveGuide(manager, { ...row, keptAt: new Date(clock.now()) });
  });
}

export async function keepProfile(context: Context, me: Me, body: OwnProfile): Promise<ProfileRow[]> {
  try {
    requireTargets(body.targets);
  } catch (error) {
    if (error instanceof CoreError) throw refused(error.path, spoken(error));
    throw error;
  }
  await keep(context, me, 'profile', body);
  return listProfiles(context);
}

export async function keepPlant(context: Context, me: Me, body: OwnPlant): Promise<PlantRow[]> {
  const profiles = await listProfiles(context);
  if (!profiles.some(({ id }) => id === body.profileId)) throw refused('profileId', 'There is no such use.');
  await keep(context, me, 'plant', body);
  return listPlants(context);
}

/** Takes a use or a plant off the list; a use that plants point to stays. */
export async function dropGuide({ db }: Context, kind: GuideKind, id: string): Promise<void> {
  await db.transaction(async (manager) => {
    const known = await guideOf(manager, id);
    if (known?.kind !== kind) throw notFound(kind === 'profile' ? 'use of your own' : 'plant');
    if (kind === 'profile') {
      const plants = await guidesOf(manager, 'plant');
      const pointing = plants.find(({ content }) => (content as OwnPlant).profileId === id);
      if (pointing !== undefined)
        throw conflict(`${(pointing.content as OwnPlant).name} points to this use; give it another one first.`);
    }
    await deleteGuide(manager, id);
  });
}
