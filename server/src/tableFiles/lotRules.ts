import { NewLot, NewMaterial } from '@bent-pail/contract';
import type { ReadRow, TableField, TableRefusal } from '@bent-pail/core';
import { readBody } from '../http/body';
import { HttpProblem } from '../http/problems';

/** The fields of a form that columns of a table are. */
const FIELDS: Readonly<Record<string, string>> = {
  code: 'code',
  source: 'source',
  grade: 'grade',
  state: 'state',
  bought_on: 'boughtOn',
  price: 'price',
  pack_volume_l: 'packVolume_L',
  pack_weight_kg: 'packWeight_kg',
};
const SOME_ID = '0190b6f0-5d1e-7c55-9a6e-3c1f7f0a2d11';

/** What the form would refuse of it: the column, and in which sentence. */
function refusedBy({ values }: ReadRow): { readonly key: string; readonly why: string } | undefined {
  const said = Object.entries(FIELDS).flatMap(([key, field]) =>
    values[key] === undefined ? [] : [[field, values[key]]],
  );
  try {
    readBody(NewMaterial, { id: SOME_ID, name: values.name, kind: 'material' });
    readBody(NewLot, { id: SOME_ID, materialId: SOME_ID, ...Object.fromEntries(said) });
    return undefined;
  } catch (error) {
    if (!(error instanceof HttpProblem)) throw error;
    const { path = '', message } = error.problem;
    const key = Object.keys(FIELDS).find((one) => FIELDS[one] === path) ?? 'name';
    return { key, why: message };
  }
}

/** Holds rows of a table of lots to the rules of the form in which lots are typed. */
export function heldToRules(
  rows: readonly ReadRow[],
  fields: readonly TableField[],
): { readonly read: readonly ReadRow[]; readonly refused: readonly TableRefusal[] } {
  const refused = rows.flatMap((one): TableRefusal[] => {
    const found = refusedBy(one);
    if (found === undefined) return [];
    const { key, why } = found;
    const column = fields.find((field) => field.key === key)?.words ?? key;
    return [{ row: one.row, column, read: String(one.values[key] ?? ''), why }];
  });
  const wrong = new Set(refused.map(({ row }) => row));
  return { read: rows.filter(({ row }) => !wrong.has(row)), refused };
}
