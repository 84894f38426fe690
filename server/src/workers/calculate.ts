/** One calculation, in a thread of its own, so that nobody waits behind it. */
import { runCalc, type CalcAnswer } from '@bent-pail/contract/calc';
import { READY } from './ready';

export interface Calculation {
  readonly name: string;
  readonly input: unknown;
}

export default function calculate(asked: Calculation | typeof READY): CalcAnswer | typeof READY {
  return asked === READY ? READY : runCalc(asked.name, asked.input, { shared: true });
}
