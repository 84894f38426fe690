import { allOf, byMethod, volumeOfReplicate_mL, type Protocol, type Shipped } from '../sheets';
import { matUptakeMethod } from '../wetting';
import { read } from './steps';

const PROTOCOL: Protocol = {
  key: 'wet-mat',
  version: 1,
  label: 'Drawing up from a wet mat',
  plain: 'A pot stands on a wet mat for an hour: how much water it sips from below.',
  takes: 'a capillary mat or a thick wet towel, a tray, a scale, an hour',
  reduction: 'wetMat',
  method: 'on a wet mat, moist',
  usesVessel: true,
  replicates: { usual: 3, most: 12 },
  steps: [
    read('weigh', {
      key: 'before',
      label: 'Pot, moist, before the mat',
      say: 'Let a watered pot dry to about half of its water, wipe it, weigh it.',
      why: 'All that it draws up is weighed on top of this; a full pot draws nothing.',
      picture: 'scale-full',
      caution: 'lifting',
    }),
    read('count', {
      key: 'minutes',
      label: 'Minutes on the mat',
      say: 'Press it once onto a mat that stands wet, and leave it for an hour.',
      why: 'The first water comes fast: an hour is what is compared.',
      picture: 'tray',
      unit: 'min',
      bounds: [5, 1440],
    }),
    read('weigh', {
      key: 'after',
      label: 'Pot, off the mat',
      say: 'Lift it, let it drip until a minute passes without a drop, wipe it, weigh it.',
      why: 'What hangs below the pot is not in the medium.',
      picture: 'scale-full',
    }),
  ],
};

/** What a pot draws up from below in an hour. */
export const WET_MAT: Shipped = {
  protocol: PROTOCOL,
  reduce: byMethod(matUptakeMethod, {
    inputOf: (run, sheet, replicate) => {
      const weighed = allOf(sheet, replicate, ['before', 'minutes', 'after']);
      const volume_mL = volumeOfReplicate_mL(run, replicate);
      if (weighed === undefined || volume_mL === undefined) return undefined;
      return { before_g: weighed.before, after_g: weighed.after, volume_mL, time_min: weighed.minutes };
    },
  }),
};
