import type { Steps } from '@bent-pail/core';

/** A worker that is told to end does so when it next hands its thread back; so it does that often, ms. */
const SLICE_MS = 25;

const nothing = (): void => undefined;

/** Lets whatever else waits for this thread go first. */
export function pause(): Promise<void> {
  return new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(undefined);
  });
}

/** Runs long work in short slices, telling after each how far it is. */
export async function inSlices<T>(steps: Steps<T>, onProgress: (share: number) => void = nothing): Promise<T> {
  let until = performance.now() + SLICE_MS;
  for (;;) {
    const step = steps.next();
    if (step.done === true) return step.value;
    if (performance.now() < until) continue;
    onProgress(step.value);
    await pause();
    until = performance.now() + SLICE_MS;
  }
}

/** Answers one question after another, handing the thread back between them. */
export async function oneByOne<In, Out>(all: readonly In[], answer: (one: In) => Out | Promise<Out>): Promise<Out[]> {
  const answers: Out[] = [];
  for (const one of all) {
    answers.push(await answer(one));
    await pause();
  }
  return answers;
}
