import type { Working } from '@bent-pail/core';
import { fixed } from '../kit/format';

/** One line of what was put into a calculation. */
export interface InputRow {
  readonly label: string;
  readonly value: string;
  readonly unit: string;
}

/** Units as the field's name carries them, and as people write them. */
const UNITS: Readonly<Record<string, string>> = {
  g: 'g',
  mL: 'mL',
  cm: 'cm',
  mm: 'mm',
  C: '°C',
  gcc: 'g/mL',
  percm: '/cm',
  dSm: 'dS/m',
  meqPerL: 'meq/L',
  meqPerLpH: 'meq/L/pH',
};

/** Levels of the input that say nothing to a reader. */
const SILENT = new Set(['replicates', 'components', 'retention', 'container', 'vessel']);

/** `settledDepth_cm` as “settled depth” and “cm”. */
function readable(key: string): { readonly label: string; readonly unit: string } {
  if (key === 'pH') return { label: 'pH', unit: '' };
  const [stem = '', suffix = ''] = key.split('_');
  return { label: stem.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase(), unit: UNITS[suffix] ?? '' };
}

function shown(value: number): string {
  if (Number.isInteger(value)) return fixed(value, 0);
  return fixed(value, Math.abs(value) >= 100 ? 1 : 4);
}

function rowsOf(value: unknown, key: string, owner: string): InputRow[] {
  if (typeof value === 'number') {
    const { label, unit } = readable(key);
    return [{ label: owner === '' ? label : `${owner}: ${label}`, value: shown(value), unit }];
  }
  if (Array.isArray(value)) return value.flatMap((item: unknown) => rowsOf(item, key, owner));
  if (typeof value !== 'object' || value === null) return [];
  const fields = value as Record<string, unknown>;
  const name = fields.name;
  const inner = typeof name === 'string' ? name : SILENT.has(key) || key === '' ? owner : key;
  return Object.entries(fields).flatMap(([field, one]) => rowsOf(one, field, inner));
}

/**
 * What was put into a calculation, as a table for people; the exact input stands below it. A mean's values and a
 * score's criteria stand among the sources already.
 */
export function inputRows(working: Working): InputRow[] {
  if (working.calc === 'replicates' || working.calc === 'score') return [];
  return rowsOf(working.input, '', '');
}
