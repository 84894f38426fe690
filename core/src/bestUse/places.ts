import type { VerdictUse } from '../verdicts';

/** What a product can be used for, and what that asks beside the verdicts of the use. */
export interface Place {
  readonly key: string;
  readonly label: string;
  readonly use: VerdictUse;
  /** Depth of medium, cm, where air and water are asked for. */
  readonly height_cm?: number;
  /** Windows, both ends included. */
  readonly air?: readonly [number, number];
  readonly water?: readonly [number, number];
  /** Nitrogen has to last so many days, or is to be added. */
  readonly nitrogen_d?: number;
  readonly pH?: readonly [number, number];
  /** What to do or to mind when it is used so. */
  readonly mind?: string;
}

/** In the order in which they are named where two fit as well. Windows are wider than a rubric's: what will do. Ours. */
export const PLACES: readonly Place[] = [
  {
    key: 'seed',
    label: 'seed and cuttings',
    use: 'seed',
    height_cm: 5,
    air: [0.05, 0.35],
    water: [0.4, 0.85],
    pH: [5, 6.8],
  },
  {
    key: 'pots',
    label: 'fills pots alone',
    use: 'containers',
    height_cm: 15,
    air: [0.12, 0.42],
    water: [0.35, 0.75],
    nitrogen_d: 42,
    pH: [5, 7.2],
  },
  {
    key: 'tubs',
    label: 'fills large tubs',
    use: 'containers',
    height_cm: 35,
    air: [0.12, 0.5],
    water: [0.25, 0.7],
    nitrogen_d: 42,
    pH: [5, 7.2],
    mind: 'What is rich in compost sinks in a tub within the year: top it up.',
  },
  {
    key: 'beds',
    label: 'fills beds',
    use: 'bed',
    height_cm: 30,
    air: [0.1, 0.5],
    water: [0.2, 0.7],
    pH: [5.5, 7.8],
  },
  { key: 'ground', label: 'opens or feeds ground soil', use: 'ground', mind: 'Fork it in, 3 to 5 cm deep at most.' },
  {
    key: 'topDressing',
    label: 'top dressing',
    use: 'topDressing',
    mind: 'Fine stuff blows: water it in, or cover it.',
  },
  { key: 'mulch', label: 'mulch', use: 'bed', height_cm: 5, air: [0.3, 0.9] },
];
