import type { CalcError } from './calcError';

/** Numbers beyond these measure nothing on a bench, and their squares leave what a computer can hold. */
export const MAGNITUDES = Object.freeze({ most: 1e15, least: 1e-30 });

const tooFar = (value: number): boolean =>
  !Number.isFinite(value) || Math.abs(value) > MAGNITUDES.most || (value !== 0 && Math.abs(value) < MAGNITUDES.least);

/** Path of the first number in a value that is not to be had, undefined where all are. */
function pathOfNumber(value: unknown, is: (value: number) => boolean, path = ''): string | undefined {
  if (typeof value === 'number') return is(value) ? path : undefined;
  if (typeof value !== 'object' || value === null) return undefined;
  const entries: [string, unknown][] = Array.isArray(value)
    ? value.map((one, i) => [`${path}[${String(i)}]`, one])
    : Object.entries(value).map(([key, one]) => [path === '' ? key : `${path}.${key}`, one]);
  for (const [at, one] of entries) {
    const found = pathOfNumber(one, is, at);
    if (found !== undefined) return found;
  }
  return undefined;
}

/** Refuses numbers beyond 1e15 or, but for 0, under 1e-30, at their field. */
export function magnitudeRefusal(input: unknown): CalcError | undefined {
  const found = pathOfNumber(input, tooFar);
  if (found === undefined) return undefined;
  const path = found === '' ? 'input' : found;
  return {
    code: 'invalid',
    path,
    message: `invalid ${path}: no bench measures a number as large or as small as this; check its unit`,
  };
}

/** Refuses a result that holds a number which is none. */
export function resultRefusal(result: unknown): CalcError | undefined {
  const found = pathOfNumber(result, (value) => !Number.isFinite(value));
  return found === undefined
    ? undefined
    : {
        code: 'invalid',
        path: 'input',
        message: `invalid input: these numbers together give no finite ${found}; check their units`,
      };
}
