import { NewFilledPot, NewPlace, NewPotEntry } from '@bent-pail/contract';
import { CLIMATES } from '@bent-pail/core';
import { addFilledPot, addPotEntry } from '@bent-pail/server/filledPots/service';
import { readBody } from '@bent-pail/server/http/body';
import { putPlace } from '@bent-pail/server/places/service';
import { v7 as uuidv7 } from 'uuid';
import { blendNamed } from './blendNamed';
import { daysBefore, named, type Happening, type Loading } from './loading';

const isoDay = (at: number): string => new Date(at).toISOString().slice(0, 10);

/** The paper diaries were taken into the notebook so many days before the load, when the last of their blends was kept. */
const TAKEN_UP_d = 4;

/** Places, pots and beds that were filled at them, and each line of their diaries. */
export function potHappenings(loading: Loading): Happening[] {
  const { context, files, people } = loading;
  const placeIds = new Map(files.places.map(({ name }) => [name, uuidv7()]));
  const takenUp = daysBefore(loading, TAKEN_UP_d, '07:00');
  const places = files.places.map(({ climate, ...place }): Happening => ({
    at: takenUp - 1,
    happen: async () => {
      const months = CLIMATES.find(({ key }) => key === climate)?.months;
      const id = named(placeIds, place.name, 'place');
      await putPlace(context, readBody(NewPlace, { ...place, id, months }));
    },
  }));
  const pots = files.pots.flatMap(({ by, blend, daysAgo, diary, at: place, ...pot }): Happening[] => {
    const id = uuidv7();
    const who = named(people, by, 'person');
    const there = place === undefined ? {} : { placeId: named(placeIds, place, 'place') };
    return [
      {
        at: takenUp,
        happen: async () => {
          const filledOn = isoDay(daysBefore(loading, daysAgo));
          const medium = { mediumKind: 'blend', mediumId: await blendNamed(loading, blend) };
          await addFilledPot(context, who, readBody(NewFilledPot, { ...pot, ...there, ...medium, id, filledOn }));
        },
      },
      ...diary.map(({ daysAgo: ago, at, ...said }): Happening => {
        const moment = daysBefore(loading, ago, at);
        return {
          at: Math.max(moment, takenUp + 1),
          happen: async () => {
            const body = readBody(NewPotEntry, { ...said, id: uuidv7(), at: new Date(moment).toISOString() });
            await addPotEntry(context, who, id, body);
          },
        };
      }),
    ];
  });
  return [...places, ...pots];
}
