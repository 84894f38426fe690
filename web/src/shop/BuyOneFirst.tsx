import { property, VERDICT_TABLE, verdictsFor, type Found } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Choice } from '../kit/Choice';
import { CautionStrip } from '../shared/CautionStrip';
import { GRADE_WORDS, judgedName } from '../shared/verdicts/verdictWords';
import { useShop } from './shopStore';

const JUST_MOIST = 1;

/** One pack is opened before many are bought: poured out, squeezed, floated; what the hands find is judged for the use. */
export function BuyOneFirst(): ReactElement {
  const { notes, note } = useShop();
  const { smell, squeeze, use } = notes;
  const found: Found[] = [
    ...(smell === undefined ? [] : [{ property: 'smell' as const, mean: smell, seen: [smell] }]),
    ...(squeeze === undefined
      ? []
      : [{ property: 'squeeze' as const, mean: squeeze, seen: [squeeze], stated: { moisture: JUST_MOIST } }]),
  ];
  const { verdicts } = verdictsFor({ lines: VERDICT_TABLE, use, found });
  const choice = (key: 'smell' | 'squeeze', label: string): ReactElement => (
    <Choice
      label={label}
      value={String(notes[key] ?? '')}
      options={[
        { key: '', words: 'not yet' },
        ...(property(key).classes ?? []).map((words, i) => ({ key: String(i), words })),
      ]}
      onChange={(chosen) => {
        note({ [key]: chosen === '' ? undefined : Number(chosen) });
      }}
    />
  );
  return (
    <section aria-label="Buy one first" className="mt-5">
      <h2>Buy one first</h2>
      <ol className="mt-1 list-decimal pl-5 text-body">
        <li>Pour it out loose and measure it: that is the real price of a litre.</li>
        <li>Moisten a handful until it just holds, and squeeze.</li>
        <li>Drop a pinch into water: wood floats, soil and ripe compost sink.</li>
      </ol>
      <div className="mt-2">
        <CautionStrip caution="dust" before="Before pouring" />
      </div>
      <div className="mt-2 flex flex-wrap gap-3">
        {choice('smell', 'It smells')}
        {choice('squeeze', 'Squeezed, it')}
      </div>
      <ul className="mt-2">
        {verdicts.map((one) => (
          <li key={one.property} className="border-t border-zinc2 py-1 text-small">
            <b>
              {judgedName(one.property)}, {one.word}: {GRADE_WORDS[one.says]}
            </b>{' '}
            for it. {one.line.because}
          </li>
        ))}
      </ul>
    </section>
  );
}
