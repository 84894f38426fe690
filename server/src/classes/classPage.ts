import type { ClassGroup, ClassPage, ClassPot, ClassSample, GroupGuess, GroupReading } from '@bent-pail/contract';
import { benchSays, pupilSheetCalled, runVesselVolume_mL, type PupilSheet } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { namesOf } from '../accounts/repository';
import { optional } from '../database/optional';
import { notFound } from '../http/problems';
import { lotsWithCards } from '../shelf/repository';
import { loadFillings, toRunVessel } from '../vessels/fillings';
import { vesselsNamed } from '../vessels/repository';
import type { ClassEntity, ClassGuessEntity, ClassReadingEntity, ClassSampleEntity } from './entities';
import { classOf, exclusionsOf, groupsOf, guessesOf, phonesIn, readingsOf, runsOf, samplesOf } from './repository';

export async function requireClass(manager: EntityManager, id: string): Promise<ClassEntity> {
  const row = await classOf(manager, id);
  if (row === null) throw notFound('class');
  return row;
}

/** The sheet that a class works on. */
export function sheetOf({ plan }: ClassEntity): PupilSheet {
  const sheet = pupilSheetCalled(plan.sheet);
  if (sheet === undefined) throw notFound('sheet');
  return sheet;
}

/** The pot that all groups use; undefined where none was named, or nobody measured it yet. */
export async function potOf(manager: EntityManager, { vesselId }: ClassEntity): Promise<ClassPot | undefined> {
  if (vesselId === null) return undefined;
  const [vessel] = await vesselsNamed(manager, [vesselId]);
  const { counting } = await loadFillings(manager, [vesselId]);
  const known = vessel === undefined ? undefined : toRunVessel(vessel, counting);
  const volume_mL = known === undefined ? undefined : runVesselVolume_mL(known);
  if (known === undefined || volume_mL === undefined) return undefined;
  return { name: known.name, volume_mL, height_cm: known.height_cm };
}

/** Blind samples with what is behind them: for the teacher, and for what is revealed. */
export async function samplesWithBench(
  manager: EntityManager,
  row: ClassEntity,
  samples: readonly ClassSampleEntity[],
): Promise<readonly ClassSample[]> {
  const sheet = sheetOf(row);
  const pot = await potOf(manager, row);
  const container = pot?.height_cm === undefined ? undefined : { height_cm: pot.height_cm, volume_mL: pot.volume_mL };
  const lots = await lotsWithCards(
    manager,
    samples.map(({ lotId }) => lotId),
  );
  return samples.map(({ id, code, lotId }) => {
    const lot = lots.find((one) => one.row.id === lotId);
    const bench = sheet.figures.flatMap((figure) => {
      const said = lot === undefined ? undefined : benchSays(lot.card, figure, container);
      return said === undefined ? [] : [[figure.key, said] as const];
    });
    const name = lot === undefined ? '' : `${lot.row.name}, ${lot.row.code}`;
    return { id, code, lotId, lot: name, bench: Object.fromEntries(bench) };
  });
}

export const toGuess = ({ sampleId, figure, value, margin }: ClassGuessEntity): GroupGuess => ({
  sampleId,
  figure,
  value,
  margin,
});

export const toReading = ({ id, sampleId, repeat, step, value, takenAt }: ClassReadingEntity): GroupReading => ({
  id,
  sampleId,
  repeat,
  step,
  value,
  takenAt: takenAt.toISOString(),
});

/** The last guess of each sample and figure. */
export const standing = (guesses: readonly ClassGuessEntity[]): readonly ClassGuessEntity[] => [
  ...new Map(guesses.map((guess) => [`${guess.groupId} ${guess.sampleId} ${guess.figure}`, guess])).values(),
];

/** The groups of a class with all that they guessed and read. */
export async function groupsWithSaid(manager: EntityManager, classId: string): Promise<readonly ClassGroup[]> {
  const groups = await groupsOf(manager, classId);
  const ids = groups.map(({ id }) => id);
  const [phones, guesses, readings] = [
    await phonesIn(manager, classId),
    standing(await guessesOf(manager, ids)),
    await readingsOf(manager, ids),
  ];
  return groups.map(({ id, number }) => ({
    id,
    number,
    phones: phones.get(id) ?? 0,
    guesses: guesses.filter(({ groupId }) => groupId === id).map(toGuess),
    readings: readings.filter(({ groupId }) => groupId === id).map(toReading),
  }));
}

/** A class as its teacher sees it, at a moment. */
export async function classPage(manager: EntityManager, id: string, now: number): Promise<ClassPage> {
  const row = await requireClass(manager, id);
  const groups = await groupsWithSaid(manager, id);
  const ids = groups.map((group) => group.id);
  const exclusions = await exclusionsOf(manager, ids);
  const names = await namesOf(manager, [row.byUser, ...exclusions.map(({ byUser }) => byUser)]);
  const isOpen = row.endsAt.getTime() > now;
  return {
    id,
    name: row.name,
    plan: row.plan,
    ...(isOpen ? optional('code', row.code) : {}),
    ...optional('pot', await potOf(manager, row)),
    samples: await samplesWithBench(manager, row, await samplesOf(manager, id)),
    groups,
    exclusions: exclusions.map(({ groupId, sampleId, isOut, reason, byUser, keptAt }) => ({
      groupId,
      sampleId,
      isOut,
      reason,
      by: names.get(byUser) ?? '',
      at: keptAt.toISOString(),
    })),
    letIn: (await runsOf(manager, ids)).map(({ groupId, sampleId, runId }) => ({ groupId, sampleId, runId })),
    beganAt: row.beganAt.toISOString(),
    endsAt: row.endsAt.toISOString(),
    isOpen,
    ...optional('revealedAt', row.revealedAt?.toISOString()),
    by: names.get(row.byUser) ?? '',
  };
}
