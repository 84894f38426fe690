import { refuse, requireNotNegative, requirePositive, requireWithin } from '../errors';
import { defineMethod, list, number, object, text, type InputOf } from '../method';

/** What of a lot says how fast water runs through its blend. */
const LINE = object({
  name: text(),
  volume: number('as it was measured, any one unit'),
  thetaS: number(),
  thetaDrained: number('water left when the large pores have drained, at 10 cm of suction'),
  k20_cms: number('as measured, soaked, at 20 °C'),
});

const INPUT = object({
  lines: list(LINE),
  macroporosity: number('what the blend drains by 10 cm of suction, fraction'),
});
export type ThroughflowInput = InputOf<typeof INPUT>;

export interface ThroughflowResult {
  readonly k20_cms: number;
  readonly lo: number;
  readonly hi: number;
}

/** Neither packing nor fines are in it: true within about this factor either way. Our guidance. */
export const THROUGHFLOW_FACTOR = 3;

/** Pores under this say nothing of flow; keeps the form finite for what drains not at all. */
const LEAST_POROSITY = 0.005;

/** Kozeny and Carman's dependence on the porosity that water runs through. */
function openness(porosity: number): number {
  const e = Math.min(Math.max(porosity, LEAST_POROSITY), 1 - LEAST_POROSITY);
  return e ** 3 / (1 - e) ** 2;
}

/**
 * Roughly how fast water runs through a soaked blend, cm/s at 20 °C: the mean of the components' logarithms by their
 * share of the solids, scaled by how much more or less open the blend's large pores are; `lo` and `hi` a third and three
 * times that. Throws for no line with volume and for figures outside their range.
 * Source: form of Kozeny (1927) and Carman (1937); the factor is our guidance.
 * Example: one component alone, its own macroporosity: its own conductivity.
 */
export function throughflow({ lines, macroporosity }: ThroughflowInput): ThroughflowResult {
  requireWithin('macroporosity', macroporosity, 0, 1);
  lines.forEach((line, i) => {
    const path = `lines[${String(i)}]`;
    requireNotNegative(`${path}.volume`, line.volume, '');
    requireWithin(`${path}.thetaS`, line.thetaS, 0.01, 0.999);
    requireWithin(`${path}.thetaDrained`, line.thetaDrained, 0, line.thetaS);
    requirePositive(`${path}.k20_cms`, line.k20_cms, 'cm/s');
  });
  const solids = lines.map(({ volume, thetaS }) => volume * (1 - thetaS));
  const whole = solids.reduce((sum, one) => sum + one, 0);
  if (!(whole > 0)) refuse('lines', 'a blend needs a line with volume');
  const mean = lines.reduce((sum, { k20_cms, thetaS, thetaDrained }, i) => {
    const perOpenness = Math.log(k20_cms / openness(thetaS - thetaDrained));
    return sum + ((solids[i] as number) / whole) * perOpenness;
  }, 0);
  const k20_cms = Math.exp(mean) * openness(macroporosity);
  return { k20_cms, lo: k20_cms / THROUGHFLOW_FACTOR, hi: k20_cms * THROUGHFLOW_FACTOR };
}

export const throughflowMethod = defineMethod({
  name: 'throughflow',
  version: 1,
  source: 'form of Kozeny (1927) and Carman (1937); mean of logarithms, our guidance',
  schema: INPUT,
  calculate: throughflow,
  outputs: {
    k20_cms: {
      of: 'k20_cms',
      sentence: 'Water through the soaked blend: rough, true within about a factor of three either way.',
      formula: 'e^(Σ share of solids × ln(K / f)) × f(blend), f(ε) = ε³/(1 − ε)², ε drained by 10 cm',
    },
  },
  golden: {
    input: {
      lines: [
        { name: 'a', volume: 1, thetaS: 0.8, thetaDrained: 0.4, k20_cms: 0.4 },
        { name: 'b', volume: 2, thetaS: 0.7, thetaDrained: 0.5, k20_cms: 0.1 },
      ],
      macroporosity: 0.25,
    },
    gives: {
      k20_cms: 0.161830590569,
      lo: 0.0539435301897,
      hi: 0.485491771707,
    },
  },
});
