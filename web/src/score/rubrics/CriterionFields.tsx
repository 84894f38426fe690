import { PROPERTIES, type PropertyKey } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Field } from '../../kit/Field';
import { FindAmong } from '../../kit/FindAmong';
import { Slider } from '../../kit/Slider';
import { byWords, firstFunction, TOLD, unitOfBy, type By, type DraftCriterion } from './draft';
import { FunctionFields } from './FunctionFields';

const BY: readonly { readonly key: By; readonly words: string; readonly group: string }[] = [
  ...(Object.keys(TOLD) as By[]).map((key) => ({ key, words: byWords(key), group: 'First of all' })),
  ...(Object.keys(PROPERTIES) as PropertyKey[])
    .filter((key) => PROPERTIES[key].classes === undefined)
    .map((key) => ({ key, words: byWords(key), group: 'Figures of a card' }))
    .sort((a, b) => a.words.localeCompare(b.words)),
];

interface CriterionFieldsProps {
  readonly criterion: DraftCriterion;
  readonly onCriterion: (criterion: DraftCriterion) => void;
  readonly onRemove: () => void;
}

/** One criterion: what it is called, what it is judged by, how much it weighs, how a value becomes 0 to 10. */
export function CriterionFields({ criterion, onCriterion, onRemove }: CriterionFieldsProps): ReactElement {
  const change = (next: Partial<DraftCriterion>): void => {
    onCriterion({ ...criterion, ...next });
  };
  const { label, plain, weight, by, fn, tags, words } = criterion;
  return (
    <li className="grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-3 border-t-[1.5px] border-ink py-3 min-[900px]:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)]">
      <div className="flex flex-col gap-2">
        <div className="flex flex-wrap items-end gap-3">
          <Field
            label="Criterion"
            value={label}
            onChange={(next) => {
              change({ label: next });
            }}
            className="w-44"
          />
          <FindAmong
            label="Judged by"
            placeholder="price, pH, weeds"
            value={by}
            options={BY.map(({ key, words, group }) => ({ key, words, group }))}
            onChange={(key) => {
              const next = key as By;
              change({ by: next, fn: firstFunction(next) });
            }}
          />
        </div>
        <Field
          label="In plain words"
          value={plain}
          onChange={(next) => {
            change({ plain: next });
          }}
        />
        {by === 'panel' && (
          <Field
            label="Faults to tick, with commas"
            value={tags}
            onChange={(next) => {
              change({ tags: next });
            }}
          />
        )}
        {by === 'panel' && (
          <Field
            label="Words down the scale"
            value={words}
            placeholder="9.5 woodland floor; 5 no smell; 1 step back"
            onChange={(next) => {
              change({ words: next });
            }}
          />
        )}
        <span className="flex items-center gap-3 text-small">
          <span className="w-16 font-semibold">Weight</span>
          <Slider
            label={`Weight of ${label}`}
            value={weight}
            most={100}
            step={1}
            onChange={(next) => {
              change({ weight: next });
            }}
            className="flex-1"
          />
          <span className="figure w-8 text-right">{weight}</span>
          <Button look="small" aria-label={`take out ${label}`} onClick={onRemove}>
            take out
          </Button>
        </span>
      </div>
      <FunctionFields
        by={by}
        unit={unitOfBy(by)}
        fn={fn}
        onFn={(next) => {
          change({ fn: next });
        }}
      />
    </li>
  );
}
