import {
  drainClass,
  property,
  texture,
  type DrainClass,
  type PropertyKey,
  type RinseInput,
  type RunResult,
} from '@bent-pail/core';
import { amount, figureInMine, mySign } from '../shared/units/mine';
import { counted, fixed } from '../kit/format';
import { airWord, percent } from '../shared/airWords';

/** A run ends in a sentence, not in a row of numbers. */
export function runSentence(result: RunResult): string {
  const mean = (key: PropertyKey): number | undefined =>
    result.properties.find((one) => one.property === key)?.summary?.mean;
  const air = mean('airSpace');
  const water = mean('containerCapacity');
  if (air !== undefined && water !== undefined) {
    return `Of a drained vessel ${percent(water)} is water and ${percent(air)} is air: ${airWord(air)}.`;
  }
  const bound = mean('capacityAtLeast');
  if (air !== undefined && bound !== undefined)
    return `${percent(air)} of it is air, and it holds at least ${percent(bound)} water.`;
  const pH = mean('pH');
  if (pH !== undefined)
    return `pH ${fixed(pH, 1)} by 1:5 in water: ${pH < 5.5 ? 'acid' : pH > 7 ? 'alkaline' : 'moderately acid'}.`;
  const ec = mean('ec_dSm');
  if (ec !== undefined) return `EC ${amount(ec, 'dS/m', 2)} by 1:2 in water at ${amount(25, '°C', 0)}.`;
  const volume = mean('bagVolume_L');
  if (volume !== undefined) return `The bag really holds ${amount(volume, 'L', 1)}, poured loose.`;
  const d50 = mean('d50_mm');
  if (d50 !== undefined) {
    const fines = mean('fines');
    return `Half of it is finer than ${amount(d50, 'mm', 1)}${fines === undefined ? '' : `; ${percent(fines)} is finer than half a millimetre`}.`;
  }
  const t90 = mean('t90_s');
  if (t90 !== undefined)
    return `Nine tenths are out after ${fixed(t90, 0)} s: it drains ${drainWord(drainClass(t90))}.`;
  const easy = mean('easilyAvailable');
  if (easy !== undefined) return `${percent(easy)} of it is water that roots take easily.`;
  const level = mean('ecInf_dSm');
  const rinses = mean('rinsesToTarget');
  if (level !== undefined) {
    const target = amount(targetOf(result), 'dS/m', 1);
    const many =
      rinses === undefined
        ? `Rinsing alone does not reach ${target}`
        : `${counted(rinses, 'rinse brings', 'rinses bring')} it to ${target}`;
    return `${many}; it levels out at ${amount(level, 'dS/m', 2)}.`;
  }
  return jarSentence(mean) ?? plainSentence(result);
}

/** Layers in a jar name a soil. */
function jarSentence(mean: (key: PropertyKey) => number | undefined): string | undefined {
  const [sand, silt, clay] = [mean('sandShare'), mean('siltShare'), mean('clayShare')];
  if (sand === undefined || silt === undefined || clay === undefined) return undefined;
  return `By its layers it is ${texture({ sand, silt, clay }).class}, give or take 10 points of clay.`;
}

/** Most results have no sentence of their own: the first ones are read out. */
const READ_OUT = 3;

function plainSentence({ properties }: RunResult): string {
  const told = properties.slice(0, READ_OUT).flatMap(({ property: key, summary, words }) => {
    if (summary === undefined) return [];
    const { label, digits, unit } = property(key);
    const value = words ?? `${figureInMine(summary.mean, unit, digits, summary.sd).value} ${mySign(unit)}`.trim();
    return [`${label}: ${value}`];
  });
  return told.length === 0 ? 'The run is finished.' : `${told.join('; ')}.`;
}

const drainWord = (word: DrainClass): string =>
  ({ quick: 'quickly', moderate: 'moderately', slow: 'slowly', 'very slow': 'very slowly' })[word];

/** The EC that a run of rinsing was to reach: what its numbers were worked out with. */
function targetOf({ properties }: RunResult): number {
  const input = properties.find(({ property: key }) => key === 'ecInf_dSm')?.values[0]?.working?.input;
  return (input as RinseInput | undefined)?.target_dSm ?? 0;
}
