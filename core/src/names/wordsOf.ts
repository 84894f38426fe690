/** One spelling of words that are written in several ways, after they were made singular. */
const SPELLED: Readonly<Record<string, string>> = {
  fiber: 'fibre',
  fibered: 'fibred',
  mold: 'mould',
  sulfur: 'sulphur',
  sulfate: 'sulphate',
  sulphat: 'sulphate',
  carbonized: 'carbonised',
  carbonizd: 'carbonised',
  sterilized: 'sterilised',
  pasteurized: 'pasteurised',
  fertilizer: 'fertiliser',
  biofertilizer: 'biofertiliser',
  pulverized: 'pulverised',
  micronized: 'micronised',
  pelletized: 'pelletised',
  palletised: 'pelletised',
  hydrolyzed: 'hydrolysed',
  pyrolyzed: 'pyrolysed',
  aluminum: 'aluminium',
  gray: 'grey',
  cocos: 'coco',
  kokos: 'coco',
  kocopeat: 'cocopeat',
  perlit: 'perlite',
  vermiculit: 'vermiculite',
  zeolith: 'zeolite',
  hammermill: 'hammermilled',
  leave: 'leaf',
  leaves: 'leaf',
  mycorrhizae: 'mycorrhiza',
  mycorrhizas: 'mycorrhiza',
  shredding: 'shred',
  rotten: 'rotted',
};

/** Words that end in an s and are singular, or are only used so. */
const AS_THEY_ARE = new Set([
  'fines',
  'moss',
  'grass',
  'glass',
  'waste',
  'smc',
  'eps',
  'bims',
  'dross',
  'gas',
  'us',
  'bias',
  'flowers',
  'hops',
  'builders',
  'plasterers',
  'brickies',
  'bus',
  'its',
  'this',
  'as',
  'is',
  'bacillus',
  'guano',
  'osmunda',
  'miscanthus',
  'surplus',
  'calcareous',
  'diatomaceous',
  'fibrous',
  'ericaceous',
  'porous',
]);

function singular(word: string): string {
  if (word.length < 4 || AS_THEY_ARE.has(word) || !word.endsWith('s') || word.endsWith('ss')) return word;
  if (word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  if (/(?:sh|ch|x|ss)es$/.test(word)) return word.slice(0, -2);
  return word.slice(0, -1);
}

/** The words of a text: lower case, without signs, singular, in one spelling. Numbers stay. */
export function wordsOf(text: string): string[] {
  const plain = text
    .toLowerCase()
    .normalize('NFKD')
    .replaceAll(/[\u0300-\u036f]/g, '')
    .replaceAll(/[’'`´]s\b/g, 's')
    .replaceAll(/[’'`´]/g, '');
  return (plain.match(/[a-z]+|\d+(?:[.,]\d+)?/g) ?? []).map((word) => {
    const one = singular(word);
    return SPELLED[word] ?? SPELLED[one] ?? one;
  });
}
