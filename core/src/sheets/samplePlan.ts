/** Where a sample was taken from. */
export type SampledFrom = 'bag' | 'heap' | 'bin' | 'pot';

/** What was done with the increments before a part of them was tested. */
export type Combined = 'as-taken' | 'mixed' | 'quartered';

/** How the sample of a run was taken: it says for how much the result stands. */
export interface SamplePlan {
  readonly from: SampledFrom;
  /** Handfuls or scoops that it was put together from. */
  readonly increments: number;
  readonly combined: Combined;
  /** The fines that had sunk in the bag were mixed back in. */
  readonly finesMixedBack: boolean;
  /** Moistened until a squeezed handful just holds, and left closed overnight. */
  readonly moistened?: boolean;
}

/** Increments that a sample should have at least: top, middle and bottom. */
export const SAMPLE_LEAST_INCREMENTS = 3;

const COMBINED_WORDS: Readonly<Record<Combined, string>> = {
  'as-taken': '',
  mixed: ', mixed',
  quartered: ', mixed and quartered',
};

/** Whether all of it came from one place: allowed, and its results say so. */
export function isOneGrab({ increments }: SamplePlan): boolean {
  return increments <= 1;
}

/** A sample in words, as `9 increments from the heap, mixed and quartered`. */
export function sampleWords(plan: SamplePlan): string {
  const fines = `${plan.finesMixedBack ? ', fines mixed back in' : ''}${plan.moistened === true ? ', moistened overnight' : ''}`;
  if (isOneGrab(plan)) return `one grab from the ${plan.from}${fines}`;
  return `${String(plan.increments)} increments from the ${plan.from}${COMBINED_WORDS[plan.combined]}${fines}`;
}
