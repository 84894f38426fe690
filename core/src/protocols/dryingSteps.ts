import type { Step } from '../sheets';
import { read } from './steps';

const TWO_HOURS_min = 120;

/** Weighings after the second, each asked for only while the two before it disagree. */
const AGAIN = [
  { key: 'dryThird', label: 'Third weighing, 2 h later', weighings: ['dry', 'dryAgain'] },
  { key: 'dryFourth', label: 'Fourth weighing, 2 h later', weighings: ['dryAgain', 'dryThird'] },
  { key: 'dryFifth', label: 'Fifth weighing, 2 h later', weighings: ['dryThird', 'dryFourth'] },
] as const;

/** Drying to constant mass: a tray, a weighing, another two hours later, and on while they disagree. */
export const DRYING_STEPS: readonly Step[] = [
  read('weigh', {
    key: 'dryTray',
    label: 'Drying tray, empty',
    say: 'Weigh the tray that goes into the oven.',
    why: 'The dry medium is weighed in it.',
    picture: 'scale-empty',
  }),
  read('weigh', {
    key: 'partWet',
    label: 'Wet subsample on its tray',
    say: 'Mix the drained medium, put a part on the tray, weigh it wet. Leave empty if all of it goes in.',
    why: 'What the part loses, the whole would lose.',
    picture: 'tray',
    optional: true,
    onDemand: true,
  }),
  read('weigh', {
    key: 'dry',
    label: 'Dried at 103–105 °C, first weighing',
    say: 'All of the medium onto the tray, into the oven until dry; weigh warm-dry.',
    why: 'Only drying parts solid from water.',
    picture: 'oven',
    caution: 'heat',
  }),
  read('weigh', {
    key: 'dryAgain',
    label: 'Second weighing, 2 h later',
    say: 'Back into the oven for two hours, weigh again.',
    why: 'Dry when the two agree within 0.1 %.',
    picture: 'oven',
    optional: true,
  }),
  ...AGAIN.map(({ key, label, weighings }) =>
    read('weigh', {
      key,
      label,
      say: 'The last two differ by more than 0.1 %: back into the oven for two hours, weigh again.',
      why: 'What is still leaving is water.',
      picture: 'oven',
      caution: 'heat',
      optional: true,
      whileDrying: { weighings, tray: 'dryTray' },
      after: { step: weighings[1], minutes: TWO_HOURS_min },
    }),
  ),
];
