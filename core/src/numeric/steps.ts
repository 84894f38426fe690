/**
 * Long work in steps: each yields the share that is done, 0..1, the end returns the answer. Whoever runs it may hand the
 * thread back between two steps, tell of it, or stop asking.
 */
export type Steps<T> = Generator<number, T, undefined>;

/** Runs work to its end at once. */
export function finished<T>(steps: Steps<T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done === true) return step.value;
  }
}
