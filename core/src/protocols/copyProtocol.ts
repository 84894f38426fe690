import { refuse, requireWithin } from '../errors';
import type { Protocol, Step } from '../sheets';

/** What a lead may change of a step: words, bounds, how long it waits, whether it may stay empty. */
export interface StepEdit {
  readonly key: string;
  readonly label?: string;
  readonly say?: string;
  readonly bounds?: readonly [number, number];
  readonly minutes?: number;
  readonly optional?: boolean;
}

export interface ProtocolEdits {
  readonly label: string;
  readonly plain?: string;
  readonly replicates?: number;
  /** Times that a run starts with, min. */
  readonly soak_min?: number;
  readonly drain_min?: number;
  readonly steps?: readonly StepEdit[];
}

/** How far a lead's times may go, min, and how long words may be. */
export const COPY_LIMITS = Object.freeze({
  soak_min: { lo: 0, hi: 20160 },
  drain_min: { lo: 1, hi: 2880 },
  hold_min: { lo: 1, hi: 400 * 24 * 60 },
  label: { least: 3, most: 60 },
  say: { least: 5, most: 400 },
});

function requireWords(
  path: string,
  text: string,
  { least, most }: { readonly least: number; readonly most: number },
): string {
  const trimmed = text.trim();
  if (trimmed.length < least || trimmed.length > most)
    refuse(path, `${String(trimmed.length)} letters; write ${String(least)} to ${String(most)}`);
  return trimmed;
}

function editStep(step: Step, edit: StepEdit | undefined, at: string): Step {
  if (edit === undefined) return step;
  const { label, say, bounds, minutes, optional } = edit;
  if (bounds !== undefined) {
    if (step.classes !== undefined || step.kind === 'time')
      refuse(`${at}.bounds`, `${step.label} is not a number and has no bounds`);
    if (!(bounds[0] < bounds[1]))
      refuse(`${at}.bounds`, `${String(bounds[0])} to ${String(bounds[1])} is no range; the first must be the lower`);
  }
  if (minutes !== undefined) {
    if (step.hold === undefined || 'setting' in step.hold)
      refuse(`${at}.minutes`, `${step.label} does not wait for a time of its own`);
    requireWithin(`${at}.minutes`, minutes, COPY_LIMITS.hold_min.lo, COPY_LIMITS.hold_min.hi, 'min');
  }
  const { optional: was, ...rest } = step;
  return {
    ...rest,
    ...((optional ?? was === true) ? { optional: true as const } : {}),
    ...(label === undefined ? {} : { label: requireWords(`${at}.label`, label, COPY_LIMITS.label) }),
    ...(say === undefined ? {} : { say: requireWords(`${at}.say`, say, COPY_LIMITS.say) }),
    ...(bounds === undefined ? {} : { bounds }),
    ...(minutes === undefined || step.hold === undefined ? {} : { hold: { name: step.hold.name, minutes } }),
  };
}

/** Steps that a result cannot do without: what the shipped protocol asks for stays asked for. */
function requireNeeded(base: Protocol, edits: readonly StepEdit[]): void {
  edits.forEach((edit, i) => {
    const step = base.steps.find((one) => one.key === edit.key);
    if (step === undefined) refuse(`steps[${String(i)}].key`, `there is no step "${edit.key}" in ${base.label}`);
    if (edit.optional === true && step.optional !== true)
      refuse(`steps[${String(i)}].optional`, `${step.label} is needed for the result and cannot be left out`);
  });
}

/**
 * A lead's copy of a protocol: times, bounds, words and the usual number of replicates are changed; what is read and
 * how it is reduced stay as they were, so its results are of the same kind.
 *
 * `key` and `version` name the copy; its method says its name, so that its values are kept apart from the original's.
 * Throws for words that are too short or long, times and bounds that cannot be, steps that do not exist, and for making
 * a needed step optional; paths as in the edits.
 */
export function copyProtocol(base: Protocol, edits: ProtocolEdits, name: { key: string; version: number }): Protocol {
  const label = requireWords('label', edits.label, COPY_LIMITS.label);
  const changed = edits.steps ?? [];
  requireNeeded(base, changed);
  const { soak_min, drain_min } = edits;
  if (soak_min !== undefined)
    requireWithin('soak_min', soak_min, COPY_LIMITS.soak_min.lo, COPY_LIMITS.soak_min.hi, 'min');
  if (drain_min !== undefined)
    requireWithin('drain_min', drain_min, COPY_LIMITS.drain_min.lo, COPY_LIMITS.drain_min.hi, 'min');
  const usual = edits.replicates ?? base.replicates.usual;
  if (!Number.isInteger(usual) || usual < 1 || usual > base.replicates.most)
    refuse('replicates', `${String(usual)}; a run has 1 to ${String(base.replicates.most)} replicates`);
  return {
    ...base,
    ...name,
    label,
    ...(edits.plain === undefined ? {} : { plain: requireWords('plain', edits.plain, COPY_LIMITS.say) }),
    copiedFrom: base.copiedFrom ?? base.key,
    replicates: { ...base.replicates, usual },
    times: {
      ...base.times,
      ...(soak_min === undefined ? {} : { soak_min }),
      ...(drain_min === undefined ? {} : { drain_min }),
    },
    steps: base.steps.map((step) => {
      const i = changed.findIndex((edit) => edit.key === step.key);
      return editStep(step, changed[i], `steps[${String(i)}]`);
    }),
  };
}
