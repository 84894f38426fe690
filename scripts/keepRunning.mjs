// Things that are started again when they end by themselves, but not for ever.
const WITHIN_MS = 60000;
const MOST = 5;
const PAUSE_MS = { first: 250, longest: 4000 };

/** Counts how often something had to be started again: `pause()` is how long to wait, or undefined where it is enough. */
export function patience(now = Date.now) {
  let times = [];
  return {
    pause: () => {
      times = [...times.filter((at) => at > now() - WITHIN_MS), now()];
      if (times.length > MOST) return undefined;
      return Math.min(PAUSE_MS.first * 2 ** (times.length - 1), PAUSE_MS.longest);
    },
  };
}
