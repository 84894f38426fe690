import { NewComplaint, NewSale, SellingTerms } from '@bent-pail/contract';
import { readBody } from '@bent-pail/server/http/body';
import { addComplaint, addSale, keepTerms } from '@bent-pail/server/selling/service';
import { v7 as uuidv7 } from 'uuid';
import type { BlendFile } from './files';
import { daysBefore, named, type Happening, type Loading } from './loading';

/** What is sold of a blend, once a batch of it is on the shelf. */
export function sellingHappenings(loading: Loading, blendId: string, { selling, by }: BlendFile): Happening[] {
  if (selling === undefined) return [];
  const { context, people, lots } = loading;
  const isoDay = (daysAgo: number): string => new Date(daysBefore(loading, daysAgo)).toISOString().slice(0, 10);
  const ofBatch = (code: string | undefined): object =>
    code === undefined ? {} : { lotId: named(lots, code, 'batch') };
  const first = Math.max(1, ...selling.sales.map(({ daysAgo }) => daysAgo));
  const me = () => named(people, by, 'person');
  return [
    {
      at: daysBefore(loading, first, '09:00'),
      happen: async () => {
        await keepTerms(context, me(), blendId, readBody(SellingTerms, { id: uuidv7(), ...selling.terms }));
      },
    },
    ...selling.sales.map(({ daysAgo, batch, ...said }): Happening => ({
      at: daysBefore(loading, daysAgo, '17:00'),
      happen: async () => {
        const body = { ...said, id: uuidv7(), on: isoDay(daysAgo), ...ofBatch(batch) };
        await addSale(context, me(), blendId, readBody(NewSale, body));
      },
    })),
    ...selling.complaints.map(({ daysAgo, batch, ...said }): Happening => ({
      at: daysBefore(loading, daysAgo, '17:30'),
      happen: async () => {
        const body = { ...said, id: uuidv7(), on: isoDay(daysAgo), ...ofBatch(batch) };
        await addComplaint(context, me(), blendId, readBody(NewComplaint, body));
      },
    })),
  ];
}
