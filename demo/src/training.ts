import { NewHandTry, NewTrainingSample } from '@bent-pail/contract';
import { readBody } from '@bent-pail/server/http/body';
import { keepTry, putOut } from '@bent-pail/server/training/service';
import { v7 as uuidv7 } from 'uuid';
import { daysBefore, named, type Happening, type Loading } from './loading';

/** Measured lots that were put out blind, and what hands took them to be. */
export function trainingHappenings(loading: Loading): Happening[] {
  const { context, files, people, lots } = loading;
  const { samples, tries } = files.classes.training;
  const ids = new Map(samples.map(({ lot }) => [lot, uuidv7()]));
  return [
    ...samples.map(({ lot, by, daysAgo, at }): Happening => ({
      at: daysBefore(loading, daysAgo, at),
      happen: async () => {
        const lotId = named(lots, lot, 'lot');
        await context.cards.follow([lotId]);
        const body = readBody(NewTrainingSample, { id: named(ids, lot, 'sample'), lotId });
        await putOut(context, named(people, by, 'person'), body);
      },
    })),
    ...tries.map(({ lot, by, daysAgo, at, kind, value, margin }): Happening => ({
      at: daysBefore(loading, daysAgo, at),
      happen: async () => {
        await context.cards.follow([named(lots, lot, 'lot')]);
        const body = readBody(NewHandTry, { id: uuidv7(), sampleId: named(ids, lot, 'sample'), kind, value, margin });
        await keepTry(context, named(people, by, 'person'), body);
      },
    })),
  ];
}
