import type { LotRow, Me, NewPrepared, PreparationRecord } from '@bent-pail/contract';
import type { Context } from '../context';
import type { LotEntity } from '../shelf/entities';
import { keepOnce } from '../database/keepOnce';
import { notFound, refused } from '../http/problems';
import { holdLots, insertLot, lotOf } from '../shelf/lotRepository';
import { requireKnownClass, requireLot } from '../shelf/service';
import { move, stockOf } from './repository';
import { requireFreeCode, said, SLACK_L } from './rules';

/** A record with only what was noted. */
function noted(record: { [K in keyof PreparationRecord]: PreparationRecord[K] | undefined }): PreparationRecord {
  return Object.fromEntries(Object.entries(record).filter(([, value]) => value !== undefined));
}

/** Class and grade of what was made, where somebody says. */
function ownStuff({
  classId,
  grade,
}: {
  readonly classId?: string | null;
  readonly grade?: string;
}): Partial<LotEntity> {
  return {
    ...(classId === undefined ? {} : { ownClass: true, classId }),
    ...(grade === undefined ? {} : { grade }),
  };
}

/** A lot made from another: soaked, sieved, rinsed. It is a new lot of the same material that points to the old one. */
export async function prepareLot(context: Context, me: Me, fromId: string, body: NewPrepared): Promise<LotRow> {
  requireKnownClass(body.classId);
  requireKnownClass(body.rest?.classId);
  const { db, clock } = context;
  await db.transaction(async (manager) => {
    await keepOnce(manager, { id: body.id, what: 'lot', said: { ...body, fromId } }, async () => {
      await holdLots(manager, [fromId]);
      const from = await lotOf(manager, fromId);
      if (from === null) throw notFound('lot');
      const left = (await stockOf(manager, [fromId])).get(fromId);
      if (left !== undefined && body.took_L !== undefined && body.took_L > left + SLACK_L)
        throw refused('took_L', `Of ${from.code} there are ${said(left)}; ${said(body.took_L)} cannot be taken.`);
      const now = clock.now();
      type Made = Pick<LotEntity, 'id' | 'code' | 'state' | 'preparation'> & Partial<LotEntity>;
      const insert = async (lot: Made): Promise<void> => {
        await requireFreeCode(manager, from.materialId, lot.code);
        await insertLot(manager, {
          grade: from.grade,
          ownClass: from.ownClass,
          classId: from.classId,
          ...lot,
          materialId: from.materialId,
          source: from.source,
          boughtOn: from.boughtOn,
          createdAt: new Date(now),
          preparedFrom: fromId,
          preparedHow: body.how,
        });
      };
      const { took_L, made_L, water_L, minutes, tool, passes, rest } = body;
      const record = noted({ took_L, made_L, water_L, minutes, tool, passes });
      await insert({
        id: body.id,
        code: body.code,
        state: body.note ?? null,
        preparation: record,
        partedOff: from.partedOff,
        ...ownStuff(body),
      });
      if (left !== undefined && took_L !== undefined)
        await move(manager, me, now, { lotId: fromId, change_L: -took_L, reason: 'prepared', forLot: body.id });
      if (made_L !== undefined) await move(manager, me, now, { lotId: body.id, change_L: made_L, reason: 'prepared' });
      if (rest === undefined) return;
      const restRecord = noted({ took_L, made_L: rest.made_L, tool, passes });
      // Nobody may take what was parted off for what it was parted from.
      await insert({
        id: rest.id,
        code: rest.code,
        state: 'what was parted off',
        preparation: restRecord,
        partedOff: true,
        grade: null,
        ...ownStuff({ classId: null, ...rest }),
      });
      if (rest.made_L !== undefined)
        await move(manager, me, now, { lotId: rest.id, change_L: rest.made_L, reason: 'prepared' });
    });
  });
  await context.cards.follow([body.id]);
  return requireLot(db.manager, body.id);
}
