import type { Check } from '../errors';
import { readStep } from '../protocols';
import type { PupilSheet } from './lesson';

/** Two parts that do not make two. */
export const MIXING_SHEET: PupilSheet = {
  key: 'mixing',
  steps: [
    readStep('volume', {
      key: 'coarse',
      label: 'The coarse part',
      say: 'Fill the measure with the coarse stuff, tap it three times, strike off. How much is it?',
      why: 'Its gaps are what the other part falls into.',
      picture: 'jug',
      bounds: [50, 20000],
      caution: 'dust',
    }),
    readStep('volume', {
      key: 'fine',
      label: 'The fine part',
      say: 'The same with the fine stuff, as much of it as of the other.',
      why: 'Both are measured in the same way.',
      picture: 'jug',
      bounds: [50, 20000],
      caution: 'germs',
    }),
    readStep('volume', {
      key: 'mixed',
      label: 'Both, mixed',
      say: 'Tip both into the tray, mix until it looks alike, fill it back, tap it three times. How much is it now?',
      why: 'Fine stuff falls into the gaps of the coarse.',
      picture: 'tray',
      bounds: [50, 40000],
    }),
  ],
  figures: [
    {
      key: 'left',
      label: 'What is left of the two',
      unit: '%',
      times: 100,
      digits: 1,
      from: { add: ['mixed'], per: ['coarse', 'fine'] },
      guess: [0, 130],
      says: 'of the two volumes is left when they are one.',
    },
  ],
  doubts: ({ coarse, fine, mixed }) => {
    const checks: Check[] = [];
    if (coarse !== undefined && fine !== undefined && mixed !== undefined && mixed > 1.02 * (coarse + fine))
      checks.push({
        code: 'more-than-both',
        severity: 'caution',
        message: 'Mixed it is more than both were. Was each tapped as often, was all of it measured?',
      });
    return checks;
  },
  handlings: [
    { key: 'tapped', words: 'tapped the mix more often than the parts', moves: { mixed: 'low', left: 'low' } },
    { key: 'heaped', words: 'heaped the parts above the line', moves: { left: 'high' } },
    { key: 'spilt', words: 'spilt some while mixing', moves: { mixed: 'low', left: 'low' } },
    { key: 'unmixed', words: 'stopped mixing while it was still in patches', moves: { mixed: 'high', left: 'high' } },
  ],
};
