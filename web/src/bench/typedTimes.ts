import type { Step } from '@bent-pail/core';

/** Times that were typed last, by the step of their sheet: the next replicate of the same paper began at it, or near it. */
export const TYPED_TIMES = new WeakMap<Step, string>();
