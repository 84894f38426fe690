import { said } from '../errors';
import type { LotCard, LotFigure } from '../lots';
import type { PropertyKey } from '../properties';
import type { Claim, ClaimVerdict, Evidence } from './claim';
import { whyUntestable } from './readClaims';

/** What a bench found that bears on a claim. */
export interface ClaimFinding {
  readonly property: PropertyKey;
  readonly sentence: string;
  /** What it makes of the claim, where it decides it. */
  readonly verdict?: ClaimVerdict;
  readonly evidence: Evidence;
}

type Said = Omit<ClaimFinding, 'property' | 'evidence'>;

interface Rule {
  readonly property: PropertyKey;
  /** Claims that it bears on. */
  readonly bears: (claim: Claim) => boolean;
  readonly says: (value: number, claim: Claim, pack_L: number | undefined, classed?: string) => Said;
}

/** Short of its label by more than this share is short; ours, near what tests of bagged goods allow. */
export const SHORT_BY = 0.05;
/** As far as pH may lie from what is said: extracts differ by as much. */
const NEAR_pH = 0.3;
/** Half as much again or half as little: extracts of EC differ by as much where none is named. */
const NEAR_EC = 1.5;

const percent = (share: number): string => `${String(Math.round(100 * share))} %`;
const words =
  (pattern: RegExp) =>
  ({ text, footnote = '' }: Claim): boolean =>
    pattern.test(`${text} ${footnote}`);

/** One number, or two with a dash or "to" between, behind a word. */
function rangeAfter(text: string, word: RegExp): readonly [number, number] | undefined {
  const found = new RegExp(
    `${word.source}\\D{0,20}?(\\d+(?:[.,]\\d+)?)(?:\\s*(?:-|–|to)\\s*(\\d+(?:[.,]\\d+)?))?`,
    'i',
  ).exec(text);
  if (found?.[1] === undefined) return undefined;
  const from = Number(found[1].replace(',', '.'));
  return [from, found[2] === undefined ? from : Number(found[2].replace(',', '.'))];
}

const RULES: readonly Rule[] = [
  {
    property: 'bagVolume_L',
    bears: ({ kind }) => kind === 'volume',
    says: (litres, _, pack_L) => {
      if (pack_L === undefined) return { sentence: `Poured out it gave ${litres.toFixed(1)} L.` };
      const short = 1 - litres / pack_L;
      return litres < (1 - SHORT_BY) * pack_L
        ? {
            sentence: `Short by ${percent(short)}: it gave ${litres.toFixed(1)} L of ${said(pack_L)} L.`,
            verdict: 'notSupported',
          }
        : { sentence: `Poured out it gave ${litres.toFixed(1)} L of ${said(pack_L)} L.`, verdict: 'supported' };
    },
  },
  {
    property: 'pH',
    bears: words(/\bpH\b/i),
    says: (pH, { text }) => {
      const said = rangeAfter(text, /pH/);
      if (said === undefined) return { sentence: `pH ${pH.toFixed(1)}, 1:5 in water.` };
      const off = pH < said[0] ? pH - said[0] : pH > said[1] ? pH - said[1] : 0;
      return Math.abs(off) > NEAR_pH
        ? {
            sentence: `pH ${pH.toFixed(1)} here, ${Math.abs(off).toFixed(1)} ${off > 0 ? 'above' : 'under'} what it says.`,
            verdict: 'notSupported',
          }
        : { sentence: `pH ${pH.toFixed(1)} here, as it says.`, verdict: 'supported' };
    },
  },
  {
    property: 'ec1to5',
    bears: words(/\bEC\b|conductivity|\bsalt/i),
    says: (ec, { text }) => {
      const said = rangeAfter(text, /EC/);
      if (said === undefined) return { sentence: `EC ${ec.toFixed(2)} dS/m in 1:5.` };
      const far = ec > said[1] * NEAR_EC || ec < said[0] / NEAR_EC;
      return {
        sentence: `EC ${ec.toFixed(2)} dS/m here in 1:5; compare the extract before the figure.`,
        ...(far ? {} : { verdict: 'supported' as const }),
      };
    },
  },
  {
    property: 'floating',
    bears: words(/compost|soil|loam|humus|manure/i),
    says: (share) => ({ sentence: `${percent(share)} of its dry weight floated: bark and wood that has not rotted.` }),
  },
  {
    property: 'sandShare',
    bears: words(/loam|soil|sand|clay|silt/i),
    says: (share) => ({ sentence: `${percent(share)} sand by jar.` }),
  },
  {
    property: 'palmGrit',
    bears: words(/loam|soil|sand|compost|humus/i),
    says: (_value, _claim, _pack, classed = '') => ({ sentence: `Rubbed in the palm: ${classed}.` }),
  },
  {
    property: 'foreignPerL',
    bears: words(/\bclean\b|plastic|glass|contamin|\bpure\b|screened/i),
    says: (n) =>
      n > 0
        ? { sentence: `${n.toFixed(1)} foreign bits in a litre.`, verdict: 'notSupported' }
        : { sentence: 'No foreign bit in what was looked through.', verdict: 'supported' },
  },
  {
    property: 'weedsPerL',
    bears: words(/weed/i),
    says: (n) =>
      n > 0
        ? { sentence: `${n.toFixed(1)} weed seedlings came up from a litre.`, verdict: 'notSupported' }
        : { sentence: 'No weed came up from it here.', verdict: 'supported' },
  },
  {
    property: 'heating_C',
    bears: words(/matur|ripe|stable|composted|aged|cured/i),
    says: (rise) =>
      rise > 10
        ? {
            sentence: `It still heats itself, ${rise.toFixed(0)} °C above the room: not ripe.`,
            verdict: 'notSupported',
          }
        : { sentence: `It hardly heats itself any more: ${rise.toFixed(0)} °C above the room.`, verdict: 'supported' },
  },
  {
    property: 'cressBeside',
    bears: words(/seed|sow|germinat|matur|ripe/i),
    says: (share) => ({ sentence: `${percent(share)} as much cress came up as on a proven medium.` }),
  },
  {
    property: 'expansion_LperKg',
    bears: words(/makes|expands|swells|opens/i),
    says: (litres) => ({ sentence: `It opened to ${litres.toFixed(1)} L a kilogram here.` }),
  },
];

/** A figure counts as what it rests on: a bench run, a laboratory's report, one grab. */
function evidenceOf({ oneGrab, method, property, runs }: LotFigure): Evidence {
  if (property.startsWith('lab') || method.includes('laboratory')) return 'lab';
  return oneGrab === true || runs.length < 1 ? 'once' : 'measured';
}

/** What the bench found that bears on a claim, in the order of what decides most. Labels are no finding. */
export function findingsFor(claim: Claim, card: LotCard, pack_L?: number): ClaimFinding[] {
  return RULES.flatMap(({ property, bears, says }): ClaimFinding[] => {
    const figure = card.figures.find((one) => one.property === property && one.origin !== 'label');
    if (figure === undefined || !bears(claim)) return [];
    return [{ property, evidence: evidenceOf(figure), ...says(figure.summary.mean, claim, pack_L, figure.words) }];
  });
}

/** A verdict that can be proposed: what a finding decides, else that no bench can tell, with the reason. */
export interface ProposedVerdict {
  readonly verdict: ClaimVerdict;
  readonly evidence?: Evidence;
  readonly because: string;
}

/** What to propose for a claim; nothing where the bench has not looked yet. */
export function proposeVerdict(claim: Claim, findings: readonly ClaimFinding[]): ProposedVerdict | undefined {
  const deciding = findings.find(({ verdict }) => verdict !== undefined);
  if (deciding?.verdict !== undefined)
    return { verdict: deciding.verdict, evidence: deciding.evidence, because: deciding.sentence };
  const untestable = whyUntestable(`${claim.text} ${claim.footnote ?? ''}`);
  if (untestable !== undefined) return { verdict: 'cannotTest', because: untestable };
  if (claim.kind === 'certified')
    return {
      verdict: 'cannotTest',
      evidence: 'supplier',
      because: 'The supplier says so; whoever certifies it can be asked by its number.',
    };
  return undefined;
}
