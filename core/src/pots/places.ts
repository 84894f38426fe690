import type { Check } from '../errors';
import { POT_SETUP, type SoilKey } from './potSetup';

/** A month where pots or beds stand: what air and plant would take, and rain, mm a day. */
export interface PlaceMonth {
  readonly mmPerD: number;
  readonly rain_mmPerD: number;
}

export const PLACE_KINDS = ['ground', 'roof', 'glass'] as const;
export type PlaceKind = (typeof PLACE_KINDS)[number];
export const PLACE_KIND_WORDS: Readonly<Record<PlaceKind, string>> = Object.freeze({
  ground: 'on the ground',
  roof: 'on a roof or balcony',
  glass: 'under glass or indoors',
});

/** Where pots stand: its climate by month from January, its wind, what carries it, the soil below, its water. */
export interface GrowingPlace {
  readonly months: readonly PlaceMonth[];
  readonly windy: boolean;
  readonly on: PlaceKind;
  readonly soil?: SoilKey;
  /** Of the water it is given, mg of calcium carbonate a litre. */
  readonly hardness_mgL?: number;
}

const year = (mm: readonly number[], rain: readonly number[]): readonly PlaceMonth[] =>
  mm.map((mmPerD, i) => ({ mmPerD, rain_mmPerD: rain[i] as number }));
const NONE = Array.from({ length: 12 }, () => 0);

/** Climates to begin from, northern half of the world; our own round figures, to be corrected by whoever has better. */
export const CLIMATES = Object.freeze([
  {
    key: 'mild',
    words: 'mild and wet all year',
    months: year(
      [0.4, 0.7, 1.2, 2, 2.8, 3.3, 3.4, 2.9, 2, 1.1, 0.5, 0.3],
      [3, 2.4, 2.2, 1.8, 1.9, 1.9, 1.7, 2.1, 2.2, 3, 3.2, 3.2],
    ),
  },
  {
    key: 'dry-summer',
    words: 'dry summer, wet winter',
    months: year(
      [1, 1.4, 2.2, 3, 4.2, 5.5, 6.3, 5.6, 4, 2.4, 1.3, 0.9],
      [3, 2.6, 2, 1.5, 0.9, 0.3, 0.1, 0.2, 0.8, 2, 3, 3.2],
    ),
  },
  {
    key: 'cold-winter',
    words: 'cold winter, warm summer',
    months: year(
      [0.2, 0.4, 1, 2.2, 3.4, 4.2, 4.5, 3.8, 2.4, 1.2, 0.4, 0.2],
      [1.3, 1.2, 1.3, 1.6, 2.2, 2.5, 2.6, 2.3, 1.8, 1.5, 1.5, 1.5],
    ),
  },
  {
    key: 'tropics',
    words: 'warm, rain by season',
    months: year(
      [4, 4.6, 5.2, 5.4, 5, 4, 3.6, 3.5, 3.6, 3.8, 3.8, 3.8],
      [0.4, 0.5, 0.8, 1.6, 3.5, 7, 9, 8.5, 7, 4, 1.5, 0.6],
    ),
  },
  {
    key: 'glass',
    words: 'under glass',
    months: year([0.8, 1.2, 2, 3.2, 4.2, 5, 5, 4.4, 3.2, 1.9, 1, 0.7], NONE),
  },
  { key: 'indoors', words: 'indoors', months: year([1, 1, 1.2, 1.3, 1.4, 1.5, 1.5, 1.4, 1.3, 1.2, 1, 1], NONE) },
] as const);

/** The month of a place at a moment, as its notebook's calendar has it. */
export const monthOf = ({ months }: Pick<GrowingPlace, 'months'>, month: number): PlaceMonth =>
  months[month] as PlaceMonth;

const DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const;

/** What lies on top: so much of what a bare top gives to the air goes through it. Ours; 0.3 to 0.7 for mulches. */
export const TOPS = Object.freeze([
  { key: 'bare', words: 'bare', factor: 1, fine: false, light: false },
  { key: 'fine-compost', words: 'fine compost', factor: 0.9, fine: true, light: true },
  { key: 'fine-mulch', words: 'fine mulch', factor: 0.6, fine: true, light: true },
  { key: 'coarse-mulch', words: 'coarse bark or chips', factor: POT_SETUP.mulchFactor, fine: false, light: false },
  { key: 'grit', words: 'grit or gravel', factor: 0.6, fine: false, light: false },
] as const);
export type TopKey = (typeof TOPS)[number]['key'];

export interface JudgedTop {
  readonly key: TopKey;
  readonly state: 'good' | 'care' | 'not-here';
  /** Why, in a sentence; absent where nothing speaks against it. */
  readonly message?: string;
  /** Water that it saves in a year against a bare top, L on a square metre. */
  readonly saves_Lm2: number;
}

/** A year of which more than this is wanted and not rained is a dry one, mm. */
const DRY_mm = 300;

/** A year at a place, mm: what would be taken, what rains, and what has to be watered, month by month. */
export function yearAt({ months }: Pick<GrowingPlace, 'months'>): {
  readonly taken_mm: number;
  readonly rain_mm: number;
  readonly watered_mm: number;
} {
  const sum = (of: (month: PlaceMonth) => number): number =>
    months.reduce((all, month, i) => all + (DAYS[i] as number) * of(month), 0);
  return {
    taken_mm: sum(({ mmPerD }) => mmPerD),
    rain_mm: sum(({ rain_mmPerD }) => rain_mmPerD),
    watered_mm: sum(({ mmPerD, rain_mmPerD }) => Math.max(0, mmPerD - rain_mmPerD)),
  };
}

function stateOf(place: GrowingPlace, top: (typeof TOPS)[number]): Pick<JudgedTop, 'state' | 'message'> {
  const { watered_mm } = yearAt(place);
  if (top.light && place.windy)
    return { state: 'not-here', message: 'Wind blows it away, and dust with it: cover it with chips or grit.' };
  if (top.fine && place.soil === 'clay')
    return {
      state: 'not-here',
      message: 'On clay a fine cover packs and seals: water stands on it. Take chips, which leave room.',
    };
  if (top.key === 'bare' && watered_mm > DRY_mm)
    return { state: 'care', message: 'A bare top dries out here, cracks and sheds water: cover it.' };
  if (top.key === 'coarse-mulch' && place.on === 'glass')
    return { state: 'care', message: 'Under glass it stays damp: look below it for fungus gnats and slugs.' };
  return { state: 'good' };
}

/**
 * Covers and top-dressings at a place: which belong there, and what water they save in a year, L on a square metre:
 * evaporation's share of what is taken, less what goes through the cover.
 * Source: guidance of our own.
 * Example: chips over 1000 mm a year save 0.2 x 0.5 x 1000 = 100 L on a square metre.
 */
export function judgeTops(place: GrowingPlace): JudgedTop[] {
  const { taken_mm } = yearAt(place);
  return TOPS.map((top) => ({
    key: top.key,
    ...stateOf(place, top),
    saves_Lm2: POT_SETUP.evaporationShare * (1 - top.factor) * taken_mm,
  }));
}

/** Water harder than this lifts the pH of a medium from month to month, mg/L. */
const HARD_mgL = 200;

/** What else is to be known of a place. */
export function placeChecks({ on, hardness_mgL = 0 }: GrowingPlace): Check[] {
  const said = (code: string, message: string): Check[] => [{ code, severity: 'caution', message }];
  return [
    ...(on === 'roof'
      ? said(
          'roof',
          'Wet media load a roof or balcony: a structural engineer says what it bears; tie down what wind can tip.',
        )
      : []),
    ...(hardness_mgL > HARD_mgL
      ? said(
          'hard',
          'Hard water limes what it waters: measure the pH of pots each spring, and give lime haters rain water.',
        )
      : []),
  ];
}

/** A dressing of a centimetre, L on a square metre. */
export const DRESSING_Lm2 = 10;
