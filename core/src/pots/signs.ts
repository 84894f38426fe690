/** What is seen of a pot and its plant, and whether it is well. */
export const POT_SIGNS = Object.freeze([
  { key: 'healthy', words: 'healthy', isWell: true },
  { key: 'pale', words: 'pale', isWell: false },
  { key: 'wilting', words: 'wilting', isWell: false },
  { key: 'root-bound', words: 'root-bound', isWell: false },
  { key: 'roots-free', words: 'roots have room', isWell: true },
  { key: 'diseased', words: 'disease', isWell: false },
  { key: 'pests', words: 'pests', isWell: false },
  { key: 'sour', words: 'sour smell', isWell: false },
  { key: 'crust', words: 'salt crust', isWell: false },
  { key: 'runs-past', words: 'water runs past', isWell: false },
] as const);
export type PotSign = (typeof POT_SIGNS)[number]['key'];

export const POT_SIGN_KEYS: readonly PotSign[] = POT_SIGNS.map(({ key }) => key);
