/** Long enough for the compiler to have seen the code; a server that has run a minute has. */
const WARM_UP_MS = 700;

/** Median time of one call, microseconds: batches long enough for the clock, after a warm-up. */
export function timeOf(
  call: () => unknown,
  options: { readonly rounds?: number; readonly batch?: number } = {},
): number {
  const { rounds = 41, batch = 100 } = options;
  const warmUntil = Date.now() + WARM_UP_MS;
  while (Date.now() < warmUntil) call();
  const times = Array.from({ length: rounds }, () => {
    const began = process.hrtime.bigint();
    for (let i = 0; i < batch; i += 1) call();
    return Number(process.hrtime.bigint() - began) / 1000 / batch;
  });
  return times.sort((a, b) => a - b)[Math.floor(rounds / 2)] as number;
}

/** One figure beside its bar. */
export interface Figure {
  readonly what: string;
  readonly value: number;
  readonly unit: string;
  readonly bar: number;
}

export const sleep = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));
