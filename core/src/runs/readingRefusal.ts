import type { Protocol } from '../protocols';

/**
 * Why a value cannot be kept for a step, as one sentence, or undefined if it can.
 * The screen asks before it queues a reading, the server before it keeps one: the same words.
 */
export function readingRefusal(protocol: Protocol, stepKey: string, value: number): string | undefined {
  const step = protocol.steps.find((one) => one.key === stepKey);
  if (step === undefined) return `There is no step "${stepKey}" in ${protocol.label}.`;
  if (!Number.isFinite(value)) return `${step.label}: this is not a number.`;
  if (step.classes !== undefined && step.classes[value] === undefined)
    return `${step.label}: choose one of ${step.classes.join(', ')}.`;
  const [lo, hi] = step.bounds;
  if (value >= lo && value <= hi) return undefined;
  return `${step.label}: ${String(value)} ${step.unit} must lie between ${String(lo)} and ${String(hi)} ${step.unit}.`;
}
