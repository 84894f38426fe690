import { meanOf, robustScores } from '../statistics';
import { figureOf } from './sheetResult';
import type { Handling, PupilSheet, Readings } from './lesson';

/** Farther than this from the middle group a reading counts as low or high, robust deviations. */
const SHIFTED = 1;
/** A wait of less than this part of the others' was cut short. */
const SHORT_WAIT = 0.7;

export interface HandlingAsked {
  readonly key: string;
  readonly words: string;
  /** The figures speak for it, leave it open, or speak against it. */
  readonly fits: 'yes' | 'open' | 'no';
  /** Why, in a sentence. */
  readonly why: string;
}

/** How a group's sheets went: readings of each time, and how long it waited, seconds by step. */
export interface GroupSheet {
  readonly id: string;
  readonly times: readonly Readings[];
  readonly waited_s: Readings;
}

/** The mean of each reading and figure of a group. */
function meansOf(sheet: PupilSheet, { times }: GroupSheet): Readonly<Record<string, number>> {
  const steps = sheet.steps.filter(({ kind }) => kind !== 'time').map(({ key }) => key);
  const of = (values: readonly (number | undefined)[]): number | undefined => {
    const known = values.filter((value) => value !== undefined);
    return known.length === 0 ? undefined : meanOf(known);
  };
  const figures = sheet.figures.map(
    (figure) => [figure.key, of(times.map((readings) => figureOf(sheet, figure, readings)?.value))] as const,
  );
  const readings = steps.map((step) => [step, of(times.map((one) => one[step]))] as const);
  return Object.fromEntries([...readings, ...figures].filter(([, value]) => value !== undefined)) as Record<
    string,
    number
  >;
}

/** Which way each reading and figure of a group lies from the others'. */
function shiftsOf(sheet: PupilSheet, own: GroupSheet, others: readonly GroupSheet[]): ReadonlyMap<string, number> {
  const mine = meansOf(sheet, own);
  const theirs = others.map((group) => meansOf(sheet, group));
  const shifts = new Map<string, number>();
  for (const [key, value] of Object.entries(mine)) {
    const z = robustScores(theirs.flatMap((means) => means[key] ?? []))?.(value);
    if (z !== undefined) shifts.set(key, z);
  }
  return shifts;
}

const side = (z: number | undefined): 'low' | 'high' | 'as others' | undefined =>
  z === undefined ? undefined : z < -SHIFTED ? 'low' : z > SHIFTED ? 'high' : 'as others';

function waitSays(
  { shortens }: Handling,
  own: GroupSheet,
  others: readonly GroupSheet[],
): HandlingAsked['fits'] | undefined {
  if (shortens === undefined) return undefined;
  const [mine, theirs] = [own.waited_s[shortens], others.flatMap(({ waited_s }) => waited_s[shortens] ?? [])];
  if (mine === undefined || theirs.length === 0) return undefined;
  return mine < SHORT_WAIT * meanOf(theirs) ? 'yes' : 'no';
}

/**
 * What to ask a group first whose result lies apart: of all that may be done differently at the pots, what its own
 * readings speak for, what they leave open, what they rule out. Those that fit come first.
 *
 * A reading lies apart beyond one robust deviation of the other groups. A wait that is shorter than seven tenths of the
 * others' speaks for itself. With fewer than two other groups everything is open.
 */
export function whyDiffers(
  sheet: PupilSheet,
  own: GroupSheet,
  others: readonly GroupSheet[],
): readonly HandlingAsked[] {
  const shifts = shiftsOf(sheet, own, others);
  const asked = sheet.handlings.map((handling): HandlingAsked => {
    const { key, words, moves } = handling;
    const known = Object.entries(moves).map(([moved, to]) => ({ moved, to, found: side(shifts.get(moved)) }));
    const against = known.find(({ to, found }) => found !== undefined && found !== to);
    const waited = waitSays(handling, own, others);
    if (waited === 'yes') return { key, words, fits: 'yes', why: 'Your own times say so.' };
    if (waited === 'no') return { key, words, fits: 'no', why: 'You waited as long as the others.' };
    if (against !== undefined)
      return {
        key,
        words,
        fits: 'no',
        why: `Then ${nameOf(sheet, against.moved)} would be ${WHERE_WORDS[against.to]}.`,
      };
    if (known.every(({ found }) => found !== undefined))
      return {
        key,
        words,
        fits: 'yes',
        why: `${known.map(({ moved, to }) => `${nameOf(sheet, moved)} is ${WHERE_WORDS[to]}`).join(', ')}.`,
      };
    return { key, words, fits: 'open', why: 'The readings do not tell.' };
  });
  const order = { yes: 0, open: 1, no: 2 };
  return asked.sort((a, b) => order[a.fits] - order[b.fits]);
}

const WHERE_WORDS: Readonly<Record<'low' | 'high', string>> = Object.freeze({
  low: 'lower than the others’',
  high: 'higher than the others’',
});

const nameOf = (sheet: PupilSheet, key: string): string => {
  const { label } = [...sheet.figures, ...sheet.steps].find((one) => one.key === key) ?? { label: key };
  return `“${label}”`;
};
