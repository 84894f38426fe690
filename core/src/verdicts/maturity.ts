import { PROPERTIES, type PropertyKey } from '../properties';

/** How far a compost or manure has come. */
export const MATURITY_STAGES = ['raw', 'curing', 'ripe'] as const;
export type MaturityStage = (typeof MATURITY_STAGES)[number];

/** One finding, and the stage that it speaks for. */
export interface MaturityEvidence {
  readonly property: PropertyKey;
  readonly value: number;
  readonly stage: MaturityStage;
}

export interface Maturity {
  /** Absent where what was found is too little to call it ripe. */
  readonly stage?: MaturityStage;
  readonly evidence: readonly MaturityEvidence[];
  /** What would still have to be looked at before it may be called ripe. */
  readonly wanted: readonly PropertyKey[];
}

/** Warmer than the room by less is cool, by more is at work, °C; cress of a proven medium's: as good, or held back. */
export const MATURITY_LIMITS = Object.freeze({ cool_C: 3, hot_C: 10, cressAsGood: 0.9, cressHeldBack: 0.7 });

/** Findings that a stage may rest on alone; the others only support them. */
const TELLING = ['heating_C', 'bagSmell', 'cressBeside'] as const;
const EVIDENCE_FOR_RIPE = 3;

const byClass = (property: 'smell' | 'recognisable' | 'bagSmell', stages: Readonly<Record<string, MaturityStage>>) => {
  const { classes } = PROPERTIES[property];
  return (value: number): MaturityStage | undefined => stages[classes?.[Math.round(value)] ?? ''];
};

const STAGE_BY: Readonly<Partial<Record<PropertyKey, (value: number) => MaturityStage | undefined>>> = {
  heating_C: (value) => (value < MATURITY_LIMITS.cool_C ? 'ripe' : value < MATURITY_LIMITS.hot_C ? 'curing' : 'raw'),
  bagSmell: byClass('bagSmell', { earthy: 'ripe', weak: 'curing', 'sour or ammonia': 'raw' }),
  cressBeside: (value) =>
    value >= MATURITY_LIMITS.cressAsGood ? 'ripe' : value >= MATURITY_LIMITS.cressHeldBack ? 'curing' : 'raw',
  smell: byClass('smell', { earthy: 'ripe', neutral: 'ripe', woody: 'ripe', sour: 'curing', ammonia: 'raw' }),
  // Straw and bark show long after the heap is ripe: bits alone never make it raw.
  recognisable: byClass('recognisable', { none: 'ripe', 'a few': 'curing', many: 'curing' }),
};

/**
 * Stage of a compost or manure from what was found, by property: classes by their place, heat above the room in °C,
 * cress as a part of what came up on a proven medium.
 *
 * The least ripe finding decides. Ripe takes three findings, one of them the bag or the cress; nothing is said of a lot
 * of which neither heat, bag nor cress is known. Source: our own guidance.
 */
export function maturityOf(found: ReadonlyMap<PropertyKey, number>): Maturity | undefined {
  if (!TELLING.some((property) => found.has(property))) return undefined;
  const evidence = (Object.keys(STAGE_BY) as PropertyKey[]).flatMap((property): MaturityEvidence[] => {
    const value = found.get(property);
    const stage = value === undefined ? undefined : STAGE_BY[property]?.(value);
    return value === undefined || stage === undefined ? [] : [{ property, value, stage }];
  });
  const least = MATURITY_STAGES.find((stage) => evidence.some((one) => one.stage === stage));
  const wanted = (Object.keys(STAGE_BY) as PropertyKey[]).filter((property) => !found.has(property));
  const isEnough = evidence.length >= EVIDENCE_FOR_RIPE && (found.has('bagSmell') || found.has('cressBeside'));
  if (least === undefined || (least === 'ripe' && !isEnough)) return { evidence, wanted };
  return { stage: least, evidence, wanted };
}
