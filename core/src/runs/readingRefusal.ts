import { said } from '../errors';
import type { Protocol, Reading, Step } from '../sheets';

/** What a pen in order can show, mV, and temperatures that water is read at, °C. */
const MILLIVOLTS = Object.freeze({ lo: -600, hi: 600, coldest_C: 0, warmest_C: 60 });

function millivoltRefusal(step: Step, mV: number, temp_C: number): string | undefined {
  const { lo, hi, coldest_C, warmest_C } = MILLIVOLTS;
  if (step.kind !== 'pH') return `${step.label} is not read in mV.`;
  if (!(mV >= lo && mV <= hi))
    return `${step.label}: ${String(mV)} mV must lie between ${said(lo)} and ${said(hi)} mV.`;
  if (!(temp_C >= coldest_C && temp_C <= warmest_C))
    return `${step.label}: the temperature must lie between ${String(coldest_C)} and ${String(warmest_C)} °C.`;
  return undefined;
}

/**
 * Why a value cannot be kept for a step, as one sentence, or undefined if it can.
 * The screen asks before it queues a reading, the server before it keeps one: the same words.
 */
export function readingRefusal(
  protocol: Pick<Protocol, 'label' | 'steps'>,
  { step: stepKey, value, mVTemp_C }: Pick<Reading, 'step' | 'value' | 'mVTemp_C'>,
): string | undefined {
  const step = protocol.steps.find((one) => one.key === stepKey);
  if (step === undefined) return `There is no step "${stepKey}" in ${protocol.label}.`;
  if (!Number.isFinite(value)) return `${step.label}: this is not a number.`;
  if (mVTemp_C !== undefined) return millivoltRefusal(step, value, mVTemp_C);
  if (step.classes !== undefined && step.classes[value] === undefined)
    return `${step.label}: choose one of ${step.classes.join(', ')}.`;
  const [lo, hi] = step.bounds;
  if (value >= lo && value <= hi) return undefined;
  return `${step.label}: ${said(value)} ${step.unit} must lie between ${said(lo)} and ${said(hi)} ${step.unit}.`;
}
