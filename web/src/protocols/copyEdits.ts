import type { ProtocolEdits, Protocol, Step, StepEdit } from '@bent-pail/core';
import { maybeNumber, typedNumber } from '../shared/forms/Mistyped';

/** A step as the form holds it: everything as text. */
export interface TypedStep {
  readonly label: string;
  readonly say: string;
  readonly lo: string;
  readonly hi: string;
  readonly minutes: string;
}

export interface TypedCopy {
  readonly label: string;
  readonly replicates: string;
  readonly soak_min: string;
  readonly drain_min: string;
  readonly steps: Readonly<Record<string, TypedStep>>;
}

export const hasBounds = ({ kind, classes }: Step): boolean => kind !== 'time' && classes === undefined;

export const ownMinutes = ({ hold }: Step): number | undefined =>
  hold !== undefined && 'minutes' in hold ? hold.minutes : undefined;

export function typedStep(step: Step): TypedStep {
  return {
    label: step.label,
    say: step.say,
    lo: String(step.bounds[0]),
    hi: String(step.bounds[1]),
    minutes: String(ownMinutes(step) ?? ''),
  };
}

/** A protocol as the form starts from it. */
export function typedCopy(base: Protocol, label: string): TypedCopy {
  return {
    label,
    replicates: String(base.replicates.usual),
    soak_min: base.times?.soak_min === undefined ? '' : String(base.times.soak_min),
    drain_min: base.times?.drain_min === undefined ? '' : String(base.times.drain_min),
    steps: Object.fromEntries(base.steps.map((step) => [step.key, typedStep(step)])),
  };
}

function stepEdit(step: Step, typed: TypedStep): StepEdit | undefined {
  const was = typedStep(step);
  const at = (field: keyof TypedStep): string => `steps.${step.key}.${field}`;
  const edit: StepEdit = {
    key: step.key,
    ...(typed.label === was.label ? {} : { label: typed.label }),
    ...(typed.say === was.say ? {} : { say: typed.say }),
    ...(typed.lo === was.lo && typed.hi === was.hi
      ? {}
      : { bounds: [typedNumber(typed.lo, at('lo')), typedNumber(typed.hi, at('hi'))] as const }),
    ...(typed.minutes === was.minutes ? {} : { minutes: typedNumber(typed.minutes, at('minutes')) }),
  };
  return Object.keys(edit).length === 1 ? undefined : edit;
}

/** What was changed, and nothing else; throws `Mistyped` for the first field that is not a number. */
export function editsOf(base: Protocol, typed: TypedCopy): ProtocolEdits {
  const steps = base.steps.flatMap((step) => stepEdit(step, typed.steps[step.key] as TypedStep) ?? []);
  return {
    label: typed.label,
    replicates: typedNumber(typed.replicates, 'replicates'),
    ...maybeNumber(typed.soak_min, 'soak_min'),
    ...maybeNumber(typed.drain_min, 'drain_min'),
    ...(steps.length === 0 ? {} : { steps }),
  };
}
