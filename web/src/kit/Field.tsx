import { useId, type HTMLAttributes, type ReactElement, type Ref } from 'react';
import { BOX } from './box';
import { Sorry } from './Sorry';

interface FieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** Figures are set in the figure face and bring up the number pad. */
  readonly mode?: HTMLAttributes<HTMLInputElement>['inputMode'];
  readonly type?: 'text' | 'password';
  readonly className?: string;
  readonly placeholder?: string;
  /** What a password keeper may fill in. */
  readonly autoComplete?: string;
  /** Words that are offered while one types; others can be typed as well. */
  readonly offered?: readonly string[];
  /** What is understood of it. */
  readonly says?: string | undefined;
  /** Why what stands there cannot be taken. */
  readonly sorry?: string | undefined;
  /** The cursor has left it. */
  readonly onLeave?: () => void;
  readonly ref?: Ref<HTMLInputElement>;
}

/** A labelled text or number, with what is wrong with it below. */
export function Field({
  label,
  value,
  onChange,
  mode,
  type = 'text',
  className = '',
  placeholder,
  autoComplete = 'off',
  offered,
  says,
  sorry,
  onLeave,
  ref,
}: FieldProps): ReactElement {
  const id = useId();
  return (
    <div className={`flex min-w-0 flex-col gap-1 text-small ${className}`}>
      <label htmlFor={id} className="font-semibold">
        {label}
      </label>
      <input
        id={id}
        ref={ref}
        className={`${BOX} ${mode === undefined ? '' : 'figure'}`}
        type={type}
        inputMode={mode}
        autoComplete={autoComplete}
        placeholder={placeholder}
        list={offered === undefined ? undefined : `${id}-offered`}
        aria-invalid={sorry !== undefined}
        aria-describedby={sorry === undefined ? undefined : `${id}-sorry`}
        value={value}
        onBlur={onLeave}
        onChange={(event) => {
          onChange(event.target.value);
        }}
      />
      {offered !== undefined && (
        <datalist id={`${id}-offered`}>
          {offered.map((one) => (
            <option key={one} value={one} />
          ))}
        </datalist>
      )}
      {says !== undefined && (
        <span className="figure text-ink2" role="status">
          {says}
        </span>
      )}
      {sorry !== undefined && <Sorry id={`${id}-sorry`}>{sorry}</Sorry>}
    </div>
  );
}
