import type { ClaimsShare } from '../claims';
import { foodOfLot, nutrients, nutrientsMethod, type Feeder } from '../feeding';
import type { CalibrationTrouble } from '../instruments';
import { inPot, type LotCard } from '../lots';
import type { Working } from '../method';
import type { JudgedFigure, Rubric, RubricCriterion } from './rubric';

/** What was found for a criterion that no rater marks. */
export interface Found {
  readonly value: number;
  /** Standard error of the mean, where there is one. */
  readonly se?: number;
  readonly working?: Working;
  readonly label?: true;
  /** Worked out as if something had been done that was not. */
  readonly assumed?: true;
  /** What is wrong with the instruments that it rests on. */
  readonly trouble?: CalibrationTrouble;
  /** What else is to be known of it, in a few words. */
  readonly says?: string;
}

/** What is known of a product besides what its lot's card shows. */
export interface KnownOfProduct {
  readonly claims?: ClaimsShare;
  /** Ratio to the reference medium at the same age, averaged over the species; absent until a trial was analysed. */
  readonly trial?: { readonly ratio: number; readonly se?: number; readonly trial: string; readonly reference: string };
  readonly musts?: readonly { readonly criterion: string; readonly holds: boolean; readonly by: string }[];
  /** Figures as they would be after a remedy. */
  readonly assumed?: Readonly<Partial<Record<JudgedFigure | 'nutrients', number>>>;
}

function figureOf(figure: JudgedFigure, rubric: Rubric, card: LotCard): Found | undefined {
  if (figure !== 'air' && figure !== 'water') {
    const one = card.figures.find((candidate) => candidate.property === figure);
    if (one === undefined) return undefined;
    return {
      value: one.summary.mean,
      ...(one.summary.se === undefined || one.summary.se === 0 ? {} : { se: one.summary.se }),
      working: one.working,
      ...(one.origin === 'label' ? { label: true } : {}),
      ...(one.trouble === undefined ? {} : { trouble: one.trouble }),
    };
  }
  // A class's curve says what such media do, not what this product does.
  if (card.curve === undefined || card.curve.kind === 'class') return undefined;
  const pot = inPot(card.curve, rubric.container);
  return { value: pot[figure], working: pot.workings[figure] };
}

function foodIn(card: LotCard, feeder: Feeder): Found | undefined {
  const input = foodOfLot('It', card.figures, feeder);
  if (input === undefined) return undefined;
  const { index, limiting, judged } = nutrients(input);
  if (index === undefined) return undefined;
  const face = judged.find(({ element }) => element === limiting);
  return {
    value: index,
    working: nutrientsMethod.working('index', input),
    ...(face === undefined
      ? {}
      : {
          says: `${elementWord(face.element)} is shortest: ${String(Math.round(face.mgL))} of ${String(face.lo)} mg/L`,
        }),
  };
}

/** An element as it is called in a sentence. */
export const elementWord = (element: string): string => element.replace(/^lab/, '').toLowerCase();

/** What was found for a criterion; undefined where nothing is known, and for what raters mark. */
export function foundOf(
  { name, source }: RubricCriterion,
  rubric: Rubric,
  card: LotCard,
  { claims, trial, musts = [], assumed = {} }: KnownOfProduct,
): Found | undefined {
  switch (source.from) {
    case 'lot': {
      const value = assumed[source.figure];
      return value === undefined ? figureOf(source.figure, rubric, card) : { value, assumed: true };
    }
    case 'nutrients':
      return assumed.nutrients === undefined
        ? foodIn(card, source.feeder)
        : { value: assumed.nutrients, assumed: true };
    case 'claims':
      return claims === undefined ? undefined : { value: claims.share, says: `${String(claims.judged)} claims judged` };
    case 'trial':
      return trial === undefined
        ? undefined
        : {
            value: trial.ratio,
            ...(trial.se === undefined ? {} : { se: trial.se }),
            says: `of what grew in ${trial.reference}: ${trial.trial}`,
          };
    case 'must': {
      const said = musts.find(({ criterion }) => criterion === name);
      return said === undefined ? undefined : { value: said.holds ? 10 : 0, says: `says ${said.by}` };
    }
    case 'panel':
    case 'growth':
      return undefined;
  }
}
