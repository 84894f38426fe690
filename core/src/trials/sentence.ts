import { said } from '../errors';
import type { ComparedPair } from './compared';

/** Two are told apart where chance alone would do so less often than this. */
export const ALPHA = 0.05;

const shown = (value: number): string => said(Number(value.toPrecision(3)));
/** Of what was read with a rule or a scale, tenths are enough; what is under one keeps three figures. */
const inTenths = (value: number): string => (Math.abs(value) >= 1 ? said(Number(value.toFixed(1))) : shown(value));

const listed = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`;

/** A pair turned so that the one that is asked about comes first. */
export function pairBeside(pairs: readonly ComparedPair[], name: string, reference: string): ComparedPair | undefined {
  const found = pairs.find(({ a, b }) => (a === name && b === reference) || (a === reference && b === name));
  if (found === undefined || found.a === name) return found;
  const { difference, ci95 } = found;
  return {
    ...found,
    a: name,
    b: reference,
    difference: -difference,
    ...(ci95 === undefined ? {} : { ci95: [-ci95[1], -ci95[0]] as const }),
  };
}

/**
 * What was found beside the reference, in a sentence: who lies how much above or below, who cannot be told from it, and
 * how large a difference can still hide in that, which is given besides. Undefined where nothing was tested.
 */
export function besideReference(
  pairs: readonly ComparedPair[],
  {
    names,
    reference,
    unit = '',
  }: { readonly names: readonly string[]; readonly reference: string; readonly unit?: string },
): { readonly sentence: string; readonly ruledOut?: number } | undefined {
  const end = unit === '' ? '' : ` ${unit}`;
  const beside = names.flatMap((name) => (name === reference ? [] : (pairBeside(pairs, name, reference) ?? [])));
  const tested = beside.flatMap(({ a, difference, ci95, p }) =>
    ci95 === undefined || p === undefined ? [] : [{ a, difference, ci95, p }],
  );
  if (tested.length === 0 || tested.length < beside.length) return undefined;
  const apart = tested.filter(({ p }) => p < ALPHA).sort((x, y) => y.difference - x.difference);
  const alike = tested.filter(({ p }) => p >= ALPHA);
  const told = apart.map(({ a, difference, ci95 }) => {
    const ends = ci95.map(Math.abs).sort((x, y) => x - y);
    const far = inTenths(Math.abs(difference));
    const range = `(${inTenths(ends[0] as number)} to ${inTenths(ends[1] as number)})`;
    return difference > 0 ? `${a} ${far}${end} above ${range}` : `${a} ${far}${end} below ${range}`;
  });
  const most = Math.max(...alike.flatMap(({ ci95 }) => ci95.map(Math.abs)));
  const rest =
    alike.length === 0
      ? []
      : [
          `${listed(alike.map(({ a }) => a))} cannot be told from it, no difference larger than ${inTenths(most)}${end} is likely`,
        ];
  const sentence = `beside ${reference}: ${[...told, ...rest].join('; ')}.`;
  return alike.length === 0 ? { sentence } : { sentence, ruledOut: most };
}

/** What was found, in a sentence: who lies above whom, and how large a difference can still hide in the rest. */
export function sentenceOf(pairs: readonly ComparedPair[], ruledOut: number, unit = ''): string {
  const end = unit === '' ? '' : ` ${unit}`;
  const apart = pairs.filter(({ p = 1 }) => p < ALPHA).sort((x, y) => Math.abs(y.difference) - Math.abs(x.difference));
  const rest = `no difference larger than ${shown(ruledOut)}${end} is likely`;
  if (apart.length === 0) return `No two can be told apart: ${rest}.`;
  const told = apart.slice(0, 3).map(({ a, b, difference, ci95: [lo, hi] = [0, 0] }) => {
    const [top, low, ends] = difference > 0 ? [a, b, [lo, hi]] : [b, a, [-hi, -lo]];
    return `${top} lies ${shown(Math.abs(difference))}${end} (${shown(ends[0] as number)} to ${shown(ends[1] as number)}) above ${low}`;
  });
  const more = apart.length > told.length ? `, and ${String(apart.length - told.length)} more pairs differ` : '';
  return apart.length === pairs.length
    ? `${told.join('; ')}${more}.`
    : `${told.join('; ')}${more}. Of the others, ${rest}.`;
}
