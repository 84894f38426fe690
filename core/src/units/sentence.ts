import { keptFor, METRIC, shownSign, shownValue, type UnitChoice } from './choice';

/** A number of the core's sentences, or two with a dash or a word between, and the unit behind it. Rates are none. */
const MEASURE =
  /(?<![\d.,/–-])(?<from>\d+(?:\.\d+)?)(?:(?<between> to |–|-)(?<to>\d+(?:\.\d+)?))? (?<kept>mL|L|m³|kg|g|cm|m|°C|dS\/m)(?![\w/³²])/g;

/** As many figures as it was written with, two at least. */
function figures(text: string, value: number): string {
  const written = text.replace('.', '').replace(/^0+/, '').length;
  return String(Number(value.toPrecision(Math.max(2, written))));
}

/**
 * A sentence that was written metric, in the units of somebody who reads others: "Soak it in 12 L of water" in gallons.
 *
 * Grain sizes in mm are part of a name, and rates such as g/L are no measure of the table: both stay.
 */
export function sentenceIn(text: string, choice: UnitChoice): string {
  if (Object.entries(METRIC).every(([kind, sign]) => choice[kind as keyof UnitChoice] === sign)) return text;
  return text.replaceAll(MEASURE, (whole: string, ...found: unknown[]) => {
    const {
      from,
      between,
      to,
      kept: written,
    } = found.at(-1) as Record<'from' | 'kept', string> & {
      readonly between?: string;
      readonly to?: string;
    };
    const { kept } = keptFor(Number(to ?? from), written, choice);
    if (shownSign(kept, choice) === written) return whole;
    const scale = kept === written ? 1 : 1000;
    const said = (number: string): string => figures(number, shownValue(scale * Number(number), kept, choice));
    const both = to === undefined ? said(from) : `${said(from)}${between ?? ''}${said(to)}`;
    return `${both} ${shownSign(kept, choice)}`;
  });
}
