import type { Protocol } from '../sheets';
import { read } from './steps';

/** pH and EC of the saturated paste. */
export const PH_PASTE: Protocol = {
  key: 'ph-paste',
  version: 1,
  label: 'pH and EC of the paste',
  plain: 'Wet it until it just glistens and slumps: the water that roots meet.',
  takes: 'a pH pen, an EC meter, a funnel, an hour and a half',
  reduction: 'arithmetic',
  results: [
    { property: 'pHPaste', read: 'pH' },
    { property: 'ecPaste', read: 'ec' },
  ],
  method: 'saturated paste',
  usesVessel: false,
  replicates: { usual: 3, most: 12 },
  steps: [
    read('pH', {
      key: 'pH',
      label: 'pH of the paste',
      say: 'Stir water in until the paste glistens, slides off the spatula and no water stands on it. Leave an hour; read in the paste.',
      why: 'The wetter it is made, the higher it reads.',
      picture: 'pen',
      caution: 'chemicals',
    }),
    read('ec', {
      key: 'ec',
      label: 'EC of what is drawn from it, at 25 °C',
      say: 'Draw the water through a filter, read it, corrected to 25 °C.',
      why: 'The paste holds far less water than 1:5, so it reads higher.',
      picture: 'pen',
      caution: 'electric',
      optional: true,
    }),
  ],
};
