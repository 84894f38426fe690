import { titrationMethod } from '../chemistry';
import { byMethod, correctedValue, type Protocol, type Shipped } from '../sheets';
import { read, wait } from './steps';

const PROTOCOL: Protocol = {
  key: 'buffering',
  version: 1,
  label: 'Buffering, by incubation',
  plain: 'Four jars with more and more lime, a week, pen in: how much moves the pH by one.',
  takes: 'four closed jars, a pH pen, lime weighed out, a week',
  reduction: 'titration',
  method: '7 days at room warmth',
  usesVessel: false,
  replicates: { usual: 2, most: 12 },
  steps: [
    wait(
      { name: 'incubating', minutes: 7 * 24 * 60 },
      {
        key: 'start',
        label: 'Lime mixed in, jars closed',
        say: 'One litre of moist medium a jar: none, 10, 20 and 40 meq of lime to the litre (0.5, 1.0 and 2.0 g of pure carbonate). Close, leave warm.',
        why: 'Ground limestone takes its time: read again after three weeks where it is coarse.',
        picture: 'jar',
        caution: 'liming',
      },
    ),
    ...[0, 10, 20, 40].map((dose_meqPerL) =>
      read('pH', {
        key: `at${String(dose_meqPerL)}`,
        label: dose_meqPerL === 0 ? 'pH of the jar without lime' : `pH of the jar with ${String(dose_meqPerL)} meq/L`,
        say: 'One part of it in five of water, an hour, read.',
        why: 'The line through the jars is what a lime dose is worked out from.',
        picture: 'pen',
        dose_meqPerL,
        ...(dose_meqPerL === 0 ? { caution: 'chemicals' as const } : {}),
      }),
    ),
  ],
};

/** Least readings of a curve with three parameters. */
const LEAST_OF_CURVE = 3;

/** How much lime moves the pH, by jars left a week. */
export const BUFFERING: Shipped = {
  protocol: PROTOCOL,
  reduce: byMethod(titrationMethod, {
    inputOf: (run, sheet, replicate, checks) => {
      const steps = run.protocol.steps.flatMap((step) => {
        const { dose_meqPerL } = step;
        if (dose_meqPerL === undefined) return [];
        const pH = correctedValue(sheet, replicate, step, checks);
        return pH === undefined ? [] : [{ dose_meqPerL, pH }];
      });
      return steps.length < LEAST_OF_CURVE ? undefined : { steps };
    },
  }),
};
