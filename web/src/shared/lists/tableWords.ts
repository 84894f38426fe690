/** Tables for spreadsheets, as they are called. */
export const TABLE_WORDS = {
  lots: 'Lots as they stand on the shelf',
  cards: 'Cards of lots, a figure a line',
  prices: 'Prices that were seen or paid',
  runs: 'Runs',
  readings: 'Readings, each with its corrections',
  results: 'Results of runs',
  recipes: 'Recipes of blends, version by version',
  predictions: 'What blends were predicted to be',
  marks: 'Marks of panels that are open to see',
  diaries: 'Diaries of filled pots',
  'trial-readings': 'Readings of trials, one a row',
  'trial-events': 'What happened in trials, water included',
} as const;

export type TableName = keyof typeof TABLE_WORDS;

/** How a table can be had. */
export const TABLE_ENDINGS = [
  ['csv', 'CSV'],
  ['xlsx', 'XLSX'],
] as const;
