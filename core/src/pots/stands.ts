/** Where a pot stands, as far as water goes. */
export interface StandWeather {
  readonly key: string;
  readonly words: string;
  /** What air and plant would take, mm a day on the top. */
  readonly mmPerD: number;
  /** Rain of each day, mm, by day. */
  readonly rain_mm?: number;
}

export const STANDS = Object.freeze([
  { key: 'shade', words: 'shaded room', mmPerD: 1 },
  { key: 'sill', words: 'bright sill', mmPerD: 2 },
  { key: 'mild', words: 'mild days outdoors', mmPerD: 2.5 },
  { key: 'glass', words: 'glasshouse in summer', mmPerD: 5 },
  { key: 'wind', words: 'terrace in wind', mmPerD: 7 },
  { key: 'winter', words: 'wet winter, rain by day', mmPerD: 0.6, rain_mm: 6 },
] as const satisfies readonly StandWeather[]);
export type StandKey = (typeof STANDS)[number]['key'];

export const standOf = (key: StandKey): StandWeather => STANDS.find((one) => one.key === key) as StandWeather;
