import type { SamplePlan } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Choice } from '../kit/Choice';
import { Field } from '../kit/Field';
import { SamplePicture } from './SamplePicture';
import { Check } from '../kit/Check';

/** A sample plan as it is typed. */
export interface TypedSample {
  readonly from: SamplePlan['from'] | '';
  readonly increments: string;
  readonly combined: SamplePlan['combined'];
  readonly finesMixedBack: boolean;
  readonly moistened: boolean;
}

export const NO_SAMPLE: TypedSample = {
  from: '',
  increments: '9',
  combined: 'quartered',
  finesMixedBack: false,
  moistened: false,
};

const FROM = [
  { key: '', words: 'not noted' },
  { key: 'bag', words: 'a bag' },
  { key: 'heap', words: 'a heap' },
  { key: 'bin', words: 'a bin' },
  { key: 'pot', words: 'a pot' },
] as const;

const COMBINED = [
  { key: 'quartered', words: 'mixed and quartered' },
  { key: 'mixed', words: 'mixed' },
  { key: 'as-taken', words: 'left as taken' },
] as const;

interface SampleFieldsProps {
  readonly sample: TypedSample;
  readonly onChange: (sample: TypedSample) => void;
}

/** Where the sample is from, of how many increments, and what was done with them. */
export function SampleFields({ sample, onChange }: SampleFieldsProps): ReactElement {
  const set = (patch: Partial<TypedSample>): void => {
    onChange({ ...sample, ...patch });
  };
  return (
    <fieldset className="flex basis-full flex-wrap items-end gap-x-4 gap-y-2">
      <legend className="text-small text-ink2">The sample</legend>
      <Choice
        label="Taken from"
        value={sample.from}
        options={FROM}
        onChange={(from) => {
          set({ from });
        }}
      />
      {sample.from !== '' && (
        <>
          <Field
            label="Increments"
            mode="numeric"
            className="w-28"
            value={sample.increments}
            onChange={(increments) => {
              set({ increments });
            }}
          />
          <Choice
            label="Put together"
            value={sample.combined}
            options={COMBINED}
            onChange={(combined) => {
              set({ combined });
            }}
          />
          <Check
            label="sunken fines mixed back in"
            checked={sample.finesMixedBack}
            onChange={(finesMixedBack) => {
              set({ finesMixedBack });
            }}
          />
          <Check
            label="moistened, left closed overnight"
            checked={sample.moistened}
            onChange={(moistened) => {
              set({ moistened });
            }}
          />
          <SamplePicture from={sample.from} increments={Number(sample.increments) || 0} />
        </>
      )}
    </fieldset>
  );
}
