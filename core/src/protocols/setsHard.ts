import type { Protocol } from '../sheets';
import { judge, wait } from './steps';

/** Whether it sets hard when it dries. */
export const SETS_HARD: Protocol = {
  key: 'sets-hard',
  version: 1,
  label: 'Setting hard',
  plain: 'Wet it, let it dry, press it with a finger.',
  takes: 'a saucer, some dry days',
  reduction: 'arithmetic',
  method: 'wetted, air-dried',
  usesVessel: false,
  replicates: { usual: 2, most: 12 },
  results: [{ property: 'setsHard', read: 'press' }],
  steps: [
    wait(
      { name: 'drying', minutes: 3 * 24 * 60 },
      {
        key: 'wetted',
        label: 'Wetted and smoothed',
        say: 'Two fingers deep in a saucer, wetted through, smoothed; then left in an airy place.',
        why: 'Silt and fine clay run together as they dry.',
        picture: 'soak',
        caution: 'germs',
      },
    ),
    judge(['stays loose', 'a crust that breaks', 'hard: a finger leaves no mark'], {
      key: 'press',
      label: 'Pressed with a finger',
      say: 'When it is dry through, press in the middle with all your finger’s strength.',
      why: 'What sets hard sheds the next watering and tears fine roots as it shrinks.',
      picture: 'hand',
    }),
  ],
};
