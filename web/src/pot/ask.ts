import {
  DRESSINGS,
  SOILS,
  STANDS,
  type DressingKey,
  type SoilKey,
  type StandKey,
  type WateringPlan,
  NEEDS,
  POT_SETUP,
  type NeedsKey,
} from '@bent-pail/core';

/** Two or more pots that one press sets beside each other: all alike but for one thing. */
export const COMPARES = ['depths', 'stones', 'rhythm', 'climate', 'wall', 'mulch', 'schools'] as const;
export type CompareKey = (typeof COMPARES)[number];
export const COMPARE_WORDS: Readonly<Record<CompareKey, string>> = {
  depths: 'Three depths',
  stones: 'Stones below, or none',
  rhythm: 'Daily or weekly',
  climate: 'Wet winter, or wind',
  wall: 'Clay or plastic',
  mulch: 'Mulched or bare',
  schools: 'The schools’ own mixes',
};

/** What lies below the medium. */
export type Below = 'nothing' | 'stones' | 'second' | SoilKey;

/** What is asked of the station, as it stands in the address. */
export interface PotAsk {
  readonly compare: CompareKey | undefined;
  readonly below: Below;
  /** Depth of the stones, or of the water table below a bed, cm. */
  readonly below_cm: number;
  /** A net between the layers. */
  readonly netted: boolean;
  readonly top: { readonly key: DressingKey; readonly deep_cm: number } | undefined;
  readonly mulched: boolean;
  readonly clay: boolean;
  readonly stand: StandKey;
  /** Instead: a place that is kept, in a month, 0 for January. */
  readonly at: { readonly placeId: string; readonly month: number } | undefined;
  readonly mmPerD: number | undefined;
  readonly plan: WateringPlan;
  /** A second line of watering. */
  readonly also: WateringPlan | undefined;
  readonly needs: NeedsKey;
  /** Part of the depth that roots reach, %. */
  readonly rooted_percent: number;
  readonly days: number;
}

export const USUAL_BELOW_CM: Readonly<Record<Exclude<Below, 'nothing'>, number>> = {
  stones: 3,
  second: 5,
  sand: 80,
  loam: 80,
  clay: 80,
};
export const DAYS = [3, 7, 14, 28] as const;

const USUAL: PotAsk = {
  compare: undefined,
  below: 'nothing',
  below_cm: 0,
  netted: false,
  top: undefined,
  mulched: false,
  clay: false,
  stand: 'mild',
  at: undefined,
  mmPerD: undefined,
  plan: { kind: 'every', every_d: 2 },
  also: undefined,
  needs: 'most',
  rooted_percent: 100 * POT_SETUP.rooted,
  days: 14,
};

const number = (text: string | null | undefined, lo: number, hi: number): number | undefined => {
  const value = Number(text);
  return text !== null && text !== undefined && text.trim() !== '' && value >= lo && value <= hi ? value : undefined;
};

/** `every:2`, `every:7:500`, `weekdays:024` (Monday, Wednesday, Friday), `when-dry:0.7`, `drip:4`, `from-below:3:3:1`, `none`; anything else is no plan. */
export function planOf(text: string | null): WateringPlan | undefined {
  const [kind, first, second, third] = (text ?? '').split(':');
  switch (kind) {
    case 'every': {
      const every_d = number(first, 0.25, 60);
      const volume_mL = number(second, 0, 1e6);
      if (every_d === undefined) return undefined;
      return { kind, every_d, ...(volume_mL === undefined ? {} : { volume_mL }) };
    }
    case 'weekdays': {
      const on = [...new Set(first ?? '')].map(Number).filter((day) => day >= 0 && day <= 6);
      const volume_mL = number(second, 0, 1e6);
      return on.length === 0 ? undefined : { kind, on, ...(volume_mL === undefined ? {} : { volume_mL }) };
    }
    case 'when-dry': {
      const below = number(first, 0.05, 1);
      return below === undefined ? undefined : { kind, below };
    }
    case 'drip': {
      const hours = number(first, 0.1, 24);
      const day_mL = number(second, 0, 1e6);
      return hours === undefined ? undefined : { kind, hours, ...(day_mL === undefined ? {} : { day_mL }) };
    }
    case 'from-below': {
      const [every_d, level_cm, hours] = [number(first, 0.25, 60), number(second, 0, 100), number(third, 0.1, 24)];
      return every_d === undefined || level_cm === undefined || hours === undefined
        ? undefined
        : { kind, every_d, level_cm, hours };
    }
    case 'none':
      return { kind };
    default:
      return undefined;
  }
}

export function planText(plan: WateringPlan): string {
  switch (plan.kind) {
    case 'every':
      return ['every', plan.every_d, ...(plan.volume_mL === undefined ? [] : [plan.volume_mL])].join(':');
    case 'weekdays':
      return ['weekdays', plan.on.join(''), ...(plan.volume_mL === undefined ? [] : [plan.volume_mL])].join(':');
    case 'when-dry':
      return `when-dry:${String(plan.below)}`;
    case 'drip':
      return ['drip', plan.hours, ...(plan.day_mL === undefined ? [] : [plan.day_mL])].join(':');
    case 'from-below':
      return ['from-below', plan.every_d, plan.level_cm, plan.hours].join(':');
    case 'none':
      return 'none';
  }
}

const oneOf = <K extends string>(text: string | null, keys: readonly K[]): K | undefined =>
  keys.find((key) => key === text);

/** `ID:6` is a place in July. */
function placeOf(text: string | null): PotAsk['at'] {
  const [placeId = '', typed] = (text ?? '').split(':');
  const month = number(typed, 0, 11);
  return /^[0-9a-f-]{36}$/.test(placeId) && month !== undefined && Number.isInteger(month)
    ? { placeId, month }
    : undefined;
}

/** `grit:2` is two centimetres of grit on top. */
function topOf(text: string | null): PotAsk['top'] {
  const [typed = '', deep] = (text ?? '').split(':');
  const key = oneOf(
    typed,
    DRESSINGS.map((one) => one.key),
  );
  const deep_cm = number(deep, 0.5, 20);
  return key === undefined || deep_cm === undefined ? undefined : { key, deep_cm };
}

/** What an address asks; what it does not say, or says wrongly, is as usual. */
export function askOf(params: URLSearchParams): PotAsk {
  const below = oneOf<Below>(params.get('below'), ['stones', 'second', ...SOILS.map(({ key }) => key)]) ?? 'nothing';
  return {
    compare: oneOf(params.get('vs'), COMPARES),
    below,
    below_cm: below === 'nothing' ? 0 : (number(params.get('below_cm'), 1, 300) ?? USUAL_BELOW_CM[below]),
    netted: params.get('net') === 'yes',
    top: topOf(params.get('top')),
    mulched: params.get('mulch') === 'yes',
    clay: params.get('wall') === 'clay',
    stand:
      oneOf(
        params.get('stand'),
        STANDS.map(({ key }) => key),
      ) ?? USUAL.stand,
    at: placeOf(params.get('at')),
    mmPerD: number(params.get('mm'), 0, 20),
    plan: planOf(params.get('water')) ?? USUAL.plan,
    also: planOf(params.get('also')),
    needs:
      oneOf(
        params.get('plant'),
        NEEDS.map(({ key }) => key),
      ) ?? USUAL.needs,
    rooted_percent: number(params.get('roots'), 10, 100) ?? USUAL.rooted_percent,
    days: number(params.get('days'), 1, 60) ?? USUAL.days,
  };
}

/** The same, written into an address; what is as usual is left out. */
export function writeAsk(params: URLSearchParams, ask: PotAsk): URLSearchParams {
  const next = new URLSearchParams(params);
  const put = (key: string, value: string | undefined): void => {
    if (value === undefined) next.delete(key);
    else next.set(key, value);
  };
  put('vs', ask.compare);
  put('below', ask.below === 'nothing' ? undefined : ask.below);
  put(
    'below_cm',
    ask.below === 'nothing' || ask.below_cm === USUAL_BELOW_CM[ask.below] ? undefined : String(ask.below_cm),
  );
  put('net', ask.netted ? 'yes' : undefined);
  put('top', ask.top === undefined ? undefined : `${ask.top.key}:${String(ask.top.deep_cm)}`);
  put('mulch', ask.mulched ? 'yes' : undefined);
  put('wall', ask.clay ? 'clay' : undefined);
  put('stand', ask.stand === USUAL.stand ? undefined : ask.stand);
  put('at', ask.at === undefined ? undefined : `${ask.at.placeId}:${String(ask.at.month)}`);
  put('mm', ask.mmPerD === undefined ? undefined : String(ask.mmPerD));
  put('water', planText(ask.plan) === planText(USUAL.plan) ? undefined : planText(ask.plan));
  put('also', ask.also === undefined ? undefined : planText(ask.also));
  put('plant', ask.needs === USUAL.needs ? undefined : ask.needs);
  put('roots', ask.rooted_percent === USUAL.rooted_percent ? undefined : String(ask.rooted_percent));
  put('days', ask.days === USUAL.days ? undefined : String(ask.days));
  return next;
}
