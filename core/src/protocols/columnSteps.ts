import type { Step } from '../sheets';
import { read } from './steps';

/** What is read of any column of medium that water flows through. */
export const COLUMN_STEPS: readonly Step[] = [
  read('temperature', {
    key: 'waterTemp',
    label: 'Water temperature',
    say: 'Thermometer into the supply.',
    why: 'Warm water is thinner and flows faster; the result is brought to 20 °C.',
    picture: 'thermometer',
    once: true,
  }),
  read('length', {
    key: 'length',
    label: 'Length of the column',
    say: 'From the mesh to the surface of the medium, soaked.',
    why: 'The head is spent over this length.',
    picture: 'ruler',
    bounds: [1, 200],
  }),
  read('length', {
    key: 'diameter',
    label: 'Inner diameter of the column',
    say: 'Measure across twice, take the mean.',
    why: 'The flow is for its cross-section.',
    picture: 'ruler',
    bounds: [1, 60],
  }),
];

/** Cross-section of a round tube, cm2. */
export const areaOf = (diameter_cm: number): number => (Math.PI * diameter_cm ** 2) / 4;
