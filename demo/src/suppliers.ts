import { NewDelivery, NewSupplier } from '@bent-pail/contract';
import { readBody } from '@bent-pail/server/http/body';
import { addDelivery, putSupplier } from '@bent-pail/server/suppliers/service';
import { v7 as uuidv7 } from 'uuid';
import { daysBefore, named, type Happening, type Loading } from './loading';

const isoDay = (at: number): string => new Date(at).toISOString().slice(0, 10);

/** Whom things came from, and each load with what was seen of it at the gate. */
export function supplierHappenings(loading: Loading): Happening[] {
  const { context, files, people, lots } = loading;
  return files.suppliers.flatMap(({ name, kind, permission, permissionDays, note, deliveries }): Happening[] => {
    const id = uuidv7();
    const first = Math.max(1, ...deliveries.map(({ daysAgo }) => daysAgo));
    return [
      {
        at: daysBefore(loading, first, '09:00'),
        happen: async () => {
          const body = {
            id,
            name,
            kind,
            ...(permission === undefined ? {} : { permission }),
            ...(permissionDays === undefined ? {} : { permissionUntil: isoDay(daysBefore(loading, -permissionDays)) }),
            ...(note === undefined ? {} : { note }),
          };
          await putSupplier(context, readBody(NewSupplier, body));
        },
      },
      ...deliveries.map(({ daysAgo, by, lot, ...said }): Happening => ({
        at: daysBefore(loading, daysAgo, '09:30'),
        happen: async () => {
          const body = {
            ...said,
            id: uuidv7(),
            on: isoDay(daysBefore(loading, daysAgo)),
            ...(lot === undefined ? {} : { lotId: named(lots, lot, 'lot') }),
          };
          await addDelivery(context, named(people, by, 'person'), id, readBody(NewDelivery, body));
        },
      })),
    ];
  });
}
