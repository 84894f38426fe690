import { nutrientsMethod, property, type JudgedNutrient, type NutrientsInput } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { fixed } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { Figure } from '../Figure';

/** What is called what: nitrogen is a sum, the rest as a report lists it. */
export const elementName = (element: JudgedNutrient['element']): string =>
  element === 'nitrogen' ? 'Nitrogen' : property(element).label;

const STATE_WORDS: Readonly<Record<JudgedNutrient['state'], string>> = { low: 'low', enough: 'enough', high: 'high' };

/** Traces keep their figures: 0.05 mg is not 0.1. */
const digitsOf = (mgL: number): number => (mgL < 0.1 ? 3 : mgL < 1 ? 2 : mgL < 10 ? 1 : 0);

/** Each element against what is enough of it. */
export function NutrientRows({
  judged,
  input,
}: {
  readonly judged: readonly JudgedNutrient[];
  readonly input: NutrientsInput;
}): ReactElement | null {
  if (judged.length === 0) return null;
  return (
    <Rows className="mt-2">
      <thead>
        <tr>
          <th scope="col">Element</th>
          <th scope="col">is</th>
          <th scope="col">enough is</th>
          <td />
        </tr>
      </thead>
      <tbody>
        {judged.map(({ element, mgL, lo, hi, state }, i) => (
          <tr key={element}>
            <th scope="row">{elementName(element)}</th>
            <td>
              <Figure
                label={elementName(element)}
                value={mgL}
                digits={digitsOf(mgL)}
                unit="mg/L"
                origin="worked-out"
                working={nutrientsMethod.working('mgL', input, { pick: `judged[${String(i)}].mgL` })}
                bare
              />
            </td>
            <td className="figure text-ink2">
              {lo === undefined ? 'up to' : fixed(lo, digitsOf(lo))}
              {hi === undefined ? '' : lo === undefined ? ` ${fixed(hi, 0)}` : `–${fixed(hi, hi < 10 ? 1 : 0)}`}
            </td>
            <td className={state === 'enough' ? 'text-ink2' : 'font-semibold'}>{STATE_WORDS[state]}</td>
          </tr>
        ))}
      </tbody>
    </Rows>
  );
}
