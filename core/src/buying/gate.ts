/** What is looked at on a load before it is tipped. */
export const GATE_SMELLS = ['earthy', 'none', 'sour', 'ammonia', 'chemical'] as const;
export type GateSmell = (typeof GATE_SMELLS)[number];
export const GATE_MOISTURES = ['dust dry', 'just moist', 'moist', 'dripping'] as const;
export type GateMoisture = (typeof GATE_MOISTURES)[number];

export const GATE_SMELL_WORDS: Readonly<Record<GateSmell, string>> = Object.freeze({
  earthy: 'earthy',
  none: 'none',
  sour: 'sour',
  ammonia: 'ammonia',
  chemical: 'chemical',
});
export const GATE_MOISTURE_WORDS: Readonly<Record<GateMoisture, string>> = Object.freeze({
  'dust dry': 'dust dry',
  'just moist': 'just moist',
  moist: 'moist',
  dripping: 'dripping',
});

/** What was seen at the gate; what was not looked at is left out. */
export interface GateSeen {
  /** Pieces of creeping root or weeds in a bucket of 10 L. */
  readonly weeds?: number;
  /** Pieces of plastic, glass, metal in a bucket of 10 L. */
  readonly foreign?: number;
  /** How much warmer its inside is than the air, °C. */
  readonly warmer_C?: number;
  readonly moisture?: GateMoisture;
  readonly smell?: GateSmell;
}

export const GATE_DECISIONS = ['take', 'sort', 'sendBack'] as const;
export type GateDecision = (typeof GATE_DECISIONS)[number];

export interface GateReason {
  readonly says: GateDecision;
  readonly because: string;
}

export interface GateJudged {
  readonly decision: GateDecision;
  readonly reasons: readonly GateReason[];
}

/** From so much on, what a load is sorted for, and what it is sent back for: our own guidance for a bucket of 10 L. */
export const GATE_LIMITS = Object.freeze({
  weeds: { sort: 1, sendBack: 5 },
  foreign: { sort: 1, sendBack: 5 },
  warmer_C: { sort: 10, sendBack: 25 },
});

const worst = (reasons: readonly GateReason[]): GateDecision =>
  [...reasons].sort((a, b) => GATE_DECISIONS.indexOf(b.says) - GATE_DECISIONS.indexOf(a.says))[0]?.says ?? 'take';

function counted(
  value: number | undefined,
  { sort, sendBack }: { readonly sort: number; readonly sendBack: number },
  some: string,
  many: string,
): GateReason[] {
  if (value === undefined || value < sort) return [];
  return value >= sendBack ? [{ says: 'sendBack', because: many }] : [{ says: 'sort', because: some }];
}

/** Take it, sort or set it apart first, or send it back: the worst of what was seen decides, each with its reason. */
export function judgeAtGate({ weeds, foreign, warmer_C, moisture, smell }: GateSeen): GateJudged {
  const reasons: GateReason[] = [
    ...counted(
      weeds,
      GATE_LIMITS.weeds,
      'Some weeds or creeping roots: set it apart, cover it, pick them out.',
      'Creeping roots all through it: they stay in a bed for years.',
    ),
    ...counted(
      foreign,
      GATE_LIMITS.foreign,
      'Some plastic or glass: sieve it with gloves on.',
      'Plastic and glass all through it: nobody gets that out again.',
    ),
    ...counted(
      warmer_C,
      GATE_LIMITS.warmer_C,
      'Warm inside: let it cure, and do not sow in it.',
      'Hot inside: it is not composted to the end.',
    ),
    ...(moisture === 'dripping'
      ? [{ says: 'sort' as const, because: 'Dripping: you pay for water by weight; let it drain first.' }]
      : []),
    ...(moisture === 'dust dry'
      ? [{ says: 'sort' as const, because: 'Dust dry: damp it down before it is tipped; wear a fitted respirator.' }]
      : []),
    ...(smell === 'sour' || smell === 'ammonia'
      ? [{ says: 'sort' as const, because: 'It smells sour or of ammonia: turn it and let it air for some weeks.' }]
      : []),
    ...(smell === 'chemical'
      ? [
          {
            says: 'sendBack' as const,
            because: 'It smells of chemicals: do not handle it; ask what was in the lorry before.',
          },
        ]
      : []),
  ];
  return { decision: worst(reasons), reasons };
}
