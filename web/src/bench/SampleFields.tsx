import type { SamplePlan } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { useWatch } from 'react-hook-form';
import { CheckField, ChoiceField, TextField } from '../shared/forms/fields';
import { SamplePicture } from './SamplePicture';

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

/** Where the sample is from, of how many increments, and what was done with them; fields of the run's form. */
export function SampleFields(): ReactElement {
  const [from, increments] = useWatch<{ sample: TypedSample }, readonly ['sample.from', 'sample.increments']>({
    name: ['sample.from', 'sample.increments'],
  });
  return (
    <fieldset className="flex basis-full flex-wrap items-end gap-x-4 gap-y-2">
      <legend className="text-small text-ink2">The sample</legend>
      <ChoiceField name="sample.from" label="Taken from" options={FROM} />
      {from !== '' && (
        <>
          <TextField name="sample.increments" label="Increments" mode="numeric" className="w-28" />
          <ChoiceField name="sample.combined" label="Put together" options={COMBINED} />
          <CheckField name="sample.finesMixedBack" label="sunken fines mixed back in" />
          <CheckField name="sample.moistened" label="moistened, left closed overnight" />
          <SamplePicture from={from} increments={Number(increments) || 0} />
        </>
      )}
    </fieldset>
  );
}
