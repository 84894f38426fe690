const SEED = Number(process.env.BENT_PAIL_SEED ?? 0);

/**
 * Journeys that take turns: of those that are told to it, every so many is had each day, and all of them where all are
 * asked for. A test run takes the day as BENT_PAIL_SEED.
 */
export function turns(share: number, isFull: boolean): (tell: () => void) => void {
  let told = 0;
  return (tell) => {
    if (isFull || (told + SEED) % share === 0) tell();
    told += 1;
  };
}

/** Which of some things have their turn today. */
export const inTurn =
  (share: number, isFull: boolean) =>
  (_one: unknown, i: number): boolean =>
    isFull || (i + SEED) % share === 0;
