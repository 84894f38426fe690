import { refuse } from '../errors';

export type DeviceKind = 'scale' | 'meter' | 'probe';

/** How an instrument writes a line: a regular expression with named parts, which a person can edit. */
export interface LinePattern {
  readonly key: string;
  readonly label: string;
  readonly kind: DeviceKind;
  /** Named parts: `value`, and where the instrument says so `unit`, `stable` and `overload`. */
  readonly source: string;
  /** Whether the instrument itself marks a stable reading; if not, standing still is judged from the readings. */
  readonly marksStable: boolean;
}

/** Patterns to begin with, in our own words; another instrument gets its own. */
export const LINE_PATTERNS: readonly LinePattern[] = [
  {
    key: 'marked-scale',
    label: 'scale: mark, sign and number, unit',
    kind: 'scale',
    source: '^(?:(?<stable>ST)|US|(?<overload>OL)),\\s*(?<value>[+-]?\\s*\\d+(?:\\.\\d+)?)?\\s*(?<unit>kg|g)?$',
    marksStable: true,
  },
  {
    key: 'plain-scale',
    label: 'scale: number and unit only',
    kind: 'scale',
    source: '^(?:(?<overload>-{3,}|E)|(?<value>[+-]?\\s*\\d+(?:\\.\\d+)?)\\s*(?<unit>kg|g)?)$',
    marksStable: false,
  },
  {
    key: 'named-meter',
    label: 'meter: pH or EC, number',
    kind: 'meter',
    source:
      '^(?<unit>pH|mV|mS/cm|dS/m)\\s+(?:(?<overload>OVER)|(?<value>[+-]?\\d+(?:\\.\\d+)?))(?:\\s+(?<stable>READY))?$',
    marksStable: true,
  },
  {
    key: 'plain-probe',
    label: 'probe: T= number C',
    kind: 'probe',
    source: '^T=(?<value>[+-]?\\d+(?:\\.\\d+)?)\\s*(?<unit>C)$',
    marksStable: false,
  },
];

export interface CompiledPattern {
  readonly expression: RegExp;
  readonly marksStable: boolean;
}

/** What a line says. */
export type DeviceLine =
  | { readonly kind: 'reading'; readonly value: number; readonly unit?: string; readonly stable: boolean | 'unmarked' }
  | { readonly kind: 'overload' }
  /** A line that the pattern does not know: another instrument, or noise. It fills no cell. */
  | { readonly kind: 'unknown' };

/**
 * Makes a pattern ready. Throws (path `source`) where it is no regular expression, has no part `value`, or promises a
 * stable mark without a part `stable`.
 */
export function compilePattern({ source, marksStable }: Pick<LinePattern, 'source' | 'marksStable'>): CompiledPattern {
  let expression: RegExp;
  try {
    expression = new RegExp(source, 'u');
  } catch {
    refuse('source', 'this is not a regular expression; check its brackets');
  }
  if (!source.includes('(?<value>')) refuse('source', 'it needs a part (?<value>…) that holds the number');
  if (marksStable && !source.includes('(?<stable>'))
    refuse('source', 'it needs a part (?<stable>…), or say that the instrument marks nothing');
  return { expression, marksStable };
}

/** Reads a line by a pattern. */
export function parseLine({ expression, marksStable }: CompiledPattern, line: string): DeviceLine {
  const parts = expression.exec(line)?.groups;
  if (parts === undefined) return { kind: 'unknown' };
  if (parts.overload !== undefined) return { kind: 'overload' };
  const value = Number((parts.value ?? '').replaceAll(/\s/g, '') || Number.NaN);
  if (!Number.isFinite(value)) return { kind: 'unknown' };
  return {
    kind: 'reading',
    value,
    ...(parts.unit === undefined ? {} : { unit: parts.unit }),
    stable: marksStable ? parts.stable !== undefined : 'unmarked',
  };
}
