import type {
  EditVessel,
  FillingExclusion,
  FillingRow,
  NewFilling,
  NewVessel,
  VesselRow,
  VesselShape,
} from '@bent-pail/contract';
import { fillingDoubt, fillVolume_mL, requireContainer, runVesselVolume_mL } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { namesOf } from '../accounts/repository';
import type { FillingEntity, VesselEntity } from './entities';
import { keepOnce } from '../database/keepOnce';
import { type Principal } from '../http/principal';
import { conflict, HttpProblem, notFound, refused } from '../http/problems';
import { loadFillings, toFilling, toRunVessel } from './fillings';
import {
  allVessels,
  heldVessel,
  isVessel,
  insertFilling,
  insertFillingExclusion,
  insertVessel,
  shapeVessel,
  changeVessel,
} from './repository';

type Measured = Pick<FillingEntity, 'empty_g' | 'full_g' | 'waterTemp_C' | 'jug_mL'>;

/** Letters that a reason has at least. */
const LEAST_REASON = 3;

function shapeColumns(
  shape: VesselShape | undefined,
): Pick<VesselEntity, 'height_cm' | 'topDiameter_cm' | 'baseDiameter_cm'> {
  if (shape !== undefined) requireContainer(shape, 'shape');
  return {
    height_cm: shape?.height_cm ?? null,
    topDiameter_cm: shape?.topDiameter_cm ?? null,
    baseDiameter_cm: shape?.baseDiameter_cm ?? null,
  };
}

export async function addVessel({ db, clock }: Context, body: NewVessel): Promise<{ id: string }> {
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'vessel', said: body }, async () => {
      const { id, name, kind, shape } = body;
      const createdAt = new Date(clock.now());
      await insertVessel(manager, { id, name, kind, ...shapeColumns(shape), createdAt, archivedAt: null });
    }),
  );
  return { id: body.id };
}

/** The vessel by another name, or put away; what was measured in it stays. */
export async function editVessel({ db, clock }: Context, id: string, body: EditVessel): Promise<VesselRow> {
  const { name, archived } = body;
  await db.transaction(async (manager) => {
    await holdVessel(manager, id);
    await changeVessel(manager, id, {
      ...(name === undefined ? {} : { name }),
      ...(archived === undefined ? {} : { archivedAt: archived ? new Date(clock.now()) : null }),
    });
  });
  return (await listVessels({ db })).find((vessel) => vessel.id === id) as VesselRow;
}

/** What a filling says of its vessel, as it is kept: by a jug, or on a scale. */
function saidOf({ empty_g, full_g, waterTemp_C, jug_mL }: NewFilling): Measured {
  if (jug_mL !== undefined) return { jug_mL, empty_g: null, full_g: null, waterTemp_C: null };
  return { jug_mL: null, empty_g: empty_g ?? null, full_g: full_g ?? null, waterTemp_C: waterTemp_C ?? null };
}

async function holdVessel(manager: EntityManager, id: string): Promise<VesselEntity> {
  const vessel = await heldVessel(manager, id);
  if (vessel === null) throw notFound('vessel');
  return vessel;
}

function requireReason(reason: string | undefined): void {
  if ((reason ?? '').trim().length < LEAST_REASON)
    throw refused('reason', 'Say why it is corrected; the old value stays beside it.');
}

/**
 * Measures a vessel by the water that fills it; its depth may be told with it, but never changed by it. A filling far
 * from what is known of the vessel is asked about. Finished runs go on standing on the fillings they were finished with.
 */
export async function addFilling(
  { db, clock }: Context,
  who: Principal,
  vesselId: string,
  body: NewFilling,
): Promise<VesselRow> {
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'filling', said: { ...body, vesselId } }, async () => {
      const { id, shape, corrects } = body;
      const said = saidOf(body);
      const vessel = await holdVessel(manager, vesselId);
      if (vessel.height_cm === null) {
        if (shape === undefined)
          throw refused('shape.height_cm', 'Say how deep the vessel is inside, up to its fill line.');
        await shapeVessel(manager, vesselId, shapeColumns(shape));
      }
      const { counting } = await loadFillings(manager, [vesselId]);
      if (corrects !== undefined) {
        requireReason(body.reason);
        if (!counting.some((one) => one.id === corrects))
          throw refused('corrects', 'A correction must name a filling of this vessel that still counts.');
      }
      const before = counting.filter((one) => one.id !== corrects);
      const doubt = fillingDoubt(toFilling(said), before.map(toFilling), toRunVessel(vessel, []) ?? shape);
      if (doubt !== undefined && body.sure !== true)
        throw new HttpProblem(422, {
          code: 'ask',
          path: 'sure',
          message: `${doubt} Fill and weigh it again, or say that it is right.`,
        });
      await insertFilling(manager, {
        id,
        vesselId,
        ...said,
        byUser: who.id,
        corrects: corrects ?? null,
        reason: body.reason?.trim() ?? null,
        keptAt: new Date(clock.now()),
      });
    }),
  );
  return (await listVessels({ db })).find((vessel) => vessel.id === vesselId) as VesselRow;
}

/** Takes a filling out of a vessel's volume, in sight; it stays in the list with the reason. */
export async function excludeFilling(
  context: Context,
  who: Principal,
  vesselId: string,
  fillingId: string,
  body: FillingExclusion,
): Promise<FillingRow[]> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'exclusion', said: { ...body, vesselId, fillingId } }, async () => {
      await holdVessel(manager, vesselId);
      const { all, counting } = await loadFillings(manager, [vesselId]);
      if (!all.some(({ id }) => id === fillingId)) throw notFound('filling of this vessel');
      if (!counting.some(({ id }) => id === fillingId)) throw conflict('This filling counts no more already.');
      const { id, reason } = body;
      await insertFillingExclusion(manager, {
        id,
        fillingId,
        reason,
        byUser: who.id,
        keptAt: new Date(clock.now()),
      });
    }),
  );
  return listFillings(context, vesselId);
}

/** Every filling of a vessel, newest first, with who measured it and why it counts no more. */
export async function listFillings({ db }: Context, vesselId: string): Promise<FillingRow[]> {
  if (!(await isVessel(db.manager, vesselId))) throw notFound('vessel');
  const { all, whyOut } = await loadFillings(db.manager, [vesselId]);
  const people = await namesOf(
    db.manager,
    all.flatMap(({ byUser }) => byUser ?? []),
  );
  return all.toReversed().map((filling) => {
    const { id, keptAt, byUser } = filling;
    const measured = toFilling(filling);
    const out = whyOut(filling);
    return {
      id,
      ...('jug_mL' in measured ? {} : { scale: measured }),
      volume_mL: fillVolume_mL(measured),
      keptAt: keptAt.toISOString(),
      by: people.get(byUser ?? '') ?? '',
      ...(out === undefined ? {} : { out }),
    };
  });
}

export async function listVessels({ db }: Pick<Context, 'db'>): Promise<VesselRow[]> {
  const vessels = await allVessels(db.manager);
  const { counting } = await loadFillings(
    db.manager,
    vessels.map(({ id }) => id),
  );
  return vessels.map((vessel) => {
    const run = toRunVessel(vessel, counting);
    const volume_mL = run === undefined ? undefined : runVesselVolume_mL(run);
    const { id, name, kind } = vessel;
    return {
      id,
      name,
      kind,
      ...(vessel.height_cm === null ? {} : { height_cm: vessel.height_cm }),
      ...(vessel.topDiameter_cm === null ? {} : { topDiameter_cm: vessel.topDiameter_cm }),
      ...(vessel.baseDiameter_cm === null ? {} : { baseDiameter_cm: vessel.baseDiameter_cm }),
      ...(volume_mL === undefined ? {} : { volume_mL }),
      ...(vessel.archivedAt === null ? {} : { archived: true as const }),
      fillings: counting.filter((filling) => filling.vesselId === id).length,
    };
  });
}
