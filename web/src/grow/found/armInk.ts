import type { TrialPlan } from '@bent-pail/core';
import type { ChartInk } from '../../shared/chart/ink';

const DASHES = ['solid', 'dashed', 'dotted'] as const;
const SYMBOLS = ['circle', 'rect', 'triangle', 'diamond'] as const;

interface ArmInk {
  readonly color: string;
  readonly width: number;
  readonly type: (typeof DASHES)[number];
  readonly symbol: (typeof SYMBOLS)[number];
}

/** How a medium is drawn: told apart by dash and mark, not by colour alone; the reference is the thick one. */
export function armInk(plan: Pick<TrialPlan, 'arms' | 'reference'>, key: string, ink: ChartInk): ArmInk {
  const place = plan.arms.findIndex((arm) => arm.key === key);
  const isReference = key === plan.reference;
  return {
    color: isReference ? ink.ink : place % 2 === 0 ? ink.waterInk : ink.ink2,
    width: isReference ? 3 : 2,
    type: isReference ? 'solid' : (DASHES[place % DASHES.length] ?? 'solid'),
    symbol: SYMBOLS[place % SYMBOLS.length] ?? 'circle',
  };
}

export const armName = (plan: Pick<TrialPlan, 'arms'>, key: string): string =>
  plan.arms.find((arm) => arm.key === key)?.name ?? key;
