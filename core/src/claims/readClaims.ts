import type { Claim, ClaimKind } from './claim';

/** Signs that lead to a footnote, longest first. */
const SIGNS = ['***', '**', '*', '††', '†', '‡', '¹', '²', '³'] as const;

/** Statements of a label at most; a text beyond is a catalogue. */
export const MOST_CLAIMS = 40;

/** The first kind whose words are in a statement. */
const KINDS: readonly (readonly [ClaimKind, RegExp])[] = [
  [
    'certified',
    /\bcertif|\baccredit|\bapproved (by|for)|\blisted (by|for)|\bregistered (by|with)|\bstandard no|\bto standard\b/i,
  ],
  ['uncertified', /\borganic\b(?! matter| content| carbon| waste)|\bnatural\b|\bbio\b|\beco\b|\bchemical[- ]free/i],
  [
    'volume',
    /\d\s*(l|litres?|liters?|qt|quarts?|cu\.? ?ft|cubic (feet|foot|yards?|metres?))\b(?! of water)|\bmakes (up to )?\d|\bexpands|\bswells to/i,
  ],
  [
    'analysis',
    /\bpH\b|\bEC\b|\bN\s*-\s*P\s*-\s*K\b|\d\s*-\s*\d+\s*-\s*\d|\d\s*(%|mg|ppm|dS|mS|µS)|\banalysis\b|\bporosity\b/i,
  ],
  [
    'performance',
    /\bfeeds?\b|\bgrows?\b|\bbigger\b|\bfaster\b|\bstronger\b|\bmore (blooms?|flowers?|roots?|growth|yield)|\bholds?\b|\bdrain(s|age|ing)?\b|\bretain|\bprevents?\b|\bprotects?\b|\bimproves?\b|\bsuppress|\bideal for\b|\bup to\b|\btwice\b|\b\d+\s*(x|times)\b/i,
  ],
  [
    'process',
    /\bcomposted\b|\bscreened\b|\bsteril|\bpasteuri|\bheat[- ]treated\b|\baged\b|\bmatured\b|\bturned\b|\bwashed\b|\bbuffered\b|\bblended\b|\bsieved\b|\bshredded\b/i,
  ],
];

const COMPARED = /\b(?:than|versus|vs\.?|compared (?:with|to)|against)\s+([^.;!]{2,80})/i;

/** What kind of statement it seems to be: by its words, else what is in it. */
export const kindOfClaim = (text: string): ClaimKind =>
  KINDS.find(([, words]) => words.test(text))?.[0] ?? 'ingredient';

const signAtStart = (line: string): string | undefined => SIGNS.find((sign) => line.startsWith(sign));
const signAtEnd = (line: string): string | undefined => SIGNS.find((sign) => line.replace(/[.!]$/, '').endsWith(sign));

/** Lines, and sentences within them; bullets are no part of what is said. */
function statementsOf(text: string): string[] {
  return text
    .split(/\r?\n/)
    .flatMap((line) =>
      signAtStart(line.trim()) === undefined ? line.split(/(?<=[.!?])\s+(?=\p{Lu})|;\s+|\s*[•·|]\s*/u) : [line],
    )
    .map((one) => one.replace(/^[\s\-–—•·>]+/, '').trim())
    .filter((one) => one.length > 2);
}

/**
 * Reads the claims out of the text of a label or a page: one to a line or sentence, each with the footnote that its sign
 * leads to, what it is compared with and the kind that its words say. A proposal, to be looked through.
 */
export function readClaims(text: string): Claim[] {
  const statements = statementsOf(text);
  const notes = new Map<string, string>();
  const claims: string[] = [];
  for (const statement of statements) {
    const sign = signAtStart(statement);
    if (sign === undefined) claims.push(statement);
    else notes.set(sign, statement.slice(sign.length).trim());
  }
  return claims.slice(0, MOST_CLAIMS).map((statement): Claim => {
    const sign = signAtEnd(statement) ?? SIGNS.find((one) => statement.includes(one));
    const footnote = sign === undefined ? undefined : notes.get(sign);
    const said = sign === undefined ? statement : statement.replaceAll(sign, '').trim();
    const compared = COMPARED.exec(`${said}. ${footnote ?? ''}`)?.[1]?.trim();
    return {
      text: said,
      kind: kindOfClaim(said),
      ...(footnote === undefined || footnote === '' ? {} : { footnote }),
      ...(compared === undefined ? {} : { comparedWith: compared }),
    };
  });
}

/** Words of what no bench tells: living things, pests kept off, rock that feeds. */
const UNTESTABLE: readonly (readonly [RegExp, string])[] = [
  [
    /mycorrhiz|microb|bacteria|fung|probiotic|\bliving\b|\blife\b|enzyme|trichoderma|beneficial/i,
    'Living things are not counted here; a trial beside an untreated part would show what they do.',
  ],
  [
    /\bpests?\b|gnats?|disease|insect|nematode|repel|suppress/i,
    'Whether it keeps pests or diseases off shows only in a trial with an untreated part.',
  ],
  [
    /rock (dust|flour|powder)|\bminerals?\b|trace elements?|volcanic|basalt/i,
    'Whether ground rock feeds within a season shows only in a trial with an untreated part.',
  ],
  [
    /\bbigger\b|\bfaster\b|\bstronger\b|more (blooms?|flowers?|growth|yield)|\btwice as\b|\b\d+\s*(x|times)\b/i,
    'What plants do in it shows only in a trial beside what it is compared with.',
  ],
];

/** Why a claim cannot be tested at a bench; undefined where it can. */
export const whyUntestable = (text: string): string | undefined => UNTESTABLE.find(([words]) => words.test(text))?.[1];
