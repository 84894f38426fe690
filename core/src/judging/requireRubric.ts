import { refuse } from '../errors';
import { property } from '../properties';
import { score } from '../scoring';
import type { Rubric } from './rubric';

/** Criteria of a rubric at most: more than a person can weigh. */
export const MOST_CRITERIA = 16;

/**
 * Refuses a rubric that cannot judge, naming the field: no criteria, a criterion twice, weights that are all 0, a function
 * without a slope, a cap on nothing, a figure that nobody measures, a panel's mark that is not taken as it is.
 */
export function requireRubric({ criteria, caps, container }: Rubric): void {
  if (criteria.length > MOST_CRITERIA)
    refuse('criteria', `${String(criteria.length)} are too many to weigh; ${String(MOST_CRITERIA)} at most`);
  if (!(container.height_cm > 0)) refuse('container.height_cm', 'the container has no depth; give its inside');
  criteria.forEach(({ source, function: fn, kind }, i) => {
    const at = `criteria[${String(i)}]`;
    if (source.from === 'panel' || source.from === 'growth') {
      if (kind !== (source.from === 'panel' ? 'panel' : 'grow') || fn.type !== 'direct')
        refuse(`${at}.function`, 'what raters mark counts as it is marked, 0 to 10');
      return;
    }
    if (source.from === 'must') {
      if (kind !== 'must' || fn.type !== 'direct') refuse(`${at}.function`, 'a must is a yes or a no, 10 or 0');
      return;
    }
    if (fn.type === 'direct')
      refuse(`${at}.function`, 'a measured value needs a line, bands or a window to become 0 to 10');
    if (
      source.from === 'lot' &&
      source.figure !== 'air' &&
      source.figure !== 'water' &&
      property(source.figure).classes !== undefined
    )
      refuse(`${at}.source`, `${property(source.figure).label} is judged by classes and has no number to score`);
  });
  // The rest is what a score itself refuses.
  score({
    criteria: criteria.map(({ name, weight, kind, function: fn }) => ({ name, weight, kind, function: fn })),
    caps,
  });
}
