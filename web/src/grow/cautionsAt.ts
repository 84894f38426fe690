import type { CautionKey } from '@bent-pail/core';

/** Which cautions stand at which step of a trial, before it. */
const AT = {
  plan: ['contamination'],
  sow: ['dust', 'germs', 'lifting'],
  read: ['sap'],
  water: ['electric'],
  harvest: ['trials'],
  end: ['disposal'],
} as const satisfies Readonly<Record<string, readonly CautionKey[]>>;
export type TrialStep = keyof typeof AT;
export const TRIAL_STEPS = Object.keys(AT) as readonly TrialStep[];

export const cautionsAt = (step: TrialStep): readonly CautionKey[] => AT[step];
