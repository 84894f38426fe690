import type { BlendVersion } from '@bent-pail/contract';
import { sameContent, type DeskResult } from '@bent-pail/core';
import { fixed } from '../../kit/format';

/** Changes of air or water that are worth a sentence. */
const WORTH_NAMING = 0.001;

/** What has moved a kept prediction since: its lots' own measurements, or what batches have taught; in one sentence. */
export function movedOn(
  version: Pick<BlendVersion, 'input' | 'result'>,
  { input, result }: Pick<DeskResult, 'input' | 'result'>,
): string | undefined {
  // By other rules the same readings give other components: that they were measured again is then not to be told.
  const rules = version.input.physics !== input.physics;
  const lots = !rules && !sameContent(version.input.components, input.components);
  const taught = version.input.kappa !== input.kappa;
  if (!lots && !taught && !rules) return undefined;
  const why = [
    ...(rules ? ['It is predicted by mended rules since'] : []),
    ...(lots ? ['New measurements since this version'] : []),
    ...(taught
      ? [
          lots || rules
            ? 'measured batches have taught the prediction'
            : 'Measured batches have taught the prediction since',
        ]
      : []),
  ].join(', and ');
  const then = version.result;
  const changes = (
    [
      ['air', then.air, result.air],
      ['water', then.water, result.water],
    ] as const
  ).filter(([, was, is]) => Math.abs(was - is) >= WORTH_NAMING);
  // What batches teach moves a little with each of them: only what shows is worth a sentence.
  if (changes.length === 0 && !lots) return undefined;
  if (changes.length === 0) return `${why}, with no change in air and water worth naming.`;
  return `${why}: ${changes.map(([what, was, is]) => `${what} was ${fixed(was, 3)}, is now ${fixed(is, 3)}`).join('; ')}.`;
}
