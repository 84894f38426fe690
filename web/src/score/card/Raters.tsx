import type { CardRater } from '@bent-pail/contract';
import { inSentence, type CardCriterion } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { fixed } from '../../kit/format';
import { Rows } from '../../kit/Rows';

interface RatersProps {
  readonly criteria: readonly CardCriterion[];
  readonly raters: readonly CardRater[];
}

/** Every rater's own marks, tags and words, once all are in. */
export function Raters({ criteria, raters: on }: RatersProps): ReactElement | null {
  const panel = criteria.filter((one) => one.raters.length > 0);
  const raters = [...new Map(panel.flatMap((one) => one.raters.map(({ raterId, rater }) => [raterId, rater])))];
  if (raters.length === 0) return null;
  return (
    <Rows className="mt-4">
      <caption className="text-left text-body font-bold">Who said what</caption>
      <thead>
        <tr>
          <th scope="col">Rater</th>
          {panel.map((one) => (
            <th key={one.criterion.name} scope="col">
              {inSentence(one.criterion.label)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {raters.map(([id, name]) => (
          <tr key={id}>
            <th scope="row">
              {name}
              {on.find((rater) => rater.id === id)?.knows !== undefined && <small className="block">not blind</small>}
            </th>
            {panel.map((one) => {
              const rating = one.raters.find((candidate) => candidate.raterId === id);
              return (
                <td key={one.criterion.name}>
                  <span className="figure">{rating === undefined ? '' : fixed(rating.value, 1)}</span>
                  {rating !== undefined && rating.tags.length > 0 && (
                    <small className="block">{rating.tags.join(', ')}</small>
                  )}
                  {rating?.words !== undefined && <small className="block">“{rating.words}”</small>}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </Rows>
  );
}
