/** One calculation, in a thread of its own, so that nobody waits behind it. */
import { runCalc, type CalcAnswer } from '@bent-pail/contract/calc';

export interface Calculation {
  readonly name: string;
  readonly input: unknown;
}

export default function calculate({ name, input }: Calculation): CalcAnswer {
  return runCalc(name, input, { shared: true });
}
