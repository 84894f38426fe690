import type { Me, OwnPlant, OwnProfile, PlantRow, ProfileRow } from '@bent-pail/contract';
import { CoreError, requireTargets, TARGET_PROFILES, spoken } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { contentHash } from '../database/contentHash';
import { namesOf } from '../accounts/repository';
import type { GuideKind } from './entities';
import { conflict, notFound, refused } from '../http/problems';
import { guideOf, guidesOf, holdGuide, saveGuide, shelveGuide } from './repository';

/** The notebook's own uses by name: those at hand, or those that were put away. */
async function ownProfiles({ db }: Context, away: boolean): Promise<ProfileRow[]> {
  const guides = await guidesOf(db.manager, 'profile', away);
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
      ...(away ? { archived: true } : {}),
    };
  });
  return own.sort((a, b) => a.label.localeCompare(b.label));
}

export const profilesAway = (context: Context): Promise<ProfileRow[]> => ownProfiles(context, true);

/** Shipped uses first, then the notebook's own by name. */
export async function listProfiles(context: Context): Promise<ProfileRow[]> {
  return [...TARGET_PROFILES, ...(await ownProfiles(context, false))];
}

export async function listPlants({ db }: Context, away = false): Promise<PlantRow[]> {
  const guides = await guidesOf(db.manager, 'plant', away);
  return guides
    .map(({ id, content, version }): PlantRow => ({
      id,
      ...(content as Omit<OwnPlant, 'id' | 'version'>),
      version,
      ...(away ? { archived: true } : {}),
    }))
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
    if (known !== null && known.archivedAt !== null)
      throw conflict('It is put away; bring it back before you change it.');
    // The same again, because nobody answered the first time.
    if (known?.version === version + 1 && contentHash(known.content) === contentHash(content)) return;
    if ((known?.version ?? 0) !== version)
      throw conflict('Somebody else changed it meanwhile; look at it again before you change it.');
    const row = { id, kind, content: content as never, version: version + 1, byUser: me.id };
    await saveGuide(manager, { ...row, keptAt: new Date(clock.now()), archivedAt: null });
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

/** Puts a use or a plant away, or brings it back; a use stays while plants point to it. */
export async function putGuideAway(
  { db, clock }: Context,
  kind: GuideKind,
  { id, archived }: { readonly id: string; readonly archived: boolean },
): Promise<void> {
  await db.transaction(async (manager) => {
    await holdGuide(manager, id);
    const known = await guideOf(manager, id);
    if (known?.kind !== kind) throw notFound(kind === 'profile' ? 'use of your own' : 'plant');
    if ((known.archivedAt !== null) === archived) return;
    if (archived && kind === 'profile') await requireNoPlantOn(manager, id);
    if (!archived && kind === 'plant') await requireUseOf(manager, known.content as OwnPlant);
    await shelveGuide(manager, id, archived ? new Date(clock.now()) : null);
  });
}

async function requireNoPlantOn(manager: EntityManager, profileId: string): Promise<void> {
  const plants = (await guidesOf(manager, 'plant')).map(({ content }) => content as OwnPlant);
  const pointing = plants.find((plant) => plant.profileId === profileId);
  if (pointing !== undefined) throw conflict(`${pointing.name} points to this use; give it another one first.`);
}

async function requireUseOf(manager: EntityManager, { profileId }: OwnPlant): Promise<void> {
  const use = (await guidesOf(manager, 'profile', true)).find(({ id }) => id === profileId);
  if (use !== undefined)
    throw conflict(`Its use, ${(use.content as OwnProfile).label}, is put away; bring that back first.`);
}
