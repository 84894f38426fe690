import type { Protocol } from '../sheets';
import { judge } from './steps';

/** Pests, looked for. */
export const PESTS: Protocol = {
  key: 'pests',
  version: 1,
  label: 'Pests',
  plain: 'A yellow card over a moist tray for a week, and a lens.',
  takes: 'a sticky card, a lens, a week',
  reduction: 'arithmetic',
  results: [{ property: 'pests', read: 'pests' }],
  method: 'yellow card for a week',
  usesVessel: false,
  replicates: { usual: 1, most: 12 },
  steps: [
    judge(['none seen', 'a few', 'many'], {
      key: 'pests',
      label: 'Gnats, mites, larvae, snails',
      say: 'Moist tray under a yellow card for a week; look at the surface with a lens. Name them in the notes.',
      why: 'What comes in with the bag stays in the house.',
      picture: 'eye',
      caution: 'germs',
    }),
  ],
};
