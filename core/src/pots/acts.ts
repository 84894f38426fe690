/** What is best done with a pot. */
export const POT_ACTS = Object.freeze([
  'discard',
  'sterilise',
  'water',
  'look',
  'rinse',
  'repot',
  'feed',
  'top-up',
  'leave-alone',
] as const);
export type PotAct = (typeof POT_ACTS)[number];

export const POT_ACT_WORDS: Readonly<Record<PotAct, string>> = Object.freeze({
  discard: 'Discard it',
  sterilise: 'Clean what touched it',
  water: 'Water it',
  look: 'Look at it',
  rinse: 'Rinse it',
  repot: 'Repot it',
  feed: 'Feed it',
  'top-up': 'Top it up',
  'leave-alone': 'Leave it alone',
});
