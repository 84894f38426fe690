import type { Step, StepKind } from '../sheets';

type Told = Pick<Step, 'key' | 'label' | 'say' | 'why' | 'picture'> & Partial<Step>;

/** Unit and bounds that a kind of reading has unless a step says otherwise. */
const USUAL: Readonly<Record<Exclude<StepKind, 'class' | 'time'>, Pick<Step, 'unit' | 'bounds'>>> = {
  weigh: { unit: 'g', bounds: [0, 50000] },
  volume: { unit: 'mL', bounds: [0, 50000] },
  depth: { unit: 'cm', bounds: [0, 200] },
  temperature: { unit: '°C', bounds: [1, 40] },
  pH: { unit: 'pH', bounds: [0, 14] },
  ec: { unit: 'dS/m', bounds: [0, 60] },
  seconds: { unit: 's', bounds: [0, 100000] },
  count: { unit: '', bounds: [0, 10000] },
  length: { unit: 'cm', bounds: [0, 200] },
  lab: { unit: 'mg/L', bounds: [0, 50000] },
};

/** A step that is read as a number. */
export function read(kind: Exclude<StepKind, 'class' | 'time'>, told: Told): Step {
  return { kind, ...USUAL[kind], ...told };
}

/** A step that is judged by fixed classes; their places in the list are what is kept. */
export function judge(classes: readonly string[], told: Told): Step {
  return { kind: 'class', unit: '', bounds: [0, classes.length - 1], classes, ...told };
}

/** A step that only starts what runs by itself. */
export function wait(hold: NonNullable<Step['hold']>, told: Told): Step {
  return { kind: 'time', unit: 's', bounds: [0, 1e11], hold, ...told };
}
