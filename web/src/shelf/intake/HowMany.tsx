import {
  lotSpread,
  lotSpreadMethod,
  property,
  type LotSpreadResult,
  type MaterialSpread,
  type Working,
} from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { told } from '../../shared/units/mine';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { Figure } from '../../shared/Figure';
import { typedNumber } from '../../shared/forms/Mistyped';
import { Sorry } from '../../kit/Sorry';

/** Twice the floor of the method where there is one, else five hundredths of the mean: what a difference is worth. */
function usualHalfWidth({ property: key, spread }: MaterialSpread): string {
  const { floor } = property(key);
  return String(Number((floor ?? 0.05 * Math.abs(spread.mean)).toPrecision(2)));
}

const nameOf = (one: MaterialSpread): string => `${one.property}|${one.method}`;

/** How many bags must I test: as closely as asked, from what the lots so far have shown. */
export function HowMany({ kin }: { readonly kin: readonly MaterialSpread[] }): ReactElement | null {
  const [key, setKey] = useState('');
  const [typed, setTyped] = useState<string>();
  const one = kin.find((each) => nameOf(each) === key) ?? kin[0];
  if (one === undefined) return null;
  const { label, unit } = property(one.property);
  const text = typed ?? usualHalfWidth(one);
  return (
    <div className="mt-2 mb-3 flex flex-wrap items-end gap-x-4 gap-y-2 *:max-w-full *:min-w-0">
      <Choice
        label="To know its"
        value={nameOf(one)}
        options={kin.map((each) => ({
          key: nameOf(each),
          words: `${property(each.property).label}, ${told(each.method)}`,
        }))}
        onChange={(next) => {
          setKey(next);
          setTyped(undefined);
        }}
      />
      <Field label={`within ± ${unit}`.trim()} mode="decimal" className="w-28" value={text} onChange={setTyped} />
      <Answer one={one} label={label} text={text} />
    </div>
  );
}

interface AnswerProps {
  readonly one: MaterialSpread;
  readonly label: string;
  readonly text: string;
}

/** The answer of the core, or why it cannot be given. */
function asked(
  one: MaterialSpread,
  text: string,
): { readonly working: Working; readonly result: LotSpreadResult } | string {
  try {
    const input = { ...one.input, halfWidth: typedNumber(text, 'halfWidth') };
    return {
      result: lotSpread(input),
      working: lotSpreadMethod.working('lotsNeeded', input, { from: one.working.from ?? [] }),
    };
  } catch (error) {
    if (error instanceof Error) return error.message;
    throw error;
  }
}

function Answer({ one, label, text }: AnswerProps): ReactElement {
  const answer = asked(one, text);
  if (typeof answer === 'string') return <Sorry quiet>{answer}</Sorry>;
  const { lotsNeeded = 0, checks } = answer.result;
  const more = Math.max(0, lotsNeeded - one.lots.length);
  return (
    <p className="min-h-11 text-head" role="status">
      <span>
        test{' '}
        <Figure
          label={`Lots for ${label}`}
          value={lotsNeeded}
          digits={0}
          origin="worked-out"
          working={answer.working}
          className="text-lead"
        />{' '}
        lots in all: <b>{more === 0 ? 'those that you have are enough.' : `${String(more)} more.`}</b>
      </span>
      {checks.map((check) => (
        <small key={check.code} className="block">
          {told(check.message)}
        </small>
      ))}
    </p>
  );
}
