import { NewBlendVersion } from '@bent-pail/contract';
import { keepVersion } from '@bent-pail/server/blends/service';
import { readBody } from '@bent-pail/server/http/body';
import { v7 as uuidv7 } from 'uuid';
import { daysBefore, named, type Happening, type Loading } from './loading';

/** Versions of blends, each predicted from the lots as they stood on its day. */
export function blendHappenings(loading: Loading): Happening[] {
  return loading.files.blends.flatMap((blend) => {
    const blendId = uuidv7();
    const { name: potName, ...pot } = blend.pot;
    return blend.versions.map(({ daysAgo, lines, reason, lime_meqPerL }) => ({
      at: daysBefore(loading, daysAgo, '16:00'),
      happen: async () => {
        const recipe = {
          lines: lines.map(({ lot, parts }) => ({ lotId: named(loading.lots, lot, 'lot'), parts })),
          potName,
          pot,
          model: 'packing',
          lime_meqPerL: lime_meqPerL ?? 0,
          ...(blend.target === undefined ? {} : { target: blend.target }),
        };
        const body = { id: uuidv7(), blendId, name: blend.name, recipe, ...(reason === undefined ? {} : { reason }) };
        await keepVersion(loading.context, named(loading.people, blend.by, 'person'), readBody(NewBlendVersion, body));
      },
    }));
  });
}
