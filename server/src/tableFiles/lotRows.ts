import type { FileRow } from '../notebookFile/read';
import { idOf } from './ids';
import { lotsCalled, materialsCalled, type Row } from './repository';
import type { Translate } from './translated';

const KINDS: readonly (readonly [RegExp, string])[] = [
  [/^(product|bag|bought medium|commercial)/i, 'product'],
  [/^(material|component|raw)?/i, 'material'],
];
const kindOf = (typed: string | number = ''): string =>
  (KINDS.find(([like]) => like.test(String(typed))) ?? ['', 'material'])[1];

const OF_A_LOT = ['source', 'grade', 'state', 'bought_on', 'price', 'pack_volume_l', 'pack_weight_kg'];

/** What a row says, over what is known already; what it leaves out stays. */
function over(known: Row, said: Row): Row {
  const changed = Object.entries(said).filter(([key, value]) => known[key] !== value && Number(known[key]) !== value);
  return changed.length === 0
    ? known
    : { ...known, ...Object.fromEntries(changed), version: Number(known.version) + 1 };
}

/** Lots, and the materials that they are of where these are new. */
export const lotRows: Translate = async (manager, rows, { now }) => {
  const name = ({ name: typed }: Row): string => String(typed);
  const known = await materialsCalled(
    manager,
    rows.map(({ values }) => name(values)),
  );
  const materials = new Map<string, FileRow>();
  const materialId = (values: Row): string => {
    const key = name(values).toLowerCase();
    return (known.get(key)?.id as string | undefined) ?? idOf('material', key);
  };
  for (const { row, values } of rows) {
    const key = name(values).toLowerCase();
    if (known.has(key) || materials.has(key)) continue;
    const value = {
      id: materialId(values),
      name: name(values),
      kind: kindOf(values.kind),
      class_id: values.class_id ?? null,
      aliases: [],
      version: 1,
      archived_at: null,
    };
    materials.set(key, { kind: 'materials', row, value });
  }
  const keyOf = (values: Row): string => `${materialId(values)} ${String(values.code)}`.toLowerCase();
  const there = await lotsCalled(
    manager,
    rows.map(({ values }) => keyOf(values)),
  );
  const lots = rows.map(({ row, values }): FileRow => {
    const said = Object.fromEntries(OF_A_LOT.flatMap((key) => (values[key] === undefined ? [] : [[key, values[key]]])));
    const lot = there.get(keyOf(values));
    const fresh = {
      id: idOf('lot', keyOf(values)),
      material_id: materialId(values),
      code: String(values.code),
      created_at: now.toISOString(),
      version: 1,
      own_class: false,
      parted_off: false,
      ...said,
    };
    return { kind: 'lots', row, value: lot === undefined ? fresh : over(lot, said) };
  });
  return { rows: [...materials.values(), ...lots], refusals: [] };
};
