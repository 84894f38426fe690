import type { ComponentProps, ReactElement } from 'react';
import { useController } from 'react-hook-form';
import { BOX, LOW_BOX } from '../../kit/box';
import { Check } from '../../kit/Check';
import { Choice, type Option } from '../../kit/Choice';
import { DateField } from '../../kit/DateField';
import { Field } from '../../kit/Field';
import { LongField } from '../../kit/LongField';
import { Sorry } from '../../kit/Sorry';
import { mySign, understood } from '../units/mine';
import { unitOfField } from './unitOfField';

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

/** A text or a number; what is kept in a unit has it behind its label, as whoever types it reads it. */
export function TextField({
  name,
  label,
  onLeave,
  ...more
}: Typed<ComponentProps<typeof Field>> & { readonly onLeave?: (value: string) => void }): ReactElement {
  const { value, onChange, onBlur, sorry, ref } = useFieldOf(name);
  const text = String(value);
  const kept = unitOfField(name);
  return (
    <Field
      {...more}
      label={kept === undefined ? label : `${label}, ${mySign(kept)}`}
      ref={ref}
      value={text}
      onChange={onChange}
      sorry={sorry}
      says={kept === undefined ? undefined : understood(text, kept)}
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
  ...more
}: Named & Omit<ComponentProps<typeof Check>, 'checked' | 'onChange'>): ReactElement {
  const { value, onChange } = useFieldOf(name);
  return <Check {...more} checked={value === true} onChange={onChange} />;
}

interface SeveralFieldProps extends Named {
  readonly label: string;
  readonly options: readonly Option<string>[];
}

/** Any of several, each ticked or not. */
export function SeveralField({ name, label, options }: SeveralFieldProps): ReactElement {
  const { value, onChange, sorry } = useFieldOf(name);
  const chosen = value as readonly string[];
  return (
    <fieldset className="flex flex-wrap gap-x-5">
      <legend className="text-small font-semibold">{label}</legend>
      {options.map(({ key, words }) => (
        <Check
          key={key}
          label={words}
          checked={chosen.includes(key)}
          onChange={(checked) => {
            onChange(checked ? [...chosen, key] : chosen.filter((one) => one !== key));
          }}
        />
      ))}
      {sorry !== undefined && <Sorry className="basis-full">{sorry}</Sorry>}
    </fieldset>
  );
}

/** Words of several lines. */
export function LongTextField({ name, ...more }: Typed<ComponentProps<typeof LongField>>): ReactElement {
  const { value, onChange, sorry } = useFieldOf(name);
  return (
    <>
      <LongField {...more} value={String(value)} onChange={onChange} />
      {sorry !== undefined && <Sorry>{sorry}</Sorry>}
    </>
  );
}

interface UnlabelledProps extends Named {
  /** Read out only. */
  readonly label: string;
  readonly placeholder?: string;
}

interface UnlabelledInputProps extends UnlabelledProps {
  readonly frame: string;
  readonly box: string;
  readonly isNumber?: boolean;
  readonly onType?: (value: string) => void;
}

function UnlabelledInput({
  name,
  label,
  placeholder,
  frame,
  box,
  isNumber,
  onType,
}: UnlabelledInputProps): ReactElement {
  const { value, onChange, onBlur, sorry, ref } = useFieldOf(name);
  return (
    <span className={frame}>
      <input
        ref={ref}
        className={box}
        inputMode={isNumber === true ? 'decimal' : undefined}
        placeholder={placeholder}
        aria-label={label}
        aria-invalid={sorry !== undefined}
        value={String(value)}
        onBlur={onBlur}
        onChange={(event) => {
          onChange(event);
          onType?.(event.target.value);
        }}
      />
      {sorry !== undefined && <Sorry>{sorry}</Sorry>}
    </span>
  );
}

/** A number in a cell of a table, whose head says what it is. */
export const CellField = (props: UnlabelledProps): ReactElement => (
  <UnlabelledInput {...props} frame="ml-1 inline-block" box={`${LOW_BOX} figure w-16`} isNumber />
);

/** Words in a line of their own, which say themselves what they are. */
export const BareField = (props: UnlabelledProps & { readonly onType?: (value: string) => void }): ReactElement => (
  <UnlabelledInput {...props} frame="" box={`${BOX} w-44`} />
);
