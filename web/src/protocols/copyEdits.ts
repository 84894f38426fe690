import type { ProtocolEdits, Protocol, Step, StepEdit } from '@bent-pail/core';
import { numberOf } from '../shared/numberOf';

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

/** Whether a protocol has a step that waits by this setting of the run. */
export const waitsBy = ({ steps }: Protocol, setting: 'soak_min' | 'drain_min'): boolean =>
  steps.some(({ hold }) => hold !== undefined && 'setting' in hold && hold.setting === setting);

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
  const edit: StepEdit = {
    key: step.key,
    ...(typed.label === was.label ? {} : { label: typed.label }),
    ...(typed.say === was.say ? {} : { say: typed.say }),
    ...(typed.lo === was.lo && typed.hi === was.hi
      ? {}
      : { bounds: [numberOf(typed.lo, `${step.label}, from`), numberOf(typed.hi, `${step.label}, to`)] as const }),
    ...(typed.minutes === was.minutes ? {} : { minutes: numberOf(typed.minutes, `${step.label}, waits`) }),
  };
  return Object.keys(edit).length === 1 ? undefined : edit;
}

/** What was changed, and nothing else; throws the sentence of the first field that is not a number. */
export function editsOf(base: Protocol, typed: TypedCopy): ProtocolEdits {
  const time = (text: string, what: string): number | undefined =>
    text.trim() === '' ? undefined : numberOf(text, what);
  const soak_min = time(typed.soak_min, 'Soak');
  const drain_min = time(typed.drain_min, 'Drain');
  const steps = base.steps.flatMap((step) => stepEdit(step, typed.steps[step.key] as TypedStep) ?? []);
  return {
    label: typed.label,
    replicates: numberOf(typed.replicates, 'Replicates'),
    ...(soak_min === undefined ? {} : { soak_min }),
    ...(drain_min === undefined ? {} : { drain_min }),
    ...(steps.length === 0 ? {} : { steps }),
  };
}
