import { refuse, said } from '../errors';
import { fixed, forms, list, maybe, number, object, range, type InputOf } from '../method';

/** An interval; an open side is null. */
export type Range = InputOf<typeof range>;

/** Told apart by `type`: linear between two values, a table, 10 inside a window, or the value itself. */
export const SCORE_FUNCTION = forms('type', [
  object({ type: fixed('line'), at0: number(), at10: number() }),
  object({
    type: fixed('bands'),
    bands: list(object({ upTo: maybe(number('included; absent in the last')), score: number() })),
  }),
  object({ type: fixed('window'), ideal: range, limits: range }),
  object({ type: fixed('direct') }),
]);
export type ScoreFunction = InputOf<typeof SCORE_FUNCTION>;

export const HIGHEST_SCORE = 10;

/** Refuses a function that cannot score, naming the field. */
export function requireScoreFunction(fn: ScoreFunction, path: string): void {
  if (fn.type === 'line' && fn.at0 === fn.at10) {
    refuse(`${path}.at10`, `${String(fn.at10)} must differ from at0, or the line has no slope`);
  }
  if (fn.type === 'bands') requireBands(fn.bands, path);
  if (fn.type === 'window') requireWindow(fn.ideal, fn.limits, path);
}

function requireBands(bands: readonly { readonly upTo?: number; readonly score: number }[], path: string): void {
  if (bands.length === 0) refuse(`${path}.bands`, 'give at least one band');
  bands.forEach((band, i) => {
    const at = `${path}.bands[${String(i)}]`;
    if (band.score < 0 || band.score > HIGHEST_SCORE)
      refuse(`${at}.score`, `${String(band.score)} must lie in 0 to 10`);
    const last = i === bands.length - 1;
    if (last && band.upTo !== undefined) refuse(`${at}.upTo`, 'the last band has no upper end; leave upTo out');
    if (!last && band.upTo === undefined) refuse(`${at}.upTo`, 'only the last band may leave upTo out');
    const before = i > 0 ? bands[i - 1]?.upTo : undefined;
    if (band.upTo !== undefined && before !== undefined && band.upTo <= before) {
      refuse(`${at}.upTo`, `${String(band.upTo)} must be above the band before, ${String(before)}`);
    }
  });
}

function requireWindow(ideal: Range, limits: Range, path: string): void {
  const [idealLo, idealHi] = ideal;
  const [limitLo, limitHi] = limits;
  if (idealLo !== null && idealHi !== null && idealLo > idealHi) {
    refuse(`${path}.ideal`, `${String(idealLo)} must not be above ${String(idealHi)}`);
  }
  if (idealLo !== null && limitLo !== null && limitLo > idealLo) {
    refuse(`${path}.limits`, `lower limit ${String(limitLo)} must not be above the ideal's ${String(idealLo)}`);
  }
  if (idealHi !== null && limitHi !== null && limitHi < idealHi) {
    refuse(`${path}.limits`, `upper limit ${String(limitHi)} must not be under the ideal's ${String(idealHi)}`);
  }
}

/**
 * A value as a score 0..10.
 *
 * line: linear between at0 and at10, flat beyond. bands: the first band whose `upTo` is not under the value.
 * window: 10 inside the ideal, linear to 0 at the limits; an open side never costs; an ideal end without a limit is a
 * hard step, as is a limit equal to it. direct: the value itself, 0 to 10, refused outside.
 * Example: window ideal 0.2..0.3, limits 0.1..0.5 at 0.15: 5.
 */
export function scoreOf(fn: ScoreFunction, value: number, path = 'value'): number {
  switch (fn.type) {
    case 'line': {
      const share = (value - fn.at0) / (fn.at10 - fn.at0);
      return HIGHEST_SCORE * Math.min(1, Math.max(0, share));
    }
    case 'bands':
      return (fn.bands.find((band) => band.upTo === undefined || value <= band.upTo) as { score: number }).score;
    case 'window':
      return HIGHEST_SCORE * (1 - Math.min(1, windowMiss(fn.ideal, fn.limits, value)));
    case 'direct':
      if (!(value >= 0 && value <= HIGHEST_SCORE)) refuse(path, `${said(value)} must lie between 0 and 10`);
      return value;
  }
}

/** How far a value misses a window: 0 inside the ideal, 1 at the limit, on at the same slope. */
export function windowMiss(ideal: Range, limits: Range, value: number): number {
  const [idealLo, idealHi] = ideal;
  const [limitLo, limitHi] = limits;
  const beyond = (over: number, room: number | null): number => (room === null || room <= 0 ? 1 : over / room);
  if (idealLo !== null && value < idealLo) return beyond(idealLo - value, limitLo === null ? null : idealLo - limitLo);
  if (idealHi !== null && value > idealHi) return beyond(value - idealHi, limitHi === null ? null : limitHi - idealHi);
  return 0;
}
