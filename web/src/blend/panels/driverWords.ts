import type { DeskLot } from '@bent-pail/contract';

interface DriverWords {
  readonly words: string;
  /** Where the measurement begins that would narrow it. */
  readonly link?: string;
  readonly act?: string;
}

interface Remedy {
  readonly protocol: string;
  readonly act: string;
}

/** Runs that give a figure. */
export const REMEDIES: Readonly<Record<string, Remedy>> = {
  pH: { protocol: 'ph-1to5', act: 'test it, 20 min' },
  ec_dSm: { protocol: 'ec-1to2', act: 'test it, 20 min' },
  buffer_meqPerLpH: { protocol: 'buffering', act: 'put jars away for a week' },
  dryBulkDensity_gcc: { protocol: 'saturate-drain-dry', act: 'weigh it' },
  retention: { protocol: 'saturate-drain-dry', act: 'soak, drain, dry it' },
  d50_mm: { protocol: 'sieve', act: 'sieve it' },
  spread: { protocol: 'sieve', act: 'sieve it' },
};

/** A curve that one depth gave is told better by several. */
const DEEPER: Remedy = { protocol: 'several-depths', act: 'drain it in several depths' };

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

/** Where a figure comes from, said after whose it is. */
const FROM = {
  measured: '',
  label: ', by its label',
  inferred: ', known from one depth',
  material: ', as other lots of it have it',
  class: ', a class figure',
} as const;

/** What a driver means to a person: whose figure it is, where it comes from, which run would give it. */
export function driverWords(input: string, used: readonly (DeskLot | undefined)[]): DriverWords {
  if (input === 'kappa')
    return {
      words: 'how far mixing really shrinks: measured batches teach it',
      link: '?ask=batch',
      act: 'mix one and measure it',
    };
  const found = /^components\[(\d+)\]\.(\w+)$/.exec(input);
  const lot = found === null ? undefined : used[Number(found[1])];
  const field = found?.[2] ?? input;
  if (lot === undefined) return { words: NAMES[field] ?? field };
  const who = `${lot.name}, ${lot.code}`;
  if (field === 'volume') return { words: `scooping ${who} by volume: weigh the parts` };
  const origin = lot.component?.origins.find((one) => one.field === field)?.origin;
  const run = origin === 'inferred' ? DEEPER : REMEDIES[field];
  const words = `${NAMES[field] ?? field} of ${who}${FROM[origin ?? 'class']}`;
  if (run === undefined) return { words };
  const act = origin === 'measured' ? 'more replicates' : run.act;
  return { words, link: `/bench?lot=${lot.id}&protocol=${run.protocol}`, act };
}
