import type { GroupPage, RevealedFigure } from '@bent-pail/contract';
import { classResult, intervalScore, timesOf, valuesOf, type GroupValues } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { optional } from '../database/optional';
import type { GroupLink } from '../http/principal';
import { notFound } from '../http/problems';
import {
  groupsWithSaid,
  potOf,
  requireClass,
  samplesWithBench,
  sheetOf,
  standing,
  toGuess,
  toReading,
} from './classPage';
import type { ClassEntity } from './entities';
import { exclusionsOf, groupOf, guessesOf, readingsOf, samplesOf } from './repository';

/** A class as one of its groups sees it: what is theirs alone, and after the reveal what all found, without whose it is. */
export async function groupPage(manager: EntityManager, { groupId, classId }: GroupLink): Promise<GroupPage> {
  const row = await requireClass(manager, classId);
  const group = await groupOf(manager, groupId);
  if (group === null) throw notFound('group');
  const samples = await samplesOf(manager, classId);
  const pot = await potOf(manager, row);
  return {
    groupId,
    number: group.number,
    title: row.plan.title,
    aim: row.plan.aim,
    sheet: row.plan.sheet,
    repeats: row.plan.repeats,
    questions: row.plan.questions.map(({ ask }) => ask),
    ...(pot === undefined ? {} : { pot: { volume_mL: pot.volume_mL } }),
    samples: samples.map(({ id, code }) => ({ id, code })),
    guesses: standing(await guessesOf(manager, [groupId])).map(toGuess),
    readings: (await readingsOf(manager, [groupId])).map(toReading),
    endsAt: row.endsAt.toISOString(),
    ...(row.revealedAt === null ? {} : { revealed: await revealedTo(manager, row, groupId) }),
  };
}

/** What each figure came to, for one of the groups. */
async function revealedTo(manager: EntityManager, row: ClassEntity, own: string): Promise<readonly RevealedFigure[]> {
  const sheet = sheetOf(row);
  const pot_mL = (await potOf(manager, row))?.volume_mL;
  const groups = await groupsWithSaid(manager, row.id);
  const exclusions = await exclusionsOf(
    manager,
    groups.map(({ id }) => id),
  );
  const samples = await samplesWithBench(manager, row, await samplesOf(manager, row.id));
  return samples.flatMap((sample) => {
    const isOut = (groupId: string): boolean =>
      exclusions.findLast((one) => one.groupId === groupId && one.sampleId === sample.id)?.isOut ?? false;
    return sheet.figures.map((figure): RevealedFigure => {
      const values = groups.map(({ id, readings }): GroupValues => {
        const ownReadings = readings.filter(({ sampleId }) => sampleId === sample.id);
        const times = timesOf(sheet, ownReadings, row.plan.repeats, pot_mL);
        return { id, values: valuesOf(sheet, figure, times), isOut: isOut(id) };
      });
      const { summary, groups: means } = classResult(values);
      const bench = sample.bench[figure.key];
      const guesses = groups.flatMap(({ id, guesses: said }) =>
        said.flatMap(({ sampleId, figure: key, value, margin }) =>
          sampleId === sample.id && key === figure.key ? [{ id, guess: value, margin }] : [],
        ),
      );
      const truth = bench?.value ?? summary?.mean;
      const place = guesses.findIndex(({ id }) => id === own);
      const scored = truth === undefined || place < 0 ? undefined : intervalScore({ guesses, value: truth });
      const mine = scored?.scores[place];
      return {
        sampleId: sample.id,
        figure: figure.key,
        ...(bench === undefined ? {} : { bench: { value: bench.value, how: bench.how } }),
        ...(summary === undefined
          ? {}
          : { class: { mean: summary.mean, n: summary.n, ...optional('band', summary.ci95) } }),
        all: means.flatMap(({ mean, isOut: out }) => (out ? [] : [mean])).sort((a, b) => a - b),
        ...(mine === undefined || scored === undefined
          ? {}
          : {
              guess: {
                off: mine.off,
                isHonest: mine.isHonest,
                place: 1 + scored.order.indexOf(place),
                of: guesses.length,
              },
            }),
      };
    });
  });
}
