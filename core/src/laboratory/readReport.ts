import { LAB_REPORT } from '../protocols';
import { parseNumber } from '../runs';
import type { Step } from '../sheets';

/** A line of a report that a step of the sheet takes. */
export interface ReadLine {
  readonly step: Step;
  readonly value: number;
  readonly text: string;
}

/** A line with a number that is not taken, and why. */
export interface UnreadLine {
  readonly text: string;
  readonly why: string;
}

export interface ReadReport {
  readonly read: readonly ReadLine[];
  readonly unread: readonly UnreadLine[];
}

/** Names that laboratories use, by the key of the step. */
const NAMES: Readonly<Record<string, readonly string[]>> = {
  nitrate: ['nitrate n', 'nitrate nitrogen', 'no3 n', 'no3-n', 'n (nitrate)'],
  ammonium: ['ammonium n', 'ammonium nitrogen', 'nh4 n', 'nh4-n', 'n (ammonium)'],
  phosphorus: ['phosphorus', 'p'],
  potassium: ['potassium', 'k'],
  calcium: ['calcium', 'ca'],
  magnesium: ['magnesium', 'mg'],
  sulphur: ['sulphur', 'sulfur', 's'],
  iron: ['iron', 'fe'],
  manganese: ['manganese', 'mn'],
  zinc: ['zinc', 'zn'],
  copper: ['copper', 'cu'],
  boron: ['boron', 'b'],
  sodium: ['sodium', 'na'],
  chloride: ['chloride', 'cl'],
  organic: ['organic matter', 'loss on ignition', 'loi'],
};

/** Units that are the step's own under another name; others are asked about, never converted in silence. */
const SAME_UNIT: Readonly<Record<string, readonly string[]>> = {
  'mg/L': ['mg/l', 'mg / l', 'mg per l', 'mg per litre', 'ppm in extract'],
  '%': ['%', 'percent', 'per cent'],
};

/** Oxides and ions are other numbers than the element: they are not taken for it. */
const OTHER_FORM = /(k2o|p2o5|mgo|cao|so4|no3$|nitrate$|nh4$|ammonium$)/;

function stepNamed(name: string): Step | undefined {
  const plain = name.toLowerCase().replaceAll(/\s+/g, ' ').trim();
  const key = Object.keys(NAMES).find((one) => NAMES[one]?.includes(plain));
  return LAB_REPORT.steps.find((step) => step.key === key);
}

/** Letters of a report, and of one line of it: a line is a name, a number and a unit. */
export const REPORT_LIMITS = Object.freeze({ letters: 20_000, line: 200 });

/** Parts of a line: name, value, unit, between semicolons, tabs, or the last two words. */
function partsOf(line: string): readonly [string, string, string] | undefined {
  const cells = line.split(/[;\t]/).map((cell) => cell.trim());
  if (cells.length >= 2) return [cells[0] as string, cells[1] as string, cells[2] ?? ''];
  return spokenParts(line);
}

/** "Potassium: 180 mg/L": the number is the last word that begins as one, behind a name. */
function spokenParts(line: string): readonly [string, string, string] | undefined {
  const words = line.split(' ');
  const at = words.findLastIndex((word) => /^[<>]?-?[\d.,]+$/.test(word));
  if (at < 1) return undefined;
  const isLimit = words[at - 1] === '<' || words[at - 1] === '>';
  const name = words.slice(0, isLimit ? at - 1 : at).join(' ');
  const unit = words.slice(at + 1).join(' ');
  if (name === '' || /\d$/.test(name) || /\d/.test(unit)) return undefined;
  return [name.replace(/ ?:$/, ''), `${isLimit ? (words[at - 1] ?? '') : ''}${words[at] ?? ''}`, unit];
}

function readLine(text: string): ReadLine | UnreadLine | undefined {
  const parts = partsOf(text);
  if (parts === undefined || !/^[<>]?\s*-?[\d.,]/.test(parts[1])) return undefined;
  const [name, value, unit] = parts;
  const step = stepNamed(name);
  if (step === undefined) {
    const form = OTHER_FORM.test(name.toLowerCase())
      ? 'is another form than the element; work it out and type it'
      : 'is not on the sheet';
    return { text, why: `${name} ${form}` };
  }
  if (/^[<>]/.test(value)) return { text, why: `${value} is a limit, not a value` };
  const typed = parseNumber(value);
  if (typed.kind !== 'number')
    return { text, why: typed.kind === 'ask' ? `${value} could be two numbers` : typed.sentence };
  if (unit === '') return { text, why: `no unit is given; the sheet takes ${step.unit}` };
  if (unit !== step.unit && SAME_UNIT[step.unit]?.includes(unit.toLowerCase()) !== true)
    return { text, why: `is in ${unit}, and the sheet takes ${step.unit}` };
  const [lo, hi] = step.bounds;
  if (typed.value < lo || typed.value > hi)
    return { text, why: `${value} lies outside ${String(lo)} to ${String(hi)} ${step.unit}` };
  return { step, value: typed.value, text };
}

/**
 * A laboratory's report as text, read into the steps of the report sheet.
 *
 * A line is a name, a number and a unit, between semicolons, tabs or spaces. What has another unit, another form of the
 * element, a limit instead of a value, or a name that the sheet does not know is not taken and says why. A second line
 * for the same step is not taken either. Lines without a number are passed over. More than `REPORT_LIMITS` is not read.
 */
export function readLabReport(report: string): ReadReport {
  const read: ReadLine[] = [];
  const unread: UnreadLine[] = [];
  if (report.length > REPORT_LIMITS.letters)
    return { read, unread: [{ text: report.slice(0, 60), why: 'is over 20,000 letters; paste the figures alone' }] };
  for (const given of report.split('\n')) {
    if (given.length > REPORT_LIMITS.line) {
      unread.push({ text: given.slice(0, 60), why: 'is longer than a line of a report' });
      continue;
    }
    const text = given.replaceAll(/[^\S\t]+/g, ' ').trim();
    const line = text === '' ? undefined : readLine(text);
    if (line === undefined) continue;
    if ('why' in line) unread.push(line);
    else if (read.some((one) => one.step.key === line.step.key))
      unread.push({ text, why: `${line.step.label} stands in the report twice` });
    else read.push(line);
  }
  return { read, unread };
}
