import { lotCard, predictDesk, type LotComponent } from '@bent-pail/core';
import type pg from 'pg';
import { idOf } from './columns';
import { BEGAN, DAY_MS, type Lot } from './made';

/** Blends of two to twelve lots, predicted as their classes are. */
export async function insertBlends(
  client: pg.Client,
  by: string,
  lots: readonly Lot[],
  count: number,
  random: () => number,
): Promise<void> {
  const components = new Map<string, LotComponent>();
  const componentOf = ({ material: { mediaClass, name } }: Lot): LotComponent => {
    const known = components.get(name);
    if (known !== undefined) return known;
    const { component } = lotCard({
      id: name,
      name,
      code: name,
      materialId: name,
      materialClass: mediaClass.id,
      runs: [],
    });
    if (component === undefined) throw new Error(`the class ${mediaClass.id} has no component`);
    components.set(name, component);
    return component;
  };
  const pot = { height_cm: 20, topDiameter_cm: 22, baseDiameter_cm: 18 };
  for (let n = 0; n < count; n += 1) {
    const used = Array.from({ length: 2 + (n % 11) }, (_, i) => ({
      lot: lots[(n * 37 + i * 101) % lots.length] as Lot,
      parts: 1 + Math.floor(5 * random()),
    })).filter((line, i, all) => all.findIndex(({ lot }) => lot.id === line.lot.id) === i);
    const lines = used.map(({ lot, parts }) => ({ lotId: lot.id, parts }));
    const model = 'packing' as const;
    const { input, result } = predictDesk({
      lines: used.map(({ lot, parts }) => ({ parts, lot: componentOf(lot) })),
      container: pot,
      model,
      lime_meqPerL: 0,
    });
    const at = new Date(BEGAN + (n + 1) * DAY_MS);
    await client.query('insert into blends (id, name, created_at) values ($1, $2, $3)', [
      idOf('blend', n),
      `Mix ${String(n + 1)}`,
      at,
    ]);
    await client.query(
      `insert into blend_versions (id, blend_id, n, recipe, flat, input, result, method, by_user, kept_at)
       values ($1, $2, 1, $3, $4, $5, $6, 'blend@1', $7, $8)`,
      [
        idOf('version', n),
        idOf('blend', n),
        JSON.stringify({ lines, potName: 'Tub', pot, model, lime_meqPerL: 0 }),
        JSON.stringify(lines),
        JSON.stringify(input),
        JSON.stringify(result),
        by,
        at,
      ],
    );
  }
}
