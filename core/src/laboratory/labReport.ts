import { findMediaClass } from '../classes';
import { seededRandom } from '../scoring';

/** One line of a laboratory's report. */
interface ReportLine {
  readonly name: string;
  readonly value: string;
  readonly unit: string;
}

/** How many mg per litre of medium a water extract gives for each dS/m of salts, and the scatter between labs. */
const PER_dSm: readonly (readonly [string, number])[] = [
  ['Nitrate N', 62],
  ['Ammonium N', 6],
  ['Phosphorus', 11],
  ['Potassium', 118],
  ['Calcium', 74],
  ['Magnesium', 24],
  ['Sulphur', 41],
  ['Iron', 0.9],
  ['Manganese', 0.35],
  ['Zinc', 0.22],
  ['Copper', 0.06],
  ['Boron', 0.14],
  ['Sodium', 31],
  ['Chloride', 46],
];
const SCATTER = 0.18;
/** EC where no class is named, dS/m. */
const USUAL_EC_dSm = 0.6;
/** Families that burn to ash, and the others. */
const MINERAL = /sand|grit|pumice|perlite|vermiculite|scoria|brick|clay|limestone|gravel|loam/;
const ORGANIC = Object.freeze({ mineral: 0.02, other: 0.82 });

const PLACES = 3;

const written = (value: number): string => String(Number(value.toPrecision(PLACES)));

function linesOf(classId: string | undefined, seed: number): ReportLine[] {
  const mediaClass = classId === undefined ? undefined : findMediaClass(classId);
  const random = seededRandom(seed);
  const scattered = (mean: number): number =>
    Math.max(0, mean * (1 + SCATTER * (random() + random() + random() - 1.5)));
  const [lo, hi] = mediaClass?.ec_1to2_dSm.range ?? [USUAL_EC_dSm, USUAL_EC_dSm];
  const ec = scattered((lo + hi) / 2);
  const organic = MINERAL.test(mediaClass?.id ?? '') ? ORGANIC.mineral : ORGANIC.other;
  return [
    ...PER_dSm.map(([name, perL]) => ({ name, value: written(scattered(perL * ec)), unit: 'mg/L' })),
    { name: 'Organic matter', value: written(Math.min(99, 100 * scattered(organic))), unit: '%' },
  ];
}

/**
 * Report of the practice laboratory on a sample of a class: made up, within what the class usually has, and the same
 * for the same seed. It is a text of lines `name;value;unit` with a head, as laboratories send it.
 */
export function practiceReport(sample: string, classId: string | undefined, seed: number): string {
  const lines = linesOf(classId, seed).map(({ name, value, unit }) => `${name};${value};${unit}`);
  return ['Practice laboratory, made-up figures', `Sample;${sample}`, 'Method;water extract', ...lines].join('\n');
}
