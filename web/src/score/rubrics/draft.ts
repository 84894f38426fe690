import type { OwnCriterion, OwnFunction, OwnRubric } from '@bent-pail/contract';
import { property, type CriterionSource, type Rubric, type ScoreFunction } from '@bent-pail/core';
import { Mistyped, typedNumber } from '../../shared/forms/Mistyped';
import { inField } from '../../shared/units/mine';

export type By = OwnCriterion['by'];

/** A criterion as it is edited: numbers as they are typed. */
export interface DraftCriterion {
  /** Tells lines apart while their names change. */
  readonly place: number;
  readonly label: string;
  readonly plain: string;
  readonly weight: number;
  readonly by: By;
  readonly fn: DraftFunction;
  readonly tags: string;
  readonly words: string;
}

/** How a value becomes 0 to 10, as it is typed; empty is open. */
export type DraftFunction =
  | { readonly type: 'line'; readonly at0: string; readonly at10: string }
  | { readonly type: 'window'; readonly ends: readonly [string, string, string, string] }
  | { readonly type: 'bands'; readonly bands: readonly { readonly upTo: string; readonly score: string }[] }
  | { readonly type: 'direct' };

export interface DraftCap {
  readonly criterion: string;
  readonly below: string;
  readonly max: string;
}

export interface DraftRubric {
  readonly label: string;
  readonly use: string;
  readonly height_cm: string;
  readonly aggregate: Rubric['aggregate'];
  readonly criteria: readonly DraftCriterion[];
  readonly caps: readonly DraftCap[];
}

const side = (value: number | null): string => (value === null ? '' : String(value));

function drafted(fn: ScoreFunction): DraftFunction {
  switch (fn.type) {
    case 'line':
      return { type: 'line', at0: String(fn.at0), at10: String(fn.at10) };
    case 'window':
      return { type: 'window', ends: [side(fn.limits[0]), side(fn.ideal[0]), side(fn.ideal[1]), side(fn.limits[1])] };
    case 'bands':
      return {
        type: 'bands',
        bands: fn.bands.map(({ upTo, score }) => ({
          upTo: upTo === undefined ? '' : String(upTo),
          score: String(score),
        })),
      };
    case 'direct':
      return fn;
  }
}

/** What a new criterion begins with. */
export const firstFunction = (by: By): DraftFunction =>
  isDirect(by)
    ? { type: 'direct' }
    : by === 'pricePerL'
      ? { type: 'line', at0: '0.5', at10: '0.1' }
      : by === 'claims' || by === 'trial' || by.startsWith('nutrients-')
        ? { type: 'line', at0: '0', at10: '1' }
        : { type: 'window', ends: ['', '', '', ''] };

/** What criteria can be judged by that is no figure of a card, in words. */
export const TOLD = {
  panel: 'raters, blind',
  air: 'air at the container',
  water: 'water at the container',
  growth: 'what raters see grow',
  trial: 'a grow-out trial: as good as the reference is 1',
  claims: 'its claims sheet',
  must: 'a must: yes or no',
  'nutrients-light': 'laboratory’s report, light feeder',
  'nutrients-medium': 'laboratory’s report, medium feeder',
  'nutrients-heavy': 'laboratory’s report, heavy feeder',
} as const satisfies Readonly<Partial<Record<By, string>>>;
const isTold = (by: By): by is keyof typeof TOLD => by in TOLD;

export const byWords = (by: By): string => (isTold(by) ? TOLD[by] : property(by).label);

/** What a criterion is judged by, as it is chosen. */
export function byOf(source: CriterionSource): By {
  if (source.from === 'lot') return source.figure;
  return source.from === 'nutrients' ? `nutrients-${source.feeder}` : source.from;
}

/** What raters mark and what is said with yes or no counts as it is. */
export const isDirect = (by: By): boolean => by === 'panel' || by === 'growth' || by === 'must';

/** What a criterion may be judged by: what the panel marks, air and water in the use's container, any figure that is a number. */
export const unitOfBy = (by: By): string => (isTold(by) ? '' : property(by).unit);

export type RubricBody = Omit<OwnRubric, 'id' | 'version'>;

/** A rubric as it is sent, and as a file holds it. */
export const bodyOfRubric = ({ label, use, container, aggregate, criteria, caps }: Rubric): RubricBody => ({
  label,
  use,
  container: { height_cm: container.height_cm },
  aggregate,
  criteria: criteria.map((one) => ({
    label: one.label,
    plain: one.plain,
    weight: one.weight,
    by: byOf(one.source),
    function: one.function as OwnFunction,
    ...(one.tags === undefined ? {} : { tags: [...one.tags] }),
    ...(one.words === undefined ? {} : { words: [...one.words] }),
  })),
  caps: caps.map(({ criterion, below, max }) => ({
    criterion: criteria.find(({ name }) => name === criterion)?.label ?? criterion,
    below,
    max,
  })),
});

/** A rubric's body as it is edited. */
export const draftOf = ({ label, use, container, aggregate, criteria, caps }: RubricBody): DraftRubric => ({
  label,
  use,
  height_cm: inField(container.height_cm, 'cm'),
  aggregate,
  criteria: criteria.map((one, place) => ({
    place,
    label: one.label,
    plain: one.plain,
    weight: one.weight,
    by: one.by,
    fn: drafted(one.function as ScoreFunction),
    tags: (one.tags ?? []).join(', '),
    words: (one.words ?? []).map(({ at, word }) => `${String(at)} ${word}`).join('; '),
  })),
  caps: caps.map(({ criterion, below, max }) => ({ criterion, below: String(below), max: String(max) })),
});

/** Words down a scale as they are typed: `9.5 woodland floor; 7 earthy`. */
function wordsOf(text: string, field: string): NonNullable<OwnCriterion['words']> {
  return text
    .split(';')
    .map((one) => one.trim())
    .filter((one) => one !== '')
    .map((one) => {
      const [, at, word] = /^(\d+(?:[.,]\d+)?)\s+(.+)$/.exec(one) ?? [];
      if (at === undefined || word === undefined)
        throw new Mistyped(field, `“${one}” needs a number and a word, as 7 earthy.`);
      return { at: Number(at.replace(',', '.')), word };
    });
}

const open = (text: string, at: string): number | null => (text.trim() === '' ? null : typedNumber(text, at));

function functionOf(fn: DraftFunction, at: string): OwnFunction {
  switch (fn.type) {
    case 'line':
      return { type: 'line', at0: typedNumber(fn.at0, at), at10: typedNumber(fn.at10, at) };
    case 'window': {
      const [limitLo, lo, hi, limitHi] = fn.ends.map((text) => open(text, at)) as [
        number | null,
        number | null,
        number | null,
        number | null,
      ];
      if (lo === null && hi === null) throw new Mistyped(at, 'A window needs at least one side.');
      return { type: 'window', ideal: [lo, hi], limits: [limitLo ?? lo, limitHi ?? hi] };
    }
    case 'bands':
      return {
        type: 'bands',
        bands: fn.bands.map(({ upTo, score }) => ({
          ...(upTo.trim() === '' ? {} : { upTo: typedNumber(upTo, at) }),
          score: typedNumber(score, at),
        })),
      };
    case 'direct':
      return fn;
  }
}

/** What is sent of a draft; what cannot be read is `Mistyped` at its field. */
export function bodyOf(draft: DraftRubric): RubricBody {
  return {
    label: draft.label,
    use: draft.use,
    container: { height_cm: typedNumber(draft.height_cm, 'container.height_cm') },
    aggregate: draft.aggregate,
    criteria: draft.criteria.map(({ label, plain, weight, by, fn, tags, words }, i): OwnCriterion => {
      const said = tags
        .split(',')
        .map((tag) => tag.trim())
        .filter((tag) => tag !== '');
      return {
        label,
        plain: plain.trim() === '' ? byWords(by) : plain,
        weight,
        by,
        function: functionOf(fn, `criteria[${String(i)}].function`),
        ...(by === 'panel' && said.length > 0 ? { tags: said } : {}),
        ...(by === 'panel' && words.trim() !== '' ? { words: wordsOf(words, `criteria[${String(i)}].words`) } : {}),
      };
    }),
    caps: draft.caps.map(({ criterion, below, max }, i) => ({
      criterion,
      below: typedNumber(below, `caps[${String(i)}].below`),
      max: typedNumber(max, `caps[${String(i)}].max`),
    })),
  };
}

/** The weights as shares of a hundred. */
export function sharesOf(criteria: readonly { readonly weight: number }[]): number[] {
  const whole = criteria.reduce((sum, { weight }) => sum + weight, 0);
  return criteria.map(({ weight }) => (whole > 0 ? (100 * weight) / whole : 0));
}
