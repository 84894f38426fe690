import { NewPrice } from '@bent-pail/contract';
import { readBody } from '@bent-pail/server/http/body';
import { addPrice } from '@bent-pail/server/prices/service';
import { v7 as uuidv7 } from 'uuid';
import { daysBefore, named, type Happening, type Loading } from './loading';

/** Prices of two seasons, each noted on the day that it was seen; a lot that came later is on the shelf by then. */
export function priceHappenings(loading: Loading): Happening[] {
  const { context, files, people, lots } = loading;
  return files.prices.map(({ lot, by, daysAgo, ...said }): Happening => {
    const seenAt = daysBefore(loading, daysAgo);
    return {
      // A price of before the bag was bought is copied into the notebook once the bag is there.
      at: Math.max(seenAt, daysBefore(loading, 16)),
      happen: async () => {
        const on = new Date(seenAt).toISOString().slice(0, 10);
        const body = { id: uuidv7(), lotId: named(lots, lot, 'lot'), on, ...said };
        await addPrice(context, named(people, by, 'person'), readBody(NewPrice, body));
      },
    };
  });
}
