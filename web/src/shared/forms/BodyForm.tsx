import type { ReactElement, ReactNode } from 'react';
import { FormProvider, type FieldValues } from 'react-hook-form';
import { Sorry } from '../../kit/Sorry';
import type { BodyForm as Form } from './useBodyForm';
import { Button } from '../../kit/Button';

interface BodyFormProps<T extends FieldValues> {
  readonly form: Form<T>;
  readonly label: string;
  readonly className?: string;
  readonly children: ReactNode;
}

/** The form on the page; its fields find it by themselves. */
export function BodyForm<T extends FieldValues>({ form, label, className, children }: BodyFormProps<T>): ReactElement {
  return (
    <FormProvider {...form.fields}>
      <form
        noValidate
        aria-label={label}
        className={className}
        onSubmit={(event) => {
          void form.submit(event);
        }}
      >
        {form.isRestored && (
          <p className="col-span-full border-l-4 border-ink bg-zinc1 px-3 py-1 text-small" role="status">
            What you typed here before is still there.{' '}
            <Button look="tie" onClick={form.beginAnew}>
              Begin anew
            </Button>
          </p>
        )}
        {children}
        {form.sorry !== undefined && <Sorry className="col-span-full basis-full">{form.sorry}</Sorry>}
      </form>
    </FormProvider>
  );
}
