import { requireNotNegative, requireWithin } from '../errors';
import { choice, defineMethod, maybe, number, object, type InputOf } from '../method';

const EXTRACTIONS = ['paste', '1:2', '1:5', 'pour-through'] as const;
export type ExtractionMethod = (typeof EXTRACTIONS)[number];

const INPUT = object({ ec_dSm: number(), temp_C: number(), method: maybe(choice(EXTRACTIONS)) });
export type Ec25Input = InputOf<typeof INPUT>;

export type EcClass = 'very low' | 'low' | 'normal' | 'high' | 'very high' | 'extreme';

export interface Ec25Result {
  readonly ec25_dSm: number;
  readonly class?: EcClass;
}

/** EC per degree away from 25 degC, and where that holds. */
export const EC_TEMPERATURE = Object.freeze({ perDegree: 0.0191, reference_C: 25, lo: 10, hi: 35 });

/** Where low, normal, high, very high and extreme begin, dS/m, by extraction. Guidance; each class includes its start. */
export const EC_CLASS_STARTS: Readonly<Record<ExtractionMethod, readonly number[]>> = Object.freeze({
  '1:2': [0.26, 0.76, 1.26, 1.76, 2.26],
  paste: [0.76, 2.0, 3.5, 5.0, 6.0],
  'pour-through': [1.0, 2.6, 4.6, 6.5, 7.8],
  '1:5': [0.12, 0.35, 0.55, 0.8, 1.0],
});

const CLASSES: readonly EcClass[] = ['very low', 'low', 'normal', 'high', 'very high', 'extreme'];

/** Class of an EC at 25 degC by the extraction that it was measured in. */
export function ecClass(ec25_dSm: number, method: ExtractionMethod): EcClass {
  const passed = EC_CLASS_STARTS[method].filter((start) => ec25_dSm >= start).length;
  return CLASSES[passed] as EcClass;
}

/**
 * EC brought to 25 degC, and its class where the extraction is named.
 *
 * EC25 = EC / (1 + 0.0191 (T - 25)), T 10..35 degC, refused outside. A meter that has corrected already is given T = 25.
 * Source: the usual linear correction for soil extracts; classes are guidance.
 * Example: 1.0 dS/m at 20 degC: 1 / 0.9045 = 1.1056 dS/m.
 */
export function ec25(input: Ec25Input): Ec25Result {
  requireNotNegative('ec_dSm', input.ec_dSm, 'dS/m');
  const { perDegree, reference_C, lo, hi } = EC_TEMPERATURE;
  requireWithin('temp_C', input.temp_C, lo, hi, 'degC');
  const ec25_dSm = input.ec_dSm / (1 + perDegree * (input.temp_C - reference_C));
  return { ec25_dSm, ...(input.method === undefined ? {} : { class: ecClass(ec25_dSm, input.method) }) };
}

export const ec25Method = defineMethod({
  name: 'ec25',
  version: 1,
  source: 'The usual linear correction for soil extracts; classes are guidance.',
  schema: INPUT,
  calculate: ec25,
  outputs: {},
  golden: {
    input: { ec_dSm: 1.4, temp_C: 20, method: '1:2' },
    gives: {
      ec25_dSm: 1.54781647319,
      class: 'high',
    },
  },
});
