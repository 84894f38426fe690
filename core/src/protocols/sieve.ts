import { sieveMethod } from '../particles';
import { byMethod, type Protocol, type Shipped, type Step } from '../sheets';

/** Meshes from coarse to fine, mm. */
const MESHES = [8, 4, 2, 1, 0.5, 0.25] as const;

const mesh = (opening_mm: number): Step => ({
  key: `mesh${String(opening_mm).replace('.', '_')}`,
  kind: 'weigh',
  unit: 'g',
  label: opening_mm === 0 ? 'In the pan' : `On ${String(opening_mm)} mm`,
  say:
    opening_mm === 0
      ? 'Brush out the pan and weigh what fell through.'
      : `Weigh what stayed on the ${String(opening_mm)} mm sieve.`,
  why:
    opening_mm === 0
      ? 'The fines decide how it drains and how it dusts.'
      : 'Sizes decide how grains pack and what a blend shrinks to.',
  bounds: [0, 20000],
  picture: 'sieve',
  opening_mm,
});

const PROTOCOL: Protocol = {
  key: 'sieve',
  version: 1,
  label: 'Sieves',
  plain: 'Shake it dry through a stack: how coarse, how even, how much dust.',
  takes: 'a stack of sieves and a scale, half an hour',
  reduction: 'sieve',
  usesVessel: false,
  replicates: { usual: 2, most: 12 },
  steps: [
    {
      key: 'sample',
      kind: 'weigh',
      unit: 'g',
      label: 'Sample, air-dry',
      say: 'Quarter the heap down to the sample; weigh it air-dry.',
      why: 'What is lost on the way shows against this.',
      bounds: [0.1, 20000],
      picture: 'scale-full',
      caution: 'dust',
    },
    ...MESHES.map(mesh),
    mesh(0),
  ],
};

/** A dry stack of sieves: how coarse, how even, how much dust. */
export const SIEVE: Shipped = {
  protocol: PROTOCOL,
  reduce: byMethod(sieveMethod, {
    inputOf: (run, sheet, replicate) => {
      const sample_g = sheet.value(replicate, 'sample');
      const sieves = run.protocol.steps.flatMap(({ key, opening_mm }) => {
        const retained_g = sheet.value(replicate, key);
        return opening_mm === undefined || retained_g === undefined ? [] : [{ opening_mm, retained_g }];
      });
      const meshes = run.protocol.steps.filter(({ opening_mm }) => opening_mm !== undefined).length;
      return sample_g === undefined || sieves.length < meshes ? undefined : { sample_g, sieves };
    },
  }),
};
