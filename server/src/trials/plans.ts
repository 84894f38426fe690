import { randomInt } from 'node:crypto';
import type {
  EditTrial,
  LayOut,
  Me,
  NewTrial,
  Page,
  PlannedTrial,
  TrialPage,
  TrialRow,
  TrialsAsked,
} from '@bent-pail/contract';
import { CoreError, plotsOf, requirePlan, spoken, type TrialPlan, type TrialPlot } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { requireMedium } from '../filledPots/requireMedium';
import { conflict, notFound, refused } from '../http/problems';
import { notebookRow } from '../notebook/repository';
import type { TrialEntity } from './entities';
import { requireTrial, trialPage } from './page';
import { changeTrial, heldTrial, insertPlots, insertTrial, pageOfTrials, plotsIn } from './repository';

/** What the core refuses, said at the field of the body that it stands in. */
export function within<T>(before: string, act: () => T): T {
  try {
    return act();
  } catch (error) {
    if (error instanceof CoreError) throw refused(`${before}${error.path}`, spoken(error));
    throw error;
  }
}

export async function listTrials({ db }: Context, asked: TrialsAsked): Promise<Page<TrialRow>> {
  const { zone } = await notebookRow(db.manager);
  return pageOfTrials(db.manager, asked, zone);
}

/** The plan as it is kept: each blend in a version of it, which stays whatever becomes of the blend. */
async function keptPlan(manager: EntityManager, plan: PlannedTrial): Promise<TrialPlan> {
  within('plan.', () => {
    requirePlan(plan);
  });
  const arms = [];
  for (const [i, arm] of plan.arms.entries()) {
    const { mediumKind, mediumId } = arm;
    if (mediumKind === 'none' || mediumId === undefined) {
      arms.push(arm);
      continue;
    }
    const { blendN } = await requireMedium(manager, { mediumKind, mediumId }, `plan.arms[${String(i)}].mediumId`);
    if (arm.mediumN !== undefined && (blendN === null || arm.mediumN > blendN))
      throw refused(`plan.arms[${String(i)}].mediumN`, 'This blend has no such version.');
    arms.push(blendN === null ? arm : { ...arm, mediumN: arm.mediumN ?? blendN });
  }
  return { ...plan, arms };
}

/** A second crop stands where the first one stood: the same media in the same places. */
async function requireFirstCrop(manager: EntityManager, id: string, plan: TrialPlan): Promise<void> {
  const first = await requireTrial(manager, id);
  if (first.finishedAt === null) throw refused('secondOf', 'The first crop is still grown; finish that trial before.');
  const keys = (arms: TrialPlan['arms']): string => arms.map(({ key }) => key).join(' ');
  const isSame =
    keys(first.plan.arms) === keys(plan.arms) &&
    first.plan.blocks === plan.blocks &&
    first.plan.perBlock === plan.perBlock &&
    first.plan.species.length === plan.species.length;
  if (!isSame)
    throw refused(
      'plan.arms',
      'A second crop has the media, blocks and number of species of the first: its pots stay.',
    );
}

export async function planTrial(context: Context, me: Me, body: NewTrial): Promise<TrialPage> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'trial', said: body }, async () => {
      const plan = await keptPlan(manager, body.plan);
      if (body.secondOf !== undefined) await requireFirstCrop(manager, body.secondOf, plan);
      await insertTrial(manager, {
        id: body.id,
        name: body.name,
        plan,
        secondOf: body.secondOf ?? null,
        seed: null,
        laidOutAt: null,
        finishedAt: null,
        archivedAt: null,
        byUser: me.id,
        keptAt: new Date(clock.now()),
      });
    }),
  );
  return trialPage(db.manager, body.id);
}

/** A trial that is held and not laid out yet: from then on its plan stands. */
async function requirePlanned(manager: EntityManager, id: string): Promise<TrialEntity> {
  const trial = await heldTrial(manager, id);
  if (trial === null) throw notFound('trial');
  if (trial.laidOutAt !== null)
    throw conflict('This trial is laid out: its plan stands. Plan another one like it, or settle a difference.');
  return trial;
}

export async function editTrial({ db }: Context, id: string, body: EditTrial): Promise<TrialPage> {
  await db.transaction(async (manager) => {
    const trial = await requirePlanned(manager, id);
    const plan = await keptPlan(manager, body.plan);
    if (trial.secondOf !== null) await requireFirstCrop(manager, trial.secondOf, plan);
    await changeTrial(manager, id, { name: body.name, plan });
  });
  return trialPage(db.manager, id);
}

/** Where the pots of the first crop stand, with what is sown in them now. */
async function inTheSamePlaces(
  manager: EntityManager,
  first: TrialEntity,
  plan: TrialPlan,
): Promise<Omit<TrialPlot, 'id'>[]> {
  const was = first.plan.species.map(({ key }) => key);
  return (await plotsIn(manager, first.id)).map(({ number, arm, species, block, place }) => ({
    number,
    arm,
    species: plan.species[was.indexOf(species)]?.key ?? species,
    block,
    place,
  }));
}

/** Draws by lot where everything stands, once and for all. Asked again it stays as it is. */
export async function layOut(
  { db, clock }: Context,
  id: string,
  { seed = randomInt(2 ** 31 - 1) }: LayOut,
): Promise<TrialPage> {
  await db.transaction(async (manager) => {
    const trial = await heldTrial(manager, id);
    if (trial === null) throw notFound('trial');
    if (trial.laidOutAt !== null) return;
    const first = trial.secondOf === null ? undefined : await requireTrial(manager, trial.secondOf);
    const plots =
      first === undefined
        ? within('plan.', () => plotsOf(trial.plan, seed))
        : await inTheSamePlaces(manager, first, trial.plan);
    await changeTrial(manager, id, { seed: first?.seed ?? seed, laidOutAt: new Date(clock.now()) });
    await insertPlots(
      manager,
      plots.map((plot) => ({ ...plot, id: uuidv7(), trialId: id })),
    );
  });
  return trialPage(db.manager, id);
}
