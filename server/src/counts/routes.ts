import type { Counts } from '@bent-pail/contract';
import { IsNull } from 'typeorm';
import type { Context } from '../context';
import { BlendEntity, LotEntity, RaterEntity, RunEntity, ScorecardEntity } from '../database/entities';
import type { Api } from '../http/api';
import { meOf, SIGNED_IN } from '../http/guard';

/** How many of each thing there are, for the bench edge of every page: numbers only, and quick. */
export function countRoutes(api: Api, { db }: Context): void {
  api.route('get', '/counts', SIGNED_IN, async (request, response) => {
    const me = meOf(request);
    const { manager } = db;
    const seesBench = me.role !== 'panellist';
    const seesAll = seesBench && me.role !== 'student';
    const mine = me.role === 'student' ? { studentId: me.id } : {};
    const counts: Counts = {
      lots: seesAll ? await manager.count(LotEntity) : 0,
      openRuns: seesBench ? await manager.countBy(RunEntity, { finishedAt: IsNull(), ...mine }) : 0,
      blends: seesAll ? await manager.count(BlendEntity) : 0,
      scorecards: seesAll ? await manager.count(ScorecardEntity) : 0,
      sheetsToRate: await manager.countBy(RaterEntity, { userId: me.id, handedInAt: IsNull() }),
    };
    response.json(counts);
  });
}
