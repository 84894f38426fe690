import type { LotCard, LotFigure, PropertyKey } from '@bent-pail/core';
import { decimalsOf } from '../../kit/format';
import { amount } from '../../shared/units/mine';
import { fixed } from '../../kit/format';

/** One question that is asked of a bag as it comes, and the run that answers it. */
export interface IntakeCheck {
  readonly asks: string;
  readonly protocol: string;
  readonly answers: readonly PropertyKey[];
}

/** In the order of the hands: pour it out, look, count, smell, squeeze, wet it. */
export const INTAKE_CHECKS: readonly IntakeCheck[] = [
  { asks: 'How much is really in it?', protocol: 'bag-volume', answers: ['bagVolume_L'] },
  {
    asks: 'What is in it that should not be?',
    protocol: 'look',
    answers: ['foreignPerL', 'woodPerL', 'unknownPerL'],
  },
  { asks: 'Does it raise dust?', protocol: 'dust', answers: ['dustRaised'] },
  { asks: 'Have the fines sunk in the bag?', protocol: 'separation', answers: ['separation'] },
  { asks: 'How does it smell?', protocol: 'smell', answers: ['smell'] },
  { asks: 'How heavy did it come?', protocol: 'heft', answers: ['heft_gcc'] },
  { asks: 'How moist, by a squeeze?', protocol: 'squeeze', answers: ['squeeze'] },
  { asks: 'What colour does it rinse?', protocol: 'rinse-colour', answers: ['rinseColour'] },
  { asks: 'Does anything live in it?', protocol: 'pests', answers: ['pests'] },
  { asks: 'What are the flakes and beads?', protocol: 'unknowns', answers: ['unknownRub', 'unknownFloat', 'swelling'] },
  { asks: 'How acid is it?', protocol: 'ph-1to5', answers: ['pH'] },
  { asks: 'How salty is it?', protocol: 'ec-1to2', answers: ['ec_dSm'] },
];

/** What a card answers of a check so far. */
export function answersOf(check: IntakeCheck, figures: readonly LotFigure[]): LotFigure[] {
  return check.answers.flatMap((key) => figures.find((figure) => figure.property === key) ?? []);
}

/** A bag that differs from its label by less than this share is as stated. */
const AS_STATED = 0.02;

/** Label against what was poured out, as a share of the label; undefined where one of them is not known. */
export function labelMiss(packVolume_L: number | undefined, figures: readonly LotFigure[]): number | undefined {
  const poured = figures.find((figure) => figure.property === 'bagVolume_L')?.summary.mean;
  return poured === undefined || packVolume_L === undefined ? undefined : poured / packVolume_L - 1;
}

function labelSentence(packVolume_L: number | undefined, figures: readonly LotFigure[]): string {
  if (packVolume_L === undefined) return 'The label’s volume is not noted.';
  const label = `The label says ${amount(packVolume_L, 'L', decimalsOf(packVolume_L))}`;
  const miss = labelMiss(packVolume_L, figures);
  if (miss === undefined) return `${label}; nobody has poured it out yet.`;
  if (Math.abs(miss) < AS_STATED) return `${label}, and that is what came.`;
  return `${label}; poured out it was ${fixed(100 * Math.abs(miss), 0)} % ${miss < 0 ? 'less' : 'more'}.`;
}

function faultSentence(figures: readonly LotFigure[]): string | undefined {
  const perL = (key: PropertyKey): number | undefined =>
    figures.find((figure) => figure.property === key)?.summary.mean;
  const [foreign, unknown] = [perL('foreignPerL'), perL('unknownPerL')];
  if (foreign === undefined) return undefined;
  const pieces = `${fixed(foreign, 1)} foreign ${foreign === 1 ? 'piece' : 'pieces'} in a litre`;
  return unknown === undefined || unknown === 0
    ? `${pieces}.`
    : `${pieces}, and ${fixed(unknown, 1)} that nobody could name: look again in weeks 2 and 6.`;
}

/** What came, in a sentence or two. */
export function intakeSentence(packVolume_L: number | undefined, { figures }: Pick<LotCard, 'figures'>): string {
  return [labelSentence(packVolume_L, figures), faultSentence(figures)].filter((one) => one !== undefined).join(' ');
}
