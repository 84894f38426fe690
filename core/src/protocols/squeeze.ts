import type { Protocol } from '../sheets';
import { judge } from './steps';

/** What a squeezed handful does. */
export const SQUEEZE: Protocol = {
  key: 'squeeze',
  version: 2,
  label: 'Fist squeeze',
  plain: 'Squeeze a moist handful, open the hand, touch it.',
  takes: 'a hand, a minute',
  reduction: 'arithmetic',
  results: [{ property: 'squeeze', read: 'squeeze' }],
  method: 'moistened until a handful just holds',
  usesVessel: false,
  replicates: { usual: 3, most: 12 },
  steps: [
    judge(['dry', 'just moist', 'moist', 'wet'], {
      key: 'moisture',
      label: 'How moist it is',
      say: 'Moisten it first until it just holds; say what it is now.',
      why: 'The same medium squeezes differently wet and dry.',
      picture: 'hand',
      once: true,
      ofMethod: true,
      caution: 'germs',
    }),
    judge(['falls apart at once', 'holds, crumbles at a touch', 'stays a ball', 'drips'], {
      key: 'squeeze',
      label: 'Squeezed hard',
      say: 'A handful, squeezed once, hand opened; then touch it with a finger.',
      why: 'A pot wants a crumble at a touch; ground-bed soil may hold a ball.',
      picture: 'hand',
    }),
  ],
};
