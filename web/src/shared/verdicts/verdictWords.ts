import {
  CONDITION_WORDS,
  property,
  STAGE_WORDS,
  type Condition,
  type Grade,
  type Judged,
  type PartVerdict,
  type Verdict,
} from '@bent-pail/core';
import { fixed } from '../../kit/format';
import { amount } from '../units/mine';

export const GRADE_WORDS: Readonly<Record<Grade, string>> = { good: 'good', bearable: 'bearable', not: 'not' };

export const judgedName = (judged: Judged): string => (judged === 'maturity' ? 'Maturity' : property(judged).label);

const percent = (share: number): string => `${fixed(share * 100, 0)} %`;

/** What was found, as it is judged: a class by its word, a number with its unit. */
export function foundWords({ property: judged, value, word }: Verdict): string {
  if (word !== undefined || judged === 'maturity') return word ?? '';
  const { digits, unit } = property(judged);
  return amount(value, unit, digits).trim();
}

/** How much of a mix it may be, and from when on. */
export function limitWords({ line }: Verdict): string {
  const share = line.share === undefined ? [] : [`at most ${percent(line.share)} of a mix`];
  const stage = line.stage === undefined ? [] : [STAGE_WORDS[line.stage]];
  const said = [...share, ...stage].join(', ');
  return said === '' ? '' : `${said[0]?.toUpperCase() ?? ''}${said.slice(1)}.`;
}

/** What would turn it: "Good where the ground is wet." */
export function unlessWords({ line, turned }: Verdict): string {
  if (turned !== undefined) return `Here because ${CONDITION_WORDS[turned]}; otherwise ${GRADE_WORDS[line.says]}.`;
  const byGrade = new Map<Grade, Condition[]>();
  for (const { condition, says } of line.unless ?? []) byGrade.set(says, [...(byGrade.get(says) ?? []), condition]);
  return [...byGrade]
    .map(([says, conditions]) => {
      const word = GRADE_WORDS[says];
      return `${word[0]?.toUpperCase() ?? ''}${word.slice(1)} where ${conditions.map((one) => CONDITION_WORDS[one]).join(' or ')}.`;
    })
    .join(' ');
}

export const tooMuchWords = ({ line }: PartVerdict, share: number): string =>
  `${percent(share)} of the mix is more than the ${percent(line.share ?? 0)} that it may be.`;
