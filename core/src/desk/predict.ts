import {
  blend,
  BLEND_DEFAULTS,
  DESK_PHYSICS,
  blendProfile,
  requireBlendInput,
  type BlendInput,
  type BlendModel,
  type BlendResult,
  blendMethod,
} from '../blend';
import { worstTrouble, type CalibrationTrouble } from '../instruments';
import { kappaFor, type LearningUse, type MixedPart } from '../learning';
import type { LotComponent } from '../lots';
import type { PropertyKey } from '../properties';
import type { Container } from '../vessel';
import type { Working } from '../method';

/** One line of a recipe at the desk: parts by loose volume of a lot. */
export interface DeskLine {
  readonly parts: number;
  readonly lot: LotComponent;
}

export interface DeskInput {
  readonly lines: readonly DeskLine[];
  readonly container: Container;
  readonly model: BlendModel;
  /** Shrink that was measured, for the measured model. */
  readonly shrink?: number;
  readonly lime_meqPerL?: number;
  /** How far the lime may be off, one standard error: that of what is dosed. */
  readonly lime_meqPerL_se?: number;
  /** What is mixed in by weight raises the EC by. */
  readonly salt_dSm?: number;
  readonly salt_dSm_se?: number;
  /** What is mixed in by weight adds to the price of a litre made. */
  readonly dosed_pricePerL?: number;
  /** How far each line's volume may be off, as a share of it; without it as careful scooping is. */
  readonly scoopShare?: number;
  /** What measured blends have taught; without it kappa is 1. */
  readonly learnt?: LearningUse;
}

/** One predicted number with its working, and what the plain average of the parts would say. */
export interface DeskFigure {
  readonly property: PropertyKey;
  readonly value: number;
  readonly plainAverage?: number;
  /** What would be predicted had the bench taught nothing; absent where that is the same. */
  readonly untaught?: number;
  /** What measured blends usually come out above the prediction; to be added. */
  readonly bias?: number;
  readonly working: Working;
  /** What is wrong with the instruments behind a lot's figure. */
  readonly trouble?: CalibrationTrouble;
}

export interface DeskResult {
  readonly input: BlendInput;
  readonly result: BlendResult;
  readonly figures: readonly DeskFigure[];
  /** In parts: loose volume put in, the same as each lot settles when it is watered, and the volume made of that. */
  readonly volumes: { readonly loose: number; readonly settled: number; readonly made: number };
  readonly profile: readonly { readonly z_cm: number; readonly theta: number }[];
  readonly plainProfile: readonly { readonly z_cm: number; readonly theta: number }[];
}

const FIGURES = [
  'air',
  'water',
  'easilyAvailable',
  'totalPorosity',
  'bulkDensity_gcc',
  'pH',
  'ec_dSm',
  'pricePerL',
  'shrink',
] as const satisfies readonly PropertyKey[];

/** Heights of the drawn profile. */
export const DESK_PROFILE_HEIGHTS = 41;

/** What a recipe mixes, by material, each volume in the state in which its lot was measured. */
export const mixedParts = (lines: readonly DeskLine[]): MixedPart[] =>
  lines.map(({ parts, lot }) => ({
    material: lot.materialId,
    name: lot.component.name,
    volume: parts * lot.settledPerLoose,
  }));

/** The kappa that the bench taught for this recipe; undefined where it changes nothing. */
function learntKappa({ model, learnt, lines }: DeskInput): number | undefined {
  if (model !== 'packing' || learnt === undefined) return undefined;
  const { kappa } = kappaFor(learnt, mixedParts(lines));
  return kappa === BLEND_DEFAULTS.kappa ? undefined : kappa;
}

/** The blend that a recipe in loose parts means: each volume in the state in which its lot was measured. */
export function deskBlendInput(desk: DeskInput): BlendInput {
  const kappa = learntKappa(desk);
  return {
    components: desk.lines.map(({ parts, lot }) => ({ ...lot.component, volume: parts * lot.settledPerLoose })),
    container: desk.container,
    model: desk.model,
    physics: DESK_PHYSICS,
    ...(desk.shrink === undefined ? {} : { shrink: desk.shrink }),
    ...(desk.lime_meqPerL === undefined || desk.lime_meqPerL === 0 ? {} : { lime_meqPerL: desk.lime_meqPerL }),
    ...(desk.salt_dSm === undefined || desk.salt_dSm === 0 ? {} : { salt_dSm: desk.salt_dSm }),
    ...(desk.dosed_pricePerL === undefined || desk.dosed_pricePerL === 0
      ? {}
      : { dosed_pricePerL: desk.dosed_pricePerL }),
    ...(kappa === undefined ? {} : { kappa }),
  };
}

/** The worst calibration behind a lot's figure that enters this one, with the lot's name before it. */
function troubleBehind({ lines }: DeskInput, key: PropertyKey): CalibrationTrouble | undefined {
  return worstTrouble(
    lines.flatMap(({ lot }) =>
      lot.origins.flatMap(({ field, trouble }) =>
        (field === key || (key === 'pH' && field === 'buffer_meqPerLpH')) && trouble !== undefined
          ? [{ state: trouble.state, sentence: `${lot.component.name}: ${trouble.sentence}` }]
          : [],
      ),
    ),
  );
}

/** Predicts a recipe in a pot, each figure with its working and the plain average beside it. */
export function predictDesk(desk: DeskInput): DeskResult {
  const input = deskBlendInput(desk);
  requireBlendInput(input);
  const plainInput: BlendInput = { ...input, model: 'average' };
  const result = blend(input);
  const plain = blend(plainInput);
  const untaught = input.kappa === undefined ? undefined : blend({ ...input, kappa: BLEND_DEFAULTS.kappa });
  const bias: Readonly<Partial<Record<string, number>>> = desk.learnt?.bias ?? {};
  const figures = FIGURES.flatMap((key): DeskFigure[] => {
    const value = result[key];
    if (value === undefined) return [];
    const plainAverage = plain[key];
    const working = blendMethod.working(key, input);
    const trouble = troubleBehind(desk, key);
    return [
      {
        property: key,
        value,
        ...(plainAverage === undefined ? {} : { plainAverage }),
        ...(untaught?.[key] === undefined || untaught[key] === value ? {} : { untaught: untaught[key] }),
        ...(bias[key] === undefined ? {} : { bias: bias[key] }),
        working,
        ...(trouble === undefined ? {} : { trouble }),
      },
    ];
  });
  return {
    input,
    result,
    figures,
    volumes: {
      loose: desk.lines.reduce((sum, line) => sum + line.parts, 0),
      settled: input.components.reduce((sum, { volume }) => sum + volume, 0),
      made: result.volume,
    },
    profile: blendProfile(input, DESK_PROFILE_HEIGHTS),
    plainProfile: blendProfile(plainInput, DESK_PROFILE_HEIGHTS),
  };
}
