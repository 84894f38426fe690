import { NewLabRequest } from '@bent-pail/contract';
import { readBody } from '@bent-pail/server/http/body';
import { askLaboratory } from '@bent-pail/server/laboratory/service';
import { v7 as uuidv7 } from 'uuid';
import { daysBefore, named, type Happening, type Loading } from './loading';

/** Samples sent to the practice laboratory: one report is there, the other still to come. */
export function laboratoryHappenings(loading: Loading): Happening[] {
  const { context, files, people, lots } = loading;
  return files.laboratory.map(({ lot, by, daysAgo, at, delay_min }): Happening => ({
    at: daysBefore(loading, daysAgo, at),
    happen: async () => {
      const body = { id: uuidv7(), lotId: named(lots, lot, 'lot'), delay_min };
      await askLaboratory(context, named(people, by, 'person'), readBody(NewLabRequest, body));
    },
  }));
}
