import type { LotRow } from '@bent-pail/contract';

interface DriverWords {
  readonly words: string;
  /** Where the measurement begins that would narrow it. */
  readonly link?: string;
  readonly act?: string;
}

/** Runs that give a figure. */
const PROTOCOLS: Readonly<Record<string, { readonly protocol: string; readonly act: string }>> = {
  pH: { protocol: 'ph-1to5', act: 'test it, 20 min' },
  ec_dSm: { protocol: 'ec-1to2', act: 'test it, 20 min' },
  dryBulkDensity_gcc: { protocol: 'saturate-drain-dry', act: 'weigh it' },
  retention: { protocol: 'saturate-drain-dry', act: 'soak, drain, dry it' },
};

const NAMES: Readonly<Record<string, string>> = {
  volume: 'scooping',
  pH: 'pH',
  ec_dSm: 'EC',
  buffer_meqPerLpH: 'buffering',
  dryBulkDensity_gcc: 'weight',
  retention: 'water curve',
  interparticleVoid: 'space between the grains',
  d50_mm: 'grain size',
  spread: 'spread of grain sizes',
};

/** What a driver means to a person: whose figure it is, where it comes from, which run would give it. */
export function driverWords(input: string, used: readonly (LotRow | undefined)[]): DriverWords {
  if (input === 'kappa') return { words: 'how far mixing really shrinks: the model, until a blend is measured' };
  const found = /^components\[(\d+)\]\.(\w+)$/.exec(input);
  const lot = found === null ? undefined : used[Number(found[1])];
  const field = found?.[2] ?? input;
  if (lot === undefined) return { words: NAMES[field] ?? field };
  const who = `${lot.name}, ${lot.code}`;
  if (field === 'volume') return { words: `scooping ${who} by volume: weigh the parts` };
  const origin = lot.component?.origins.find((one) => one.field === field)?.origin;
  const from = origin === 'measured' ? '' : origin === 'inferred' ? ', known from one depth,' : ', a class figure,';
  const run = origin === 'measured' || origin === 'inferred' ? undefined : PROTOCOLS[field];
  const words = `${NAMES[field] ?? field} of ${who}${from.replace(/,$/, '')}`;
  return run === undefined ? { words } : { words, link: `/bench?lot=${lot.id}&protocol=${run.protocol}`, act: run.act };
}
