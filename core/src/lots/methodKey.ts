import { canonicalText } from '../content';
import { drained_min } from '../runs';
import { packingWords, Sheet, type PackingHabit, type RunRecord } from '../sheets';

/** How a value was had, part by part: values of runs that differ in one of them are never averaged. */
export interface MethodKey {
  readonly protocol: string;
  readonly version: number;
  /** Depth of the vessels, least and most, where it is part of the value, cm. */
  readonly depths_cm?: readonly [number, number];
  readonly packing?: PackingHabit;
  readonly press_gcm2?: number;
  readonly drain_min?: number;
  /** What was read of the state that the sample was in, by step; a class by its place. */
  readonly stated?: Readonly<Record<string, number>>;
}

/** How a value was had, where neither vessel nor packing is part of it. */
const METHOD_TEXT: Readonly<Partial<Record<string, string>>> = {
  pH: '1:5 v/v in water',
  ec_dSm: '1:2 v/v in water',
  bagVolume_L: 'poured through a hoop',
  sieve: 'sieved dry',
  rinse: 'drains of rinsing',
};

const plainWords = ({ protocol }: RunRecord): string | undefined => protocol.method ?? METHOD_TEXT[protocol.reduction];

function depthsOf({ vessels }: RunRecord): Pick<MethodKey, 'depths_cm'> {
  const depths = vessels.flatMap((vessel) => vessel?.height_cm ?? []);
  return depths.length === 0 ? {} : { depths_cm: [Math.min(...depths), Math.max(...depths)] };
}

/** Readings of a run that belong to how its results were had. */
export function statedOf({ protocol, readings }: RunRecord): Pick<MethodKey, 'stated'> {
  const steps = protocol.steps.filter(({ ofMethod }) => ofMethod === true);
  if (steps.length === 0) return {};
  const sheet = new Sheet(readings);
  const stated = steps.flatMap(({ key }) => {
    const value = sheet.value(0, key);
    return value === undefined ? [] : [[key, value] as const];
  });
  return stated.length === 0 ? {} : { stated: Object.fromEntries(stated) };
}

/** What tells a run's method from others: its protocol at its version, and of the set-up what the value depends on. */
export function methodKeyOf(run: RunRecord): MethodKey {
  const { protocol, settings } = run;
  const key = { protocol: protocol.key, version: protocol.version };
  if (plainWords(run) !== undefined) return { ...key, ...statedOf(run) };
  if (protocol.reduction === 'retention') return { ...key, ...depthsOf(run) };
  const { packingHabit: packing, press_gcm2, drain_min } = settings;
  const packed = { ...key, ...depthsOf(run), packing, ...(press_gcm2 === undefined ? {} : { press_gcm2 }) };
  return protocol.reduction === 'drainCurve' ? packed : { ...packed, drain_min };
}

/** One method as one text, to be compared and never shown. */
export const methodKeyText = (run: RunRecord): string => canonicalText(methodKeyOf(run));

/** The method that such a text tells of. */
export const methodKeyIn = (text: string): MethodKey => JSON.parse(text) as MethodKey;

/** One depth, or the range of several. */
export function vesselWords([least, most]: readonly [number, number]): string {
  return least === most ? `${String(least)} cm vessel` : `vessels of ${String(least)} to ${String(most)} cm`;
}

function statedWords(run: RunRecord): string[] {
  const { stated = {} } = statedOf(run);
  return run.protocol.steps.flatMap(({ key, classes }) => classes?.[stated[key] ?? -1] ?? []);
}

function wordsFor(run: RunRecord): string {
  const plain = plainWords(run);
  if (plain !== undefined) return [plain, ...statedWords(run)].join(', ');
  const { reduction } = run.protocol;
  const { depths_cm } = depthsOf(run);
  if (reduction === 'retention') return `suction table, ${String(depths_cm?.[0] ?? '?')} cm rings`;
  const where = depths_cm === undefined ? '' : `${vesselWords(depths_cm)}, `;
  if (reduction === 'drainCurve') return `${where}${packingWords(run.settings)}`;
  const kitchen = reduction === 'kitchen' ? ', kitchen form' : '';
  return `${where}${packingWords(run.settings)}, drained ${String(drained_min(run))} min${kitchen}`;
}

/** How a run's values were had, in words: a lead's copy is a method of its own, and says its name. */
export function methodWords(run: RunRecord): string {
  const { copiedFrom, label } = run.protocol;
  return copiedFrom === undefined ? wordsFor(run) : `${wordsFor(run)}, by ${label}`;
}
