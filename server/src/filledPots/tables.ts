import { POT_SIGNS, standOf } from '@bent-pail/core';
import type { Row, Table } from '../exports/table';
import { linesToTell, type LineToTell } from './tableRepository';

const COLUMNS = ['pot', 'in_it', 'plant', 'place', 'at', 'line', 'what', 'value', 'unit', 'signs', 'words', 'by'];

type Measure = Pick<Row, 'what' | 'value' | 'unit'>;

/** What was measured at a line, each with its unit. */
function measuresOf({ volume_mL, mass_g, depth_cm, feed, pour }: LineToTell): Measure[] {
  const all: readonly (readonly [string, number | null | undefined, string])[] = [
    ['water', volume_mL, 'mL'],
    ['whole pot', mass_g, 'g'],
    ['depth of the medium', depth_cm, 'cm'],
    ['nitrogen of the feed', feed?.n_mgL, 'mg/L'],
    ['feed', feed?.g, 'g'],
    ['nitrogen of the feed, by weight', feed?.n_percent, '%'],
    ['the feed lasts', feed?.lasts_d, 'd'],
    ['first drip', pour?.firstDrip_s, 's'],
    ['last drip', pour?.lastDrip_s, 's'],
    ['ran over', pour?.runoff_mL, 'mL'],
  ];
  return all.flatMap(([what, value, unit]) => (value === null || value === undefined ? [] : [{ what, value, unit }]));
}

/** A line of a diary: one row a measure, and one where nothing was measured. */
function rowsOf(line: LineToTell): Row[] {
  const { pot, medium, plant, place, at, kind, signs, stand, words, by } = line;
  const measures = measuresOf(line);
  const seen = POT_SIGNS.filter(({ key }) => signs?.includes(key) === true).map(({ words: one }) => one);
  const row = {
    pot,
    in_it: medium,
    plant,
    place: stand === null ? place : standOf(stand).words,
    at: at.toISOString(),
    line: kind,
    signs: seen.length === 0 ? undefined : seen.join(', '),
    words,
    by,
  };
  return measures.length === 0 ? [row] : measures.map((measure) => ({ ...row, ...measure }));
}

/** Every line of the diaries of all pots, or of one. */
export const diaries: Table = {
  name: 'diaries',
  columns: COLUMNS,
  rows: async function* ({ db }, { pot }) {
    for await (const lines of linesToTell(db.manager, pot)) yield lines.flatMap(rowsOf);
  },
};
