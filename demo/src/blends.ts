import { NewBatch, NewBlendVersion } from '@bent-pail/contract';
import { keepVersion } from '@bent-pail/server/blends/service';
import { readBody } from '@bent-pail/server/http/body';
import { makeBatch } from '@bent-pail/server/stock/service';
import { v7 as uuidv7 } from 'uuid';
import type { BlendLineFile } from './files';
import { sellingHappenings } from './selling';
import { daysBefore, named, type Happening, type Loading } from './loading';

/** Versions of blends, each predicted from the lots as they stood on its day, and the batches mixed of them. */
export function blendHappenings(loading: Loading): Happening[] {
  const ids = new Map(loading.files.blends.map(({ name }) => [name, uuidv7()]));
  const lineOf = ({ lot, blend, or, ...line }: BlendLineFile): object => ({
    ...line,
    ...(lot === undefined ? {} : { lotId: named(loading.lots, lot, 'lot') }),
    ...(blend === undefined ? {} : { blend: { id: named(ids, blend.name, 'blend'), n: blend.n } }),
    ...(or === undefined ? {} : { or: or.map((code) => named(loading.lots, code, 'lot')) }),
  });
  return loading.files.blends.flatMap((blend) => {
    const blendId = named(ids, blend.name, 'blend');
    const { name: potName, ...pot } = blend.pot;
    const kept = blend.versions.map(({ daysAgo, lines, reason, lime_meqPerL, additives }) => ({
      at: daysBefore(loading, daysAgo, '16:00'),
      happen: async () => {
        const recipe = {
          lines: lines.map(lineOf),
          potName,
          pot,
          model: 'packing',
          lime_meqPerL: lime_meqPerL ?? 0,
          ...(additives === undefined ? {} : { additives }),
          ...(blend.target === undefined ? {} : { target: blend.target }),
        };
        const body = { id: uuidv7(), blendId, name: blend.name, recipe, ...(reason === undefined ? {} : { reason }) };
        await keepVersion(loading.context, named(loading.people, blend.by, 'person'), readBody(NewBlendVersion, body));
      },
    }));
    const mixed = blend.versions.flatMap(({ batch }, i): Happening[] =>
      batch === undefined
        ? []
        : [
            {
              at: daysBefore(loading, batch.daysAgo, '09:30'),
              happen: async () => {
                const id = uuidv7();
                const body = { id, materialId: uuidv7(), code: batch.code, made_L: batch.made_L };
                const me = named(loading.people, blend.by, 'person');
                await makeBatch(loading.context, me, blendId, i + 1, readBody(NewBatch, body));
                loading.lots.set(batch.code, id);
              },
            },
          ],
    );
    return [...kept, ...mixed, ...sellingHappenings(loading, blendId, blend)];
  });
}
