import type { Check } from './check';
import { refuse } from './coreError';

/**
 * What is to be said of how a fit ended. Nothing where it converged; numbers that are not finite are the caller's
 * mistake and throw at `path`.
 */
export function fitEnded(status: 'converged' | 'stalled' | 'limit' | 'not-finite', path: string): Check[] {
  if (status === 'converged') return [];
  if (status === 'not-finite')
    refuse(path, 'these numbers are too large or too small to fit a curve to; check their units');
  const why =
    status === 'stalled'
      ? 'no step made it better, though one should have'
      : 'it had not come to rest after 2,000 steps';
  return [
    { code: 'not-converged', severity: 'caution', message: `The fit was stopped: ${why}. Take its numbers with care.` },
  ];
}
