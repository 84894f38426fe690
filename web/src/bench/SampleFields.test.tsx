import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactElement } from 'react';
import { FormProvider, useForm } from 'react-hook-form';
import { describe, expect, it } from 'vitest';
import { NO_SAMPLE, SampleFields, type TypedSample } from './SampleFields';
import { choose } from '../testing/choose';

describe('the sample of a run', () => {
  it('asks for nothing until it is said where it came from, then shows where to dig', async () => {
    let said: (() => { readonly sample: TypedSample }) | undefined;
    function Page(): ReactElement {
      const form = useForm({ defaultValues: { sample: NO_SAMPLE } });
      said = form.getValues;
      return (
        <FormProvider {...form}>
          <SampleFields />
        </FormProvider>
      );
    }
    render(<Page />);
    expect(screen.queryByLabelText('Increments')).toBeNull();
    await choose(screen.getByLabelText('Taken from'), 'a heap');
    await userEvent.clear(screen.getByLabelText('Increments'));
    await userEvent.type(screen.getByLabelText('Increments'), '5');
    await userEvent.click(screen.getByLabelText(/sunken fines/));
    expect(screen.getByRole('img', { name: '5 places in the heap' })).toBeDefined();
    expect(said?.().sample).toEqual({
      from: 'heap',
      increments: '5',
      combined: 'quartered',
      finesMixedBack: true,
      moistened: false,
    });
  });
});
