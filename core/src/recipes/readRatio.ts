import { normalised } from './amount';
import { inDoubt, type ReadRecipe } from './asRead';
import { named, nameOf } from './names';

const RATIO = /(?:^|\s|\()(\d+(?:[.,]\d+)?(?:\s*:\s*\d+(?:[.,]\d+)?)+)(?=$|\s|\))/;
/** "3 to 1"; the other way round, "1 to 3", it could be a range. */
const TO_ONE = /(?:^|\s|\()(\d+(?: to \d+)+)(?=$|\s|\))/;
/** "40/40/20", "80/20": two or more strokes, or more over the stroke than under it, else it is a fraction. */
const SHARES = /(?:^|\s|\()(\d+(?:\/\d+){2,}|\d+\/\d+)(?=$|\s|\))/;

/** A fraction, or a range. */
const mayBeOneAmount = (amounts: readonly number[]): boolean => {
  const [over = 0, under = 0] = amounts;
  return amounts.length === 2 && over < under && over + under !== 100;
};

/** "3:1 bark and pumice", "bark, pumice 3:1", "2:1:1 mix of peat, perlite and sand"; undefined for anything else. */
export function readRatio(text: string): ReadRecipe | undefined {
  const low = normalised(text).replace(/[.]+$/, '');
  const ratio = RATIO.exec(low);
  const found = ratio ?? SHARES.exec(low) ?? TO_ONE.exec(low);
  if (found === null) return undefined;
  const amounts = (found[1] ?? '').split(/[:/]| to /).map((one) => Number(one.trim().replace(',', '.')));
  if (ratio === null && mayBeOneAmount(amounts)) return undefined;
  const others = `${low.slice(0, found.index)} ${low.slice(found.index + found[0].length)}`;
  const names = others
    .replace(/\(|\)/g, ' ')
    .replaceAll(/ +/g, ' ')
    .replace(/\b(?:a |in (?:a )?|at )?(?:mix|blend|mixture|ratio|proportions?)(?: of)?\b|^\s*of\b|\bby volume\b/g, ' ')
    .split(/\s*(?:,|:|\/|\+|&|\band\b|\bto\b|\n)\s*/)
    .map(nameOf)
    .filter((name) => name !== '');
  if (names.length !== amounts.length)
    return inDoubt(
      text,
      `${String(amounts.length)} numbers and ${String(names.length)} names; which belongs to which?`,
    );
  if (amounts.some((amount) => !(amount > 0)))
    return inDoubt(text, 'An amount of nothing; leave it out or say how much.');
  return {
    lines: names.map((name, i) => {
      const amount = amounts[i] as number;
      return { text, ...named(name), lo: amount, hi: amount, unit: 'part' as const };
    }),
    doubts: [],
  };
}
