import type { LotFacts } from '../lots';
import { groupOf } from '../schools';
import { refuse, requireNotNegative, requirePositive } from '../errors';

export interface BatchLine {
  readonly name: string;
  /** Loose volume that goes into the mix, L. */
  readonly loose_L: number;
  /** What is to be taken from stock for it, before sieving or soaking, L. */
  readonly take_L: number;
  /** What is there; absent where it was never counted. */
  readonly stock_L?: number;
  /** Volume of one bag as bought, L. */
  readonly unit_L?: number;
  readonly dryBulkDensity_gcc: number;
  readonly ec_dSm?: number;
  readonly facts: LotFacts;
}

export interface BatchPlanInput {
  readonly lines: readonly BatchLine[];
  readonly made_L: number;
  /** Water that the blend holds when drained, fraction: handling moisture is a part of it. */
  readonly water: number;
  /** Powders mixed in, g for the whole batch. */
  readonly powders: readonly { readonly name: string; readonly g: number; readonly limes: boolean }[];
}

export const TASKS = ['buy', 'rinse', 'break', 'moisten', 'sieve', 'damp', 'mix', 'retest'] as const;
export type TaskKind = (typeof TASKS)[number];

/** One piece of work, so many hours before (or, negative, after) the mixing. */
export interface BatchTask {
  readonly kind: TaskKind;
  readonly hoursBefore: number;
  readonly what: string;
  readonly why: string;
}

export interface BatchPlan {
  /** By the clock, earliest first. */
  readonly tasks: readonly BatchTask[];
  /** Names in the order in which they go in. */
  readonly order: readonly string[];
  /** Water that brings the batch to where it can be handled, L, and what it brings along. */
  readonly water_L: number;
  readonly there_L: number;
  /** Parts whose moisture nobody measured; they count as dry. */
  readonly takenAsDry: readonly string[];
  readonly hazards: readonly string[];
}

/** Our guidance: how long before mixing each thing starts, h, and from what EC a part is rinsed, dS/m. */
export const BATCH = Object.freeze({
  hoursBefore: { buy: 72, rinse: 48, break: 24, moisten: 16, sieve: 4, damp: 1, mix: 0, retest: -24 * 21 },
  rinseAbove_dSm: 1,
  /** Handling moisture: a fistful holds and crumbles at a touch. Part of the water that it holds when drained. */
  handling: 0.5,
});

const litres = (value: number): string => `${value.toFixed(value < 10 ? 1 : 0)} L`;

/** What carries free salts. Of a compost rinsing takes the food as well, of charcoal nothing that stays out. */
const FREE_SALTS = /^(coir|sand|grit|limestone|clay-expanded|zeolite)/;

/** What has to be prepared of one line, and when. */
function tasksOf(line: BatchLine): BatchTask[] {
  const { name, loose_L, take_L, stock_L, unit_L, ec_dSm, facts } = line;
  const task = (kind: TaskKind, what: string, why: string): BatchTask => ({
    kind,
    hoursBefore: BATCH.hoursBefore[kind],
    what,
    why,
  });
  const tasks: BatchTask[] = [];
  const short_L = stock_L === undefined ? 0 : take_L - stock_L;
  if (short_L > 1e-6) {
    const bags = unit_L === undefined ? '' : `, ${String(Math.ceil(short_L / unit_L - 1e-9))} × ${litres(unit_L)}`;
    tasks.push(task('buy', `Get ${litres(short_L)} of ${name}${bags}`, 'What is there does not reach.'));
  }
  if (facts.expansion_LperKg !== undefined) {
    const kg = loose_L / facts.expansion_LperKg;
    const water = facts.prepWater_L === undefined ? '' : ` in ${litres(facts.prepWater_L * loose_L)} of water`;
    tasks.push(
      task(
        'break',
        `Soak ${kg.toFixed(1)} kg of ${name}${water}, fluff it`,
        'A block takes a day to open to its full volume.',
      ),
    );
  }
  if (ec_dSm !== undefined && ec_dSm >= BATCH.rinseAbove_dSm && FREE_SALTS.test(facts.materialClass ?? ''))
    tasks.push(task('rinse', `Rinse ${litres(loose_L)} of ${name}`, `Its EC is ${ec_dSm.toFixed(1)} dS/m.`));
  if (facts.wettability !== undefined && /^(moderate|strong|slight until)/.test(facts.wettability))
    tasks.push(
      task('moisten', `Moisten ${litres(loose_L)} of ${name} and leave it closed overnight`, 'Dry, it sheds water.'),
    );
  if (facts.sieveYield !== undefined && facts.sieveYield < 1)
    tasks.push(
      task('sieve', `Sieve ${litres(take_L)} of ${name}`, `${(100 * facts.sieveYield).toFixed(0)} % of it is kept.`),
    );
  if (facts.hazards.some((hazard) => hazard.includes('dust')))
    tasks.push(task('damp', `Damp down ${name}`, 'Its dust is kept out of the air.'));
  return tasks;
}

/** Bulky and fibrous first, then earth, then grains; what breaks goes in last. */
function placeOf({ facts }: BatchLine): number {
  if (/^(perlite|vermiculite)/.test(facts.materialClass ?? '')) return 4;
  switch (groupOf(facts.materialClass)) {
    case 'peat':
    case 'coir':
    case 'bark':
    case 'wood':
      return 0;
    case 'compost':
    case 'char':
      return 1;
    case 'loam':
      return 2;
    default:
      return 3;
  }
}

/** Water that a line brings along, L: moisture is of its weight as it came. */
function waterIn({ loose_L, dryBulkDensity_gcc, facts: { moisture } }: BatchLine): number {
  return moisture === undefined ? 0 : (loose_L * dryBulkDensity_gcc * moisture) / (1 - moisture);
}

/**
 * The work of one batch: what to get, soak, rinse, moisten, sieve and damp, and how long before mixing; the order in
 * which parts go in; the water that brings it to handling moisture.
 *
 * Water wanted = half of what the blend holds drained x volume made; less what the parts bring, each loose volume x dry
 * bulk density x m / (1 - m). Throws for nothing made, no line, a moisture of 1 or more.
 * Source: usual practice; times and the part of the water are our own guidance.
 */
export function batchPlan(input: BatchPlanInput): BatchPlan {
  const { lines, powders } = input;
  requirePositive('made_L', input.made_L, 'L');
  if (lines.length === 0) refuse('lines', 'give at least one line');
  lines.forEach(({ loose_L, facts }, i) => {
    requireNotNegative(`lines[${String(i)}].loose_L`, loose_L, 'L');
    if (facts.moisture !== undefined && !(facts.moisture >= 0 && facts.moisture < 1))
      refuse(`lines[${String(i)}].facts.moisture`, `${String(facts.moisture)} must be 0 or more and under 1`);
  });
  const there_L = lines.reduce((sum, line) => sum + waterIn(line), 0);
  const wanted_L = BATCH.handling * input.water * input.made_L;
  const powdered = powders.filter(({ g }) => g > 0);
  const mix: BatchTask = {
    kind: 'mix',
    hoursBefore: 0,
    what: `Mix ${litres(input.made_L)}${powdered.length === 0 ? '' : `, with ${powdered.map(({ name, g }) => `${g.toFixed(g < 100 ? 1 : 0)} g of ${name}`).join(' and ')}`}`,
    why: 'Turn it until no stripe is seen, and no longer: soft parts break.',
  };
  const retest: BatchTask[] = powdered.some(({ limes }) => limes)
    ? [{ kind: 'retest', hoursBefore: BATCH.hoursBefore.retest, what: 'Test the pH again', why: 'Lime takes weeks.' }]
    : [];
  const sorted = [...lines].sort((a, b) => placeOf(a) - placeOf(b) || b.loose_L - a.loose_L);
  return {
    tasks: [...lines.flatMap(tasksOf), mix, ...retest].sort((a, b) => b.hoursBefore - a.hoursBefore),
    order: [
      ...powdered.map(({ name }) => `${name}, stirred into a scoop of the driest part`),
      ...sorted.map(({ name }) => name),
    ],
    water_L: Math.max(0, wanted_L - there_L),
    there_L,
    takenAsDry: lines.filter(({ facts }) => facts.moisture === undefined).map(({ name }) => name),
    hazards: [...new Set(lines.flatMap(({ facts }) => facts.hazards))],
  };
}
