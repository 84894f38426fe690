import { randomInt } from 'node:crypto';
import type { NewHandTry, NewTrainingSample, TrainingPage } from '@bent-pail/contract';
import { HAND_KINDS } from '@bent-pail/contract';
import { blindCodes, handKindFace, measuredForHand } from '@bent-pail/core';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { optional } from '../database/optional';
import type { Principal } from '../http/principal';
import { conflict, notFound, refused } from '../http/problems';
import { lotsWithCards } from '../shelf/repository';
import { endSample, insertSample, insertTry, sampleOut, samplesOut, triesOf } from './repository';

/** What stands out to be tried, and how one's own hand did. What is behind a code is told to nobody who only tries. */
export async function trainingPage({ db }: Context, who: Principal): Promise<TrainingPage> {
  const samples = await samplesOut(db.manager);
  const tries = await triesOf(db.manager, who.id);
  const lots = await lotsWithCards(
    db.manager,
    samples.map(({ lotId }) => lotId),
  );
  const mayLook = who.role === 'lead' || who.role === 'tester';
  return {
    samples: samples.map(({ id, code, lotId }) => {
      const lot = lots.find(({ row }) => row.id === lotId);
      const open = HAND_KINDS.filter(
        (kind) =>
          lot !== undefined &&
          measuredForHand(lot.card, kind) !== undefined &&
          !tries.some((one) => one.sampleId === id && one.kind === kind),
      );
      return { id, code, open, ...(mayLook && lot !== undefined ? { lot: `${lot.row.name}, ${lot.row.code}` } : {}) };
    }),
    tries: tries.map(({ id, code, kind, value, margin, measured, at }) => ({
      id,
      code,
      kind,
      value,
      ...optional('margin', margin),
      measured,
      at: at.toISOString(),
    })),
  };
}

/** Puts a measured lot out under a code. */
export async function putOut(context: Context, who: Principal, body: NewTrainingSample): Promise<TrainingPage> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'sample', said: body }, async () => {
      const [lot] = await lotsWithCards(manager, [body.lotId]);
      if (lot === undefined) throw refused('lotId', 'There is no such lot.');
      if (!HAND_KINDS.some((kind) => measuredForHand(lot.card, kind) !== undefined))
        throw refused('lotId', 'Nothing that a hand could be held against was measured of this lot.');
      const out = await samplesOut(manager);
      if (out.some(({ lotId }) => lotId === body.lotId)) throw refused('lotId', 'This lot stands out already.');
      const [code] = blindCodes(
        1,
        randomInt(2 ** 31),
        out.map((one) => one.code),
      );
      if (code === undefined) throw conflict('All codes are taken; take some samples away first.');
      await insertSample(manager, { ...body, code, byUser: who.id, keptAt: new Date(clock.now()), endedAt: null });
    }),
  );
  return trainingPage(context, who);
}

export async function takeAway(context: Context, who: Principal, id: string): Promise<TrainingPage> {
  await context.db.transaction(async (manager) => {
    if ((await sampleOut(manager, id)) === null) throw notFound('sample');
    await endSample(manager, id, new Date(context.clock.now()));
  });
  return trainingPage(context, who);
}

/** Keeps what a hand took a sample to be, once, and tells what was measured. */
export async function keepTry(context: Context, who: Principal, body: NewHandTry): Promise<TrainingPage> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'try', said: { ...body, userId: who.id } }, async () => {
      const sample = await sampleOut(manager, body.sampleId);
      if (sample === null) throw notFound('sample');
      const [lot] = await lotsWithCards(manager, [sample.lotId]);
      const measured = lot === undefined ? undefined : measuredForHand(lot.card, body.kind);
      if (measured === undefined) throw refused('kind', 'That was not measured of this sample.');
      const { bounds, label, unit, classes } = handKindFace(body.kind);
      const isNoClass = classes !== undefined && classes[body.value] === undefined;
      if (isNoClass || body.value < bounds[0] || body.value > bounds[1])
        throw refused('value', `${label}: from ${String(bounds[0])} to ${String(bounds[1])} ${unit}`.trim() + '.');
      const tries = await triesOf(manager, who.id);
      if (tries.some((one) => one.sampleId === body.sampleId && one.kind === body.kind))
        throw conflict('You have tried this already, and know what was measured.');
      const { id, sampleId, kind, value, margin = null } = body;
      const keptAt = new Date(clock.now());
      await insertTry(manager, { id, sampleId, userId: who.id, kind, value, margin, measured, keptAt });
    }),
  );
  return trainingPage(context, who);
}
