import type { ComponentProps, ReactElement } from 'react';
import { useController } from 'react-hook-form';
import { Check } from '../../kit/Check';
import { Choice, type Option } from '../../kit/Choice';
import { DateField } from '../../kit/DateField';
import { Field } from '../../kit/Field';
import { Sorry } from '../../kit/Sorry';

interface Named {
  readonly name: string;
}

type Typed<P> = Named & Omit<P, 'value' | 'onChange' | 'sorry' | 'onLeave' | 'ref'>;

/** What stands in a field of the form around it, and what is wrong with it. */
function useFieldOf(name: string) {
  const { field, fieldState } = useController({ name });
  const { onChange, onBlur, ref } = field;
  return { onChange, onBlur, ref, value: field.value as unknown, sorry: fieldState.error?.message };
}

/** A text or a number. */
export function TextField({
  name,
  onLeave,
  ...more
}: Typed<ComponentProps<typeof Field>> & { readonly onLeave?: (value: string) => void }): ReactElement {
  const { value, onChange, onBlur, sorry, ref } = useFieldOf(name);
  const text = String(value);
  return (
    <Field
      {...more}
      ref={ref}
      value={text}
      onChange={onChange}
      sorry={sorry}
      onLeave={() => {
        onBlur();
        onLeave?.(text);
      }}
    />
  );
}

interface ChoiceFieldProps<K extends string> extends Named {
  readonly label: string;
  readonly options: readonly Option<K>[];
  readonly className?: string;
}

/** One of several. */
export function ChoiceField<K extends string>({ name, className = '', ...more }: ChoiceFieldProps<K>): ReactElement {
  const { value, onChange, sorry } = useFieldOf(name);
  return (
    <div className={className}>
      <Choice {...more} value={value as K | ''} onChange={onChange} />
      {sorry !== undefined && <Sorry>{sorry}</Sorry>}
    </div>
  );
}

/** A day. */
export function DayField({ name, label }: Named & { readonly label: string }): ReactElement {
  const { value, onChange, sorry } = useFieldOf(name);
  return (
    <div>
      <DateField label={label} value={String(value)} onChange={onChange} />
      {sorry !== undefined && <Sorry>{sorry}</Sorry>}
    </div>
  );
}

/** Ticked or not. */
export function CheckField({
  name,
  label,
  className = '',
}: Named & { readonly label: string; readonly className?: string }): ReactElement {
  const { value, onChange } = useFieldOf(name);
  return <Check label={label} checked={value === true} onChange={onChange} className={className} />;
}
