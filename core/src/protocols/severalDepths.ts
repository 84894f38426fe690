import type { Protocol } from '../sheets';
import { SATURATE_DRAIN_DRY } from './saturateDrainDry';

/** The water curve with nothing but vessels: the same medium drained in straight ones of different depths. */
export const SEVERAL_DEPTHS: Protocol = {
  ...SATURATE_DRAIN_DRY.protocol,
  key: 'several-depths',
  version: 2,
  label: 'Vessels of several depths',
  plain: 'The same medium drained in straight vessels of two or more depths: its water curve, without a table.',
  takes: 'straight vessels of different depths, say 5, 10, 20 and 40 cm, a scale, an oven, two days',
  replicates: { usual: 4, most: 12 },
};
