import { said } from '../errors';
import { foodOfLot, nutrients } from '../feeding';
import type { KnownOfProduct } from '../judging';
import { inPot, type LotCard } from '../lots';
import { foundOnCard, verdictsFor, type Grade, type VerdictLine } from '../verdicts';
import { PLACES, type Place } from './places';

/** How well something fits a place: as it is, once mended, not, or nobody can tell yet. */
export const FITS = ['yes', 'mended', 'unknown', 'not'] as const;
export type Fit = (typeof FITS)[number];

/** What can be done about something that does not fit. */
export type Mend = 'nitrogen' | 'coarse' | 'lime' | 'rinse' | 'wetting';

export interface FitReason {
  readonly text: string;
  readonly grade: Grade;
  readonly mend?: Mend;
}

export interface BestUse {
  readonly place: Place;
  readonly fit: Fit;
  /** What speaks for it and against it, the worst first. */
  readonly reasons: readonly FitReason[];
  /** What would have to be measured to tell more. */
  readonly wanting: readonly string[];
}

const percent = (share: number): string => `${String(Math.round(100 * share))} %`;

/** A share in a window: within it is good, near its edge bearable, beyond not. */
function judgedShare(
  what: string,
  value: number,
  [lo, hi]: readonly [number, number],
  where: string,
  mend: Mend | undefined,
): FitReason {
  const said = `${what} ${percent(value)} in ${where}`;
  if (value >= lo && value <= hi) return { grade: 'good', text: `${said}.` };
  const low = value < lo;
  const far = low ? value < 0.7 * lo : value > 1.2 * hi;
  return {
    grade: far ? 'not' : 'bearable',
    text: `${said}, ${low ? 'under' : 'over'} the ${percent(low ? lo : hi)} that will do.`,
    ...(mend === undefined ? {} : { mend }),
  };
}

function physical(place: Place, card: LotCard): { readonly reasons: FitReason[]; readonly wanting: string[] } {
  const { height_cm, air, water } = place;
  if (height_cm === undefined || (air === undefined && water === undefined)) return { reasons: [], wanting: [] };
  if (card.curve === undefined || card.curve.kind === 'class')
    return { reasons: [], wanting: ['how much air and water it holds'] };
  const pot = inPot(card.curve, { height_cm });
  const where = `${said(height_cm)} cm`;
  const reasons = [
    ...(air === undefined ? [] : [judgedShare('Air', pot.air, air, where, pot.air < air[0] ? 'coarse' : undefined)]),
    ...(water === undefined ? [] : [judgedShare('Water', pot.water, water, where, undefined)]),
  ];
  return { reasons, wanting: [] };
}

function acidity({ pH: window }: Place, card: LotCard): { readonly reasons: FitReason[]; readonly wanting: string[] } {
  if (window === undefined) return { reasons: [], wanting: [] };
  const found = card.figures.find(({ property, origin }) => property === 'pH' && origin !== 'label')?.summary.mean;
  if (found === undefined) return { reasons: [], wanting: ['its pH'] };
  const [lo, hi] = window;
  if (found >= lo && found <= hi) return { reasons: [{ grade: 'good', text: `pH ${found.toFixed(1)}.` }], wanting: [] };
  const low = found < lo;
  const far = low ? found < lo - 1 : found > hi + 0.7;
  const text = `pH ${found.toFixed(1)}, ${low ? 'under' : 'over'} ${String(low ? lo : hi)}.`;
  return { reasons: [{ grade: far ? 'not' : 'bearable', text, ...(low ? { mend: 'lime' } : {}) }], wanting: [] };
}

function food({ nitrogen_d }: Place, card: LotCard): { readonly reasons: FitReason[]; readonly wanting: string[] } {
  if (nitrogen_d === undefined) return { reasons: [], wanting: [] };
  const input = foodOfLot('It', card.figures, 'medium');
  const found = input === undefined ? undefined : nutrients(input);
  if (found?.available_mgL === undefined) return { reasons: [], wanting: ['its nitrogen, by a laboratory'] };
  const { days } = found;
  if (days === undefined || days >= nitrogen_d)
    return {
      reasons: [{ grade: 'good', text: `Nitrogen lasts ${String(Math.round(days ?? 365))} days.` }],
      wanting: [],
    };
  const week = Math.max(1, Math.ceil(days / 7));
  const text =
    days < 7
      ? 'It has next to no nitrogen: feed from the start.'
      : `Nitrogen lasts ${String(Math.round(days))} days: feed from week ${String(week)} on.`;
  return { reasons: [{ grade: 'bearable', text, mend: 'nitrogen' }], wanting: [] };
}

/** What grew in it in a trial, as its scorecard has it. */
export type GrownInTrial = NonNullable<KnownOfProduct['trial']>;

/** Under the first it grew worse than will do, under the second far worse: beside the reference of the trial. Ours. */
const GREW = Object.freeze({ good: 0.9, bearable: 0.7 });

/** Where plants are to grow in it alone, a trial says more than any figure. */
function growth({ use, key }: Place, grown: GrownInTrial | undefined): FitReason[] {
  if (grown === undefined || !(use === 'seed' || key === 'pots')) return [];
  const { ratio, trial, reference } = grown;
  const grade = ratio >= GREW.good ? 'good' : ratio >= GREW.bearable ? 'bearable' : 'not';
  return [{ grade, text: `It grew ${ratio.toFixed(2)} of what grew in ${reference} (${trial}).` }];
}

const MENDED_BY: Readonly<Partial<Record<string, Mend>>> = {
  ec_dSm: 'rinse',
  ec1to5: 'rinse',
  ecPaste: 'rinse',
  ecPourThrough: 'rinse',
  dropTime_s: 'wetting',
};

const ORDER: Readonly<Record<Grade, number>> = { not: 0, bearable: 1, good: 2 };

function fitOf(reasons: readonly FitReason[], wanting: readonly string[]): Fit {
  if (reasons.some(({ grade, mend }) => grade === 'not' && mend === undefined)) return 'not';
  if (reasons.length === 0 || wanting.length > 0) return 'unknown';
  return reasons.some(({ grade, mend }) => grade !== 'good' && mend !== undefined) ? 'mended' : 'yes';
}

/**
 * What a product is good for, best first: the verdicts of each use on what was found, air and water at the depth of the
 * place, how long its nitrogen lasts. As it is goes before once mended, that before what nobody can tell yet, and the
 * places that do not fit come last with their reason. What a trial found counts where plants grow in it alone.
 */
export function bestUses(
  card: LotCard,
  lines: readonly VerdictLine[],
  materialClass: string | undefined,
  grown?: GrownInTrial,
): BestUse[] {
  return PLACES.map((place): BestUse => {
    const { verdicts } = verdictsFor({ lines, use: place.use, materialClass, found: foundOnCard(card.figures) });
    const said = verdicts.map(({ property, line, says }): FitReason => {
      const mend = MENDED_BY[property];
      return { grade: says, text: line.because, ...(mend === undefined || says === 'good' ? {} : { mend }) };
    });
    const parts = [physical(place, card), acidity(place, card), food(place, card)];
    const reasons = [...said, ...parts.flatMap((part) => part.reasons), ...growth(place, grown)].sort(
      (a, b) => ORDER[a.grade] - ORDER[b.grade],
    );
    const wanting = parts.flatMap((part) => part.wanting);
    return { place, fit: fitOf(reasons, wanting), reasons, wanting };
  }).sort((a, b) => FITS.indexOf(a.fit) - FITS.indexOf(b.fit) || goodShare(b) - goodShare(a));
}

const goodShare = ({ reasons }: BestUse): number =>
  reasons.length === 0 ? 0 : reasons.filter(({ grade }) => grade === 'good').length / reasons.length;

/** What is known of buying a product again. */
export interface BoughtAgain {
  readonly overall?: number;
  readonly weightIn: number;
  /** Part of the labelled volume that was not in it. */
  readonly shortBy?: number;
}

/** What a product is not for, with the reason; nothing is said against what is not known. */
export function warnings(uses: readonly BestUse[], { overall, weightIn, shortBy }: BoughtAgain): string[] {
  const inPots = uses.filter(({ place }) => ['seed', 'pots', 'tubs'].includes(place.key));
  const notForPots = inPots.length > 0 && inPots.every(({ fit }) => fit === 'not');
  return [
    ...(notForPots ? ['Not for pots: it fits none of them, whatever is done to it.'] : []),
    ...(overall !== undefined && weightIn >= 0.5 && overall < 4
      ? [`Not worth buying again: ${overall.toFixed(1)} of 10 by this rubric.`]
      : []),
    ...(shortBy !== undefined && shortBy > 0.1
      ? [`Ask for the missing part: it was short of its label by ${percent(shortBy)}.`]
      : []),
  ];
}
