import {
  CIRCUMSTANCES,
  differencesOf,
  SETTLED_HOW,
  type ArmDifference,
  type TrialPlan,
  SETTLED_WORDS,
} from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Choice } from '../../kit/Choice';
import { DateField } from '../../kit/DateField';
import { Field } from '../../kit/Field';
import { listed } from '../../kit/format';
import { CIRCUMSTANCE_LABELS } from '../words';
import type { PlanDraft } from './planDraft';

interface SameForAllProps {
  readonly draft: PlanDraft;
  readonly plan: TrialPlan | undefined;
  readonly onDraft: (draft: PlanDraft) => void;
}

/** How all are grown; and what differs besides the medium, until it is removed, balanced or accepted in writing. */
export function SameForAll({ draft, plan, onDraft }: SameForAllProps): ReactElement {
  const set = (key: string, words: string): void => {
    onDraft({ ...draft, common: { ...draft.common, [key]: words } });
  };
  return (
    <>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        {CIRCUMSTANCES.map((key) =>
          key === 'sownOn' ? (
            <DateField
              key={key}
              label={CIRCUMSTANCE_LABELS[key]}
              value={draft.common[key]}
              onChange={(day) => {
                set(key, day);
              }}
            />
          ) : key === 'variety' ? null : (
            <Field
              key={key}
              label={CIRCUMSTANCE_LABELS[key]}
              className={key === 'watering' ? 'min-w-64 flex-1' : 'w-52'}
              value={draft.common[key]}
              onChange={(words) => {
                set(key, words);
              }}
            />
          ),
        )}
      </div>
      {plan !== undefined &&
        differencesOf(plan).map((difference) => (
          <OneDifference key={difference.circumstance} difference={difference} draft={draft} onDraft={onDraft} />
        ))}
    </>
  );
}

interface OneDifferenceProps {
  readonly difference: ArmDifference;
  readonly draft: PlanDraft;
  readonly onDraft: (draft: PlanDraft) => void;
}

function OneDifference({ difference: { circumstance, ways }, draft, onDraft }: OneDifferenceProps): ReactElement {
  const { how, words } = draft.settled[circumstance] ?? { how: '', words: '' };
  const set = (next: Partial<{ how: typeof how; words: string }>): void => {
    onDraft({ ...draft, settled: { ...draft.settled, [circumstance]: { how, words, ...next } } });
  };
  return (
    <div className="mt-3 border-l-4 border-caution bg-paper py-2 pl-3">
      <p>
        <b>Differs besides the medium: {CIRCUMSTANCE_LABELS[circumstance].toLowerCase()}.</b>{' '}
        {ways.map(({ is, arms }) => `${listed(arms)}: ${is === '' ? 'not said' : is}`).join('; ')}. Make it the same, or
        say what of it; until then nothing is put down to the medium.
      </p>
      <div className="mt-1 flex flex-wrap items-end gap-3">
        <Choice
          label="What of it"
          value={how}
          unchosen="not settled"
          options={SETTLED_HOW.map((key) => ({ key, words: SETTLED_WORDS[key] }))}
          onChange={(next) => {
            set({ how: next });
          }}
          className="w-60"
        />
        <Field
          label="Why, in writing"
          className="min-w-56 flex-1"
          value={words}
          onChange={(next) => {
            set({ words: next });
          }}
        />
      </div>
    </div>
  );
}
