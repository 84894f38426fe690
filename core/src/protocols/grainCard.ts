import type { Protocol } from '../sheets';
import { judge } from './steps';

/** A mineral grain, described. */
export const GRAIN_CARD: Protocol = {
  key: 'grain-card',
  version: 1,
  label: 'Grain card',
  plain: 'Look at twenty grains: shape, edges, pores, how they crush, whether acid fizzes.',
  takes: 'a lens, pliers, a drop of vinegar, ten minutes',
  reduction: 'arithmetic',
  method: 'twenty grains',
  usesVessel: false,
  replicates: { usual: 1, most: 12 },
  results: [
    { property: 'grainEdges', read: 'edges' },
    { property: 'grainPores', read: 'pores' },
    { property: 'crush', read: 'crush' },
    { property: 'fizz', read: 'fizz' },
  ],
  steps: [
    judge(['round', 'worn', 'angular', 'sharp'], {
      key: 'edges',
      label: 'Edges',
      say: 'Look at twenty grains under the lens.',
      why: 'Sharp grains lock and leave more space; they also cut roots and hands.',
      picture: 'eye',
      caution: 'sharp',
    }),
    judge(['dense', 'a few pores', 'porous all through'], {
      key: 'pores',
      label: 'Pores that are open',
      say: 'Does a drop of water vanish into it? Are there holes where pests could sit?',
      why: 'Open pores hold water that roots reach late.',
      picture: 'drop',
    }),
    judge(['in the fingers', 'with pliers', 'only with a hammer'], {
      key: 'crush',
      label: 'It crushes',
      say: 'Try fingers, then pliers, then the hammer; goggles on.',
      why: 'Soft grains turn to flour within a few seasons.',
      picture: 'hand',
      caution: 'sharp',
    }),
    judge(['none', 'a little', 'strong'], {
      key: 'fizz',
      label: 'Fizz under vinegar',
      say: 'One drop on a crushed grain.',
      why: 'It fizzes where there is lime, and lime lifts the pH.',
      picture: 'drop',
      caution: 'chemicals',
    }),
  ],
};
