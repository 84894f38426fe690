import { NewCalibration, NewInstrument } from '@bent-pail/contract';
import { readBody } from '@bent-pail/server/http/body';
import { addCalibration, addInstrument } from '@bent-pail/server/instruments/service';
import { v7 as uuidv7 } from 'uuid';
import { daysBefore, named, type Happening, type Loading } from './loading';

/** Pens, the meter and the scale, and every time that they were calibrated or checked. */
export function instrumentHappenings(loading: Loading): Happening[] {
  const { context, files, people } = loading;
  const opened = daysBefore(loading, 120);
  return files.instruments.flatMap(({ name, kind, showsMv, calibrations }) => {
    const instrumentId = uuidv7();
    const bought: Happening = {
      at: opened,
      happen: async () => {
        await addInstrument(context, readBody(NewInstrument, { id: instrumentId, name, kind, showsMv }));
      },
    };
    const made = calibrations.map(({ daysAgo, at, by, temp_C, points }): Happening => {
      const when = daysBefore(loading, daysAgo, at);
      return {
        at: when,
        happen: async () => {
          const body = { id: uuidv7(), at: new Date(when).toISOString(), temp_C, points };
          await addCalibration(context, named(people, by, 'person'), instrumentId, readBody(NewCalibration, body));
        },
      };
    });
    return [bought, ...made];
  });
}
