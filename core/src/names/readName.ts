import { findMediaClassName, mediaClassLabel } from '../classes';
import { grainSize, type SaidSize } from './grainSize';
import { isWord, knownName, LONGEST, unslipped, type KnownName } from './nameTable';
import { wordsOf } from './wordsOf';

/** A class that a name may mean. */
export interface NameProposal {
  readonly classId: string;
  /** 0 to 1. */
  readonly score: number;
  readonly reason: string;
}

/** What a typed name was understood as. */
export interface NameReading {
  /** Best first. */
  readonly proposals: readonly NameProposal[];
  /** The class that may be filled in, shown as understood; absent where it has to be asked. */
  readonly preset?: NameProposal;
  /** What to ask where nothing is filled in. */
  readonly question?: string;
}

/** What is filled in is at least so sure, and leads by so much. */
const SURE = 0.7;
const MARGIN = 0.2;

const SLIP = 0.15;
const STRANGE = 0.1;
/** A stranger before a word that many things share, as grit: "anthracite grit". */
const STRANGE_BEFORE_BROAD = 0.4;
const DOUBT = 0.45;

const set = (words: string): ReadonlySet<string> => new Set(words.split(' '));

/** The name says what it is not. */
const NEGATES = set(
  'free no not non without less instead substitute alternative replacement replacer like unlike artificial fake imitation mock synthetic never',
);
/** What is left when the good was taken out, or what was used before. */
const LEFT_OVER = set(
  'reject screening oversize over undersize tailing twig stick sweeping scalping leftover waste residue used spent second contaminated mixed sifting remainder rest',
);
/** Joins two stuffs to a third. */
const JOINS = set('and with plus mix blend mixture mixed & und');
/** Says how it was treated, sold, or looks; no other stuff. */
const NEUTRAL = set(
  'a an the of from in my our your some this that new fresh raw dry dried moist damp wet washed rinsed unwashed buffered screened sieved unsieved graded sterilised steamed pasteurised crushed broken ground loose compressed bagged baled bale bag sack bulk block aged old rotted composted well matured mature natural pure plain organic local cheap good best better fine coarse medium small large big mini super extra chunky grade graded number no size horticultural garden nursery professional premium standard type quality red grey black white brown yellow dark light golden pink blue green clean granule grain piece bit particle fraction mm cm inch in l litre liter kg g to about approx lot batch year supplier dealer source bought own home kind sort stuff grown small broken finely coarsely very quite nice soft hard imported kiln treated untreated heap pile load bucket barrow tub pail half full handful scoop cup part tonne ton bigbag sample test number one two three',
);
const CONTAINERS = set(
  'bag sack bucket bale barrow tub pail heap pile load handful scoop cup part litre liter l kg g box packet tin crate trug trailer',
);
/** Names that a stranger in front of them makes another thing of. */
const BROAD = set(
  'grit gravel shingle charcoal char loam cork moss sphagnum lime blood horn prill feed surfactant whiting chalk shell coral',
);

interface Match {
  readonly from: number;
  readonly to: number;
  readonly known: KnownName;
  readonly slipped: boolean;
}

const length = ({ from, to }: Match): number => to - from;

/** "a brick of coir" is a coir brick, "char from rice hulls" rice hull char; "a bag of pumice" is pumice. */
function turned(words: readonly string[]): string[] {
  const at = words.findIndex((word) => word === 'of' || word === 'from');
  if (at < 1 || at === words.length - 1) return [...words];
  const [form, stuff] = [words.slice(0, at), words.slice(at + 1)];
  const kept = form.filter(
    (word) => !CONTAINERS.has(word) && !['a', 'an', 'the', 'some', 'old'].includes(word) && !/^\d/.test(word),
  );
  return [...stuff, ...kept];
}

/** Words put right where only one slip of the finger parts them from a known one. */
function corrected(words: readonly string[]): {
  readonly words: readonly string[];
  readonly slips: ReadonlySet<number>;
} {
  const slips = new Set<number>();
  const right = words.map((word, i) => {
    if (isWord(word) || NEUTRAL.has(word) || JOINS.has(word)) return word;
    const meant = unslipped(word);
    if (meant === undefined) return word;
    slips.add(i);
    return meant;
  });
  return { words: right, slips };
}

/** Names of the table in a row of words, longest first, none within another. */
function matchesIn(words: readonly string[], slips: ReadonlySet<number>, tail: ReadonlySet<number>): Match[] {
  const all: Match[] = [];
  for (let from = 0; from < words.length; from += 1)
    for (let to = from + 1; to <= Math.min(words.length, from + LONGEST); to += 1) {
      // A name does not reach over a comma.
      if (tail.has(to - 1) && !tail.has(from)) continue;
      const known = knownName(words.slice(from, to));
      if (known !== undefined) all.push({ from, to, known, slipped: [...slips].some((at) => at >= from && at < to) });
    }
  // Of names as long, one that tells something, then the later one: in English the stuff comes last.
  const tells = ({ known }: Match): number => Math.min(1, known.entry.means.length);
  all.sort(
    (a, b) => length(b) - length(a) || tells(b) - tells(a) || b.to - a.to || b.known.name.length - a.known.name.length,
  );
  const taken: Match[] = [];
  for (const one of all) if (taken.every(({ from, to }) => one.to <= from || one.from >= to)) taken.push(one);
  return taken;
}

const grainOf = (classId: string): number | undefined => findMediaClassName(classId)?.d50_mm.typical;

/** Of classes that their grains tell apart, finest first, the one that the size says. */
function bySize(means: readonly string[], size: SaidSize | undefined): string | undefined {
  if (size === undefined) return undefined;
  if (size.kind === 'fine') return means[0];
  if (size.kind === 'coarse') return means.at(-1);
  const { mm } = size;
  const far = (id: string): number => Math.abs(Math.log(mm / (grainOf(id) ?? mm)));
  return [...means].sort((a, b) => far(a) - far(b))[0];
}

/** Grains of another size than a class has, by more than this factor, are another stuff. */
const OTHER_SIZE = 5;

function isOtherSize(classId: string, size: SaidSize | undefined): boolean {
  const own = grainOf(classId);
  return size?.kind === 'mm' && own !== undefined && Math.abs(Math.log(size.mm / own)) > Math.log(OTHER_SIZE);
}

const labelOf = (classId: string): string => mediaClassLabel(classId) ?? classId;

interface Judged {
  readonly score: number;
  readonly question?: string;
}

/** How much what stands around a match takes from it. */
function around(words: readonly string[], match: Match, others: readonly Match[], tail: ReadonlySet<number>): Judged {
  const isIn = (at: number, { from, to }: Match): boolean => at >= from && at < to;
  const rest = words
    .map((word, at) => ({ word, at }))
    .filter(({ at }) => ![match, ...others].some((one) => isIn(at, one)));
  if (words.some((word) => NEGATES.has(word) && word !== 'no'))
    return { score: DOUBT, question: 'What is it made of, then?' };
  if (words.some((word, at) => word === 'no' && !/^\d/.test(words[at + 1] ?? '')))
    return { score: DOUBT, question: 'What is it made of, then?' };
  const { means } = match.known.entry;
  const other = others.find(({ known }) => !known.entry.means.some((id) => means.includes(id)));
  if (rest.some(({ word }) => JOINS.has(word)) || (other !== undefined && other.known.entry.means.length > 0))
    return { score: DOUBT, question: 'That sounds like more than one stuff. Which one, or put them into a blend?' };
  if (rest.some(({ word }) => LEFT_OVER.has(word)) || (other !== undefined && other.from >= match.to))
    return { score: DOUBT, question: 'Is it the stuff itself, or what was left of it or made from it?' };
  const strangers = rest.filter(({ word }) => !NEUTRAL.has(word) && !/^\d/.test(word) && word.length > 1);
  // What stands behind a stuff without a comma is what it is: a peat pot is a pot.
  if (strangers.some(({ at }) => at >= match.to && !tail.has(at)))
    return { score: DOUBT, question: 'Is it the stuff itself, or something made of it?' };
  const isBroad = length(match) === 1 && BROAD.has(words[match.from] ?? '');
  const before = strangers.filter(({ at }) => at < match.from).length;
  const cost =
    before * (isBroad ? STRANGE_BEFORE_BROAD : STRANGE) +
    (strangers.length - before) * STRANGE +
    (match.slipped ? SLIP : 0);
  return { score: Math.max(DOUBT, 1 - cost) };
}

const ASKED = 'What is it like? Nobody has a common name for it here yet.';

/** Words in the order in which they are looked up: those of `tail` stand apart, behind a comma. */
interface Said {
  readonly words: readonly string[];
  readonly slips: ReadonlySet<number>;
  readonly tail: ReadonlySet<number>;
}

function said(head: readonly string[], tail: readonly string[], isApart: boolean): Said {
  const { words, slips } = corrected([...head, ...tail]);
  return { words, slips, tail: new Set(isApart ? words.flatMap((_, at) => (at >= head.length ? [at] : [])) : []) };
}

/**
 * What a name that somebody typed may mean: classes with a score and a reason, best first; one of them to be filled in
 * where it is sure, else a question. Never a silent identity.
 *
 * The longest common names in it are looked up, one slip of the finger forgiven in a long word; sizes tell grades apart;
 * what negates, joins, or stands behind the stuff raises a doubt. What stands behind a comma may belong in front
 * ("manure, rotted"). Filled in above a score of 0.7 that leads by 0.2.
 * Source: tables of common names, `COMMON_NAMES`, `DOSED_NAMES`.
 * Example: readName('a brick of coir').preset?.classId is coir-pith; readName('perlite') asks how large its grains are.
 */
export function readName(text: string): NameReading {
  const named = text.replace(/\b(?:for|because|which|that is)\b.*$/i, '');
  const size = grainSize(named);
  const unsized = size?.kind === 'mm' ? named.replace(size.words, ' ') : named;
  const [first = '', ...others] = unsized.split(/[,;(]/);
  const head = turned(wordsOf(first));
  const tail = others.flatMap(wordsOf);
  const asWritten = understood(said(head, tail, true), size);
  if (asWritten.preset !== undefined || tail.length === 0) return asWritten;
  const turnedRound = understood(said(tail, head, false), size);
  return turnedRound.preset === undefined ? asWritten : turnedRound;
}

function understood({ words, slips, tail }: Said, size: SaidSize | undefined): NameReading {
  const [match, ...others] = matchesIn(words, slips, tail);
  if (match === undefined) return { proposals: [], question: ASKED };
  const { means, apart } = match.known.entry;
  const { score, question } = around(words, match, others, tail);
  const sized = match.known.entry.bySize === true ? bySize(means, size) : undefined;
  const because = `“${match.known.name}” is a common name of it`;
  const proposals = means
    .map((classId): NameProposal => {
      if (classId === sized) return { classId, score, reason: `${because}, and ${size?.words ?? ''} tells its grade` };
      if (isOtherSize(classId, size))
        return { classId, score: Math.min(score, DOUBT), reason: `${because}, but of another size` };
      const share = means.length === 1 && apart === undefined ? score : Math.min(score, DOUBT);
      return { classId, score: share, reason: match.slipped ? `${because}, but for a letter` : because };
    })
    .sort((a, b) => b.score - a.score);
  const [best, second] = proposals;
  const isSure = best !== undefined && best.score > SURE && best.score - (second?.score ?? 0) >= MARGIN;
  if (isSure) return { proposals, preset: best };
  return { proposals, question: question ?? apart ?? (best === undefined ? ASKED : `Is it ${labelOf(best.classId)}?`) };
}
