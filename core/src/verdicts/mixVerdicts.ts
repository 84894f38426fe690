import type { Condition, VerdictUse } from './uses';
import type { Judged, VerdictLine } from './verdictLine';
import { verdictsFor, type Found, type Verdict, type Verdicts } from './verdictsFor';

/** One part of a mix: what was found of it, and its part of the volume put in, 0..1. */
export interface MixPart {
  readonly name: string;
  readonly share: number;
  readonly found: readonly Found[];
  readonly materialClass?: string | undefined;
}

export interface PartVerdict extends Verdict {
  /** There is more of it than its line allows. */
  readonly tooMuch?: true;
}

export interface MixVerdicts {
  readonly whole: Verdicts;
  /** Parts that something is to be said of: their worst first. */
  readonly parts: readonly {
    readonly name: string;
    readonly share: number;
    readonly verdicts: readonly PartVerdict[];
  }[];
  /** Parts whose weeds nobody counted, where those of others were. */
  readonly weedsUnknown: readonly string[];
}

export interface MixInput {
  readonly lines: readonly VerdictLine[];
  readonly use: VerdictUse;
  readonly conditions?: readonly Condition[];
  readonly parts: readonly MixPart[];
  /** What is predicted of the whole. */
  readonly predicted: readonly Found[];
}

/** What mixing does not thin: a raw manure, a smell, a pest are in the pot however little there is. Salt is predicted. */
const STAYS: ReadonlySet<Judged> = new Set<Judged>(['maturity', 'smell', 'pests']);

const weedsOf = ({ found }: MixPart): number | undefined =>
  found.find(({ property }) => property === 'weedsPerL')?.mean;

/** Seedlings in a litre of the mix, from the parts that were counted. */
function weedsFound(parts: readonly MixPart[]): Found[] {
  const counted = parts.flatMap((part) => {
    const weeds = weedsOf(part);
    return weeds === undefined ? [] : [part.share * weeds];
  });
  if (counted.length === 0) return [];
  return [{ property: 'weedsPerL', mean: counted.reduce((sum, one) => sum + one, 0) }];
}

function partVerdict(verdict: Verdict, share: number): PartVerdict {
  const most = verdict.line.share;
  return most !== undefined && share > most ? { ...verdict, says: 'not', tooMuch: true } : verdict;
}

/**
 * What the table says of a mix for a use: of the whole by what is predicted of it and by the weeds that its parts bring
 * along; of each part by what mixing does not thin, and by the largest share that its line allows.
 */
export function mixVerdicts({ lines, use, conditions = [], parts, predicted }: MixInput): MixVerdicts {
  const whole = verdictsFor({ lines, use, conditions, found: [...predicted, ...weedsFound(parts)] });
  const judged = parts.map(({ name, share, found, materialClass }) => ({
    name,
    share,
    verdicts: verdictsFor({ lines, use, conditions, found, materialClass })
      .verdicts.filter(({ property }) => STAYS.has(property))
      .map((verdict) => partVerdict(verdict, share)),
  }));
  const isCounted = parts.some((part) => weedsOf(part) !== undefined);
  return {
    whole,
    parts: judged.filter(({ verdicts }) => verdicts.length > 0),
    weedsUnknown: isCounted ? parts.filter((part) => weedsOf(part) === undefined).map(({ name }) => name) : [],
  };
}
