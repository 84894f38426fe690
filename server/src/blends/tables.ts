import { property, type PropertyKey } from '@bent-pail/core';
import type { Row, Table } from '../exports/table';
import { versionsToTell, type VersionToTell } from './tableRepository';

const named = ({ blend, n }: VersionToTell): Row => ({ blend, version: n });

/** A version: one row a line. */
const recipeRows = (version: VersionToTell): Row[] =>
  version.lines.map(({ what, parts, job }, i) => ({
    ...named(version),
    line: i + 1,
    what,
    parts,
    job,
    pot: version.pot,
    reason: version.reason,
    kept_at: version.keptAt.toISOString(),
    by: version.by,
  }));

/** What each figure of a prediction is of. */
const PREDICTED: Readonly<Partial<Record<keyof VersionToTell['result'], PropertyKey>>> = {
  air: 'airSpace',
  water: 'containerCapacity',
  easilyAvailable: 'easilyAvailable',
  totalPorosity: 'totalPorosity',
  bulkDensity_gcc: 'bulkDensity_gcc',
  pH: 'pH',
  ec_dSm: 'ec_dSm',
};

/** What a version was predicted to be when it was kept: one row a property. */
const predictionRows = (version: VersionToTell): Row[] =>
  Object.entries(PREDICTED).flatMap(([key, of]): Row[] => {
    const value = version.result[key as keyof VersionToTell['result']];
    if (typeof value !== 'number') return [];
    const { label, unit } = property(of);
    return [{ ...named(version), property: label, value, unit, method: version.method }];
  });

export const recipes: Table = {
  name: 'recipes',
  columns: ['blend', 'version', 'line', 'what', 'parts', 'job', 'pot', 'reason', 'kept_at', 'by'],
  rows: async function* ({ db }, wanted) {
    for await (const versions of versionsToTell(db.manager, wanted)) yield versions.flatMap(recipeRows);
  },
};

export const predictions: Table = {
  name: 'predictions',
  columns: ['blend', 'version', 'property', 'value', 'unit', 'method'],
  rows: async function* ({ db }, wanted) {
    for await (const versions of versionsToTell(db.manager, wanted)) yield versions.flatMap(predictionRows);
  },
};
