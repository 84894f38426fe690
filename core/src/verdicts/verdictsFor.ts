import { findMediaClass } from '../classes';
import { property as faceOf, type PropertyKey } from '../properties';
import { maturityOf, MATURITY_STAGES, type Maturity } from './maturity';
import { GRADES, type Condition, type Grade, type VerdictUse } from './uses';
import type { Judged, VerdictLine } from './verdictLine';

/** What was found of a property: a mean, or the classes that were seen. */
export interface Found {
  readonly property: PropertyKey;
  readonly mean: number;
  /** Places of the classes that were seen, each once. */
  readonly seen?: readonly number[];
  /** What belongs to how it was had, by step: how moist a squeezed handful was. */
  readonly stated?: Readonly<Record<string, number>>;
}

export interface Verdict {
  readonly property: Judged;
  readonly value: number;
  /** The class, where it is judged by classes. */
  readonly word?: string;
  readonly line: VerdictLine;
  readonly says: Grade;
  /** The condition that turned what the line says. */
  readonly turned?: Condition;
}

/** A property of the table that cannot be judged as it was found. */
export interface Unsaid {
  readonly property: Judged;
  readonly because: string;
}

export interface Verdicts {
  readonly use: VerdictUse;
  /** The worst first. */
  readonly verdicts: readonly Verdict[];
  readonly unsaid: readonly Unsaid[];
  readonly maturity?: Maturity;
  /** The worst of them; absent where nothing is judged. */
  readonly overall?: Grade;
}

export interface VerdictsInput {
  readonly lines: readonly VerdictLine[];
  readonly use: VerdictUse;
  readonly conditions?: readonly Condition[];
  readonly materialClass?: string | undefined;
  readonly found: readonly Found[];
}

/** How moist a handful must be for a squeeze to mean something: by the classes dry, just moist, moist, wet. */
const SQUEEZED_MOIST = [1, 2] as const;
/** What should sink: of the others, floating says nothing bad. */
const SINKS = /^(compost|worm|leaf|mushroom|loam|sandy-loam|clay-loam)/;

const worse = (a: Grade, b: Grade): number => GRADES.indexOf(b) - GRADES.indexOf(a);

const holdsFor = (line: VerdictLine, value: number): boolean =>
  value >= (line.from ?? -Infinity) && value < (line.below ?? Infinity);

/** What a line says under the conditions that hold: the first of its own that does turns it. */
function graded(line: VerdictLine, conditions: readonly Condition[]): Pick<Verdict, 'says' | 'turned'> {
  const turning = line.unless?.find(({ condition }) => conditions.includes(condition));
  return turning === undefined ? { says: line.says } : { says: turning.says, turned: turning.condition };
}

function reasonUnsaid({ property, stated }: Found, materialClass: string | undefined): string | undefined {
  const moisture = stated?.moisture;
  if (property === 'squeeze' && moisture !== undefined && !SQUEEZED_MOIST.some((one) => one === moisture))
    return moisture === 0
      ? 'It was squeezed dry: moisten it until a handful just holds, and squeeze again.'
      : 'It was squeezed wet: let it dry until a handful just holds, and squeeze again.';
  if (property === 'floating' && !SINKS.test(findMediaClass(materialClass ?? '')?.id ?? ''))
    return 'Only a compost or a soil is judged by what floats.';
  return undefined;
}

/** The worst verdict over the classes that were seen, or that of the mean. */
function judgedBy(
  input: VerdictsInput,
  property: Judged,
  values: readonly number[],
  wordOf: (value: number) => string | undefined,
): Verdict[] {
  const lines = input.lines.filter((line) => line.property === property && line.use === input.use);
  const all = values.flatMap((value): Verdict[] => {
    const line = lines.find((one) => holdsFor(one, value));
    const word = wordOf(value);
    if (line === undefined) return [];
    return [
      { property, value, ...(word === undefined ? {} : { word }), line, ...graded(line, input.conditions ?? []) },
    ];
  });
  return [...all].sort((a, b) => worse(a.says, b.says)).slice(0, 1);
}

function maturityVerdict(input: VerdictsInput, maturity: Maturity | undefined): Verdict[] {
  if (maturity?.stage === undefined) return [];
  return judgedBy(input, 'maturity', [MATURITY_STAGES.indexOf(maturity.stage)], (value) => MATURITY_STAGES[value]);
}

/**
 * What the table says of what was found, for a use: each property once, by the first of its findings, the worst first.
 *
 * A property judged by classes goes by the worst class that was seen; a number by its mean. A compost's or manure's stage
 * is put together from its findings. What was found in a state that says nothing is named instead of judged.
 */
export function verdictsFor(input: VerdictsInput): Verdicts {
  const { use, found, lines, materialClass } = input;
  const first = new Map<PropertyKey, Found>();
  for (const one of found) if (!first.has(one.property)) first.set(one.property, one);
  const judged = new Set(lines.map(({ property }) => property));
  const unsaid = [...first.values()].flatMap((one): Unsaid[] => {
    const because = judged.has(one.property) ? reasonUnsaid(one, materialClass) : undefined;
    return because === undefined ? [] : [{ property: one.property, because }];
  });
  const silent = new Set(unsaid.map(({ property }) => property));
  const maturity = maturityOf(
    new Map([...first].map(([property, { mean, seen }]) => [property, seen === undefined ? mean : Math.max(...seen)])),
  );
  const verdicts = [
    ...maturityVerdict(input, maturity),
    ...[...first.values()]
      .filter(({ property }) => !silent.has(property))
      .flatMap(({ property, mean, seen }) =>
        judgedBy(input, property, seen ?? [mean], (value) => faceOf(property).classes?.[value]),
      ),
  ].sort((a, b) => worse(a.says, b.says));
  const overall = verdicts[0]?.says;
  return {
    use,
    verdicts,
    unsaid,
    ...(maturity === undefined ? {} : { maturity }),
    ...(overall === undefined ? {} : { overall }),
  };
}
