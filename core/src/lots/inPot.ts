import { containerCapacity, type ContainerCapacityInput, containerCapacityMethod } from '../retention';
import type { Container } from '../vessel';
import type { Working } from '../method';
import type { LotCurve } from './lotCurve';

/** A lot's water and air in another container, with the working of each. */
export interface InPot {
  readonly solid: number;
  readonly water: number;
  readonly air: number;
  readonly workings: { readonly water: Working; readonly air: Working };
}

/** Converts a lot's curve to any pot: what its pail would be there. */
export function inPot(curve: LotCurve, container: Container): InPot {
  const input: ContainerCapacityInput = { retention: curve.retention, container };
  const { water, air, totalPorosity } = containerCapacity(input);
  const from =
    curve.working === undefined
      ? []
      : [{ label: 'alpha', value: curve.retention.alpha_percm, unit: '/cm', working: curve.working }];
  const working = (output: 'water' | 'air'): Working => containerCapacityMethod.working(output, input, { from });
  return { solid: 1 - totalPorosity, water, air, workings: { water: working('water'), air: working('air') } };
}
