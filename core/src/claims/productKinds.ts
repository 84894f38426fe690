/** Something that a seller of such a product should say. */
export interface ShouldSay {
  readonly key: string;
  /** What is not said, in a few words. */
  readonly what: string;
  /** Why it matters to whoever grows in it. */
  readonly because: string;
  /** The question to send. */
  readonly ask: string;
  /** Words by which a label says it. */
  readonly said: RegExp;
}

export interface ProductKind {
  readonly key: string;
  readonly label: string;
  readonly shouldSay: readonly ShouldSay[];
}

const volume: ShouldSay = {
  key: 'volume',
  what: 'how many litres, and how they were measured',
  because: 'Pressed, heaped and poured litres differ by a third.',
  ask: 'How many litres does one give when poured out loose, and by which method was that measured?',
  said: /\d\s*(l|litres?|liters?|quarts?|qt|cu\.? ?ft|cubic)\b/i,
};
const salt: ShouldSay = {
  key: 'salt',
  what: 'its salt (EC)',
  because: 'Seedlings stand a third of the salt that a hungry plant does.',
  ask: 'What is its EC, and by which extract was it measured?',
  said: /\bEC\b|conductivity|\bdS\b|\bmS\b|salinity|salt/i,
};
const acidity: ShouldSay = {
  key: 'pH',
  what: 'its pH',
  because: 'Nothing else decides so much of what roots can take up.',
  ask: 'What is its pH, and in which extract was it measured?',
  said: /\bpH\b/i,
};
const feed: ShouldSay = {
  key: 'feed',
  what: 'which feed, how much, for how long',
  because: 'Without grams nobody knows when to begin feeding.',
  ask: 'Which feed is in it, how much nitrogen per litre, and for how many weeks?',
  said: /fertili[sz]er.*\d|\d\s*g\s*\/?\s*l|N\s*-\s*P\s*-\s*K|\d+\s*(weeks|months)/i,
};
const parts: ShouldSay = {
  key: 'parts',
  what: 'what is in it, in which shares',
  because: 'Bark, coir, wood fibre and peat hold water and air very differently.',
  ask: 'What is it made of, and in which shares by volume?',
  said: /\b\d+\s*%\s*\w+/i,
};
const heat: ShouldSay = {
  key: 'heat',
  what: 'how hot it got, for how long, how often it was turned',
  because: 'Only heat all the way through kills weed seeds and germs.',
  ask: 'How hot did the heap get, for how many days, and how often was it turned?',
  said: /\d+\s*°\s*[CF]|turned|windrow|in[- ]vessel|pasteuri|steril/i,
};
const ripe: ShouldSay = {
  key: 'ripe',
  what: 'how long it ripened',
  because: 'Raw compost takes nitrogen away and burns roots.',
  ask: 'How many weeks did it ripen after it had cooled, and how is that tested?',
  said: /matur|ripen|cured|aged/i,
};
const screen: ShouldSay = {
  key: 'screen',
  what: 'to what size it is screened',
  because: 'Grain decides air in a pot, and lumps make a seedbed uneven.',
  ask: 'To what size is it screened, and what is done with the rest?',
  said: /screen|siev|\d+\s*mm|inch/i,
};
const weeds: ShouldSay = {
  key: 'weeds',
  what: 'weed seeds and roots',
  because: 'They are sown with it, and stay.',
  ask: 'How is it kept free of weed seeds and creeping roots, and how is that tested?',
  said: /weed/i,
};
const foreign: ShouldSay = {
  key: 'foreign',
  what: 'plastic and glass',
  because: 'What lies in a bed stays there.',
  ask: 'How much plastic, glass and metal is in a litre at most?',
  said: /plastic|glass|contamin|foreign/i,
};
const origin: ShouldSay = {
  key: 'origin',
  what: 'where its stuff comes from',
  because: 'Waste from fields and lawns may carry weedkiller residues; treated wood does not belong in it.',
  ask: 'What went into it and from where, and is it tested for residues of persistent weedkillers?',
  said: /green waste|from (our|local|british)|sourced|forestry|manure|origin/i,
};
const texture: ShouldSay = {
  key: 'texture',
  what: 'sand, silt and clay',
  because: 'A load can be half subsoil and looks black while it is wet.',
  ask: 'What are its shares of sand, silt and clay, and its organic matter, by which laboratory and when?',
  said: /sand.*(silt|clay)|texture|loam/i,
};
const certificate: ShouldSay = {
  key: 'certificate',
  what: 'who certified it, under which number',
  because: 'A certificate can be looked up; a word cannot.',
  ask: 'Who certifies it, under which number, and for which use?',
  said: /certif|accredit|\bno\.?\s*\d{3}/i,
};
const opened: ShouldSay = {
  key: 'opened',
  what: 'how far it opens, with how much water',
  because: 'What a bale or block gives is the price of a litre.',
  ask: 'How many loose litres does one give, with how much water, and to which method?',
  said: /makes|expands|swells|up to \d+\s*l/i,
};
const sodium: ShouldSay = {
  key: 'sodium',
  what: 'whether it was washed and buffered',
  because: 'Coir brings sodium and potassium, and takes calcium away.',
  ask: 'Was it washed in fresh water and buffered with calcium, and what is its EC after that?',
  said: /washed|buffered|low (salt|ec)/i,
};
const dressing: ShouldSay = {
  key: 'treated',
  what: 'dyes and treated wood',
  because: 'Old timber may bring preservatives, and dye hides what the wood was.',
  ask: 'Is any of it recycled or treated timber, and what is it dyed with?',
  said: /dye|untreated|virgin|colou?r/i,
};

/** Kinds of bought product, and what each of them should say. Ours, from what goes wrong with each. */
export const PRODUCT_KINDS: readonly ProductKind[] = [
  { key: 'mix', label: 'Potting mix in bags', shouldSay: [parts, volume, feed, acidity, salt, screen, certificate] },
  { key: 'seed', label: 'Seed and cutting mix', shouldSay: [parts, salt, screen, weeds, acidity, volume, feed] },
  {
    key: 'compost',
    label: 'Compost or soil improver',
    shouldSay: [origin, heat, ripe, screen, weeds, salt, foreign, certificate, volume],
  },
  {
    key: 'manure',
    label: 'Manure',
    shouldSay: [origin, heat, ripe, salt, weeds, screen, certificate, volume],
  },
  {
    key: 'soil',
    label: 'Topsoil or loam by the load',
    shouldSay: [texture, origin, screen, weeds, foreign, acidity, salt, volume],
  },
  { key: 'pressed', label: 'Pressed bale or block', shouldSay: [opened, sodium, salt, acidity, parts, feed] },
  { key: 'bark', label: 'Bark, mulch or wood fibre', shouldSay: [parts, screen, ripe, dressing, origin, volume] },
  { key: 'mineral', label: 'Mineral grit, pumice, perlite', shouldSay: [screen, volume, origin, salt, acidity] },
];

export const productKind = (key: string): ProductKind | undefined => PRODUCT_KINDS.find((kind) => kind.key === key);
