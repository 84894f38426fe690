import type { Protocol } from '../sheets';
import { read, wait } from './steps';

/** Sand, silt and clay by layers in a jar. */
export const JAR: Protocol = {
  key: 'jar',
  version: 1,
  label: 'Jar of layers',
  plain: 'Shake soil with water in a jar and read the layers as they settle.',
  takes: 'a straight jar, a little dispersant, a ruler, a day',
  reduction: 'arithmetic',
  method: 'layers in a jar, give or take 10 points',
  usesVessel: false,
  replicates: { usual: 2, most: 12 },
  results: [
    { property: 'sandShare', add: ['sand'], per: ['all'] },
    { property: 'siltShare', add: ['silt'], take: ['sand'], per: ['all'] },
    { property: 'clayShare', add: ['all'], take: ['silt'], per: ['all'] },
  ],
  steps: [
    read('length', {
      key: 'sand',
      label: 'Height of the sand',
      unit: 'mm',
      say: 'Soil without stones, water, a pinch of dispersant; skim what floats, shake five minutes, stand it down. Mark after 45 seconds for 10 cm of water.',
      why: 'By then everything above 50 µm has sunk.',
      picture: 'jar',
      bounds: [0, 500],
      caution: 'chemicals',
    }),
    wait(
      { name: 'settling', minutes: 464 },
      {
        key: 'settle',
        label: 'Leave it, do not knock',
        say: 'Stand it where nobody bumps it; for 10 cm at 20 °C the silt is down after 7 h 44 min.',
        why: 'Stokes’s law for grains of 2 µm.',
        picture: 'jar',
      },
    ),
    read('length', {
      key: 'silt',
      label: 'Height of sand and silt',
      unit: 'mm',
      say: 'The line after the silt has settled.',
      why: 'What still hangs in the water is clay.',
      picture: 'jar',
      bounds: [0, 500],
    }),
    read('length', {
      key: 'all',
      label: 'Height of everything',
      unit: 'mm',
      say: 'When the water is clear, a day or more later.',
      why: 'A layer of clay holds much water, so it reads too high.',
      picture: 'jar',
      bounds: [1, 500],
    }),
  ],
};
