import type { HTMLAttributes, ReactElement } from 'react';

interface FieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** Figures are set in the figure face and bring up the number pad. */
  readonly mode?: HTMLAttributes<HTMLInputElement>['inputMode'];
  readonly type?: 'text' | 'password';
  readonly className?: string;
  readonly placeholder?: string;
  /** The cursor has left it. */
  readonly onLeave?: () => void;
}

/** A labelled text or number. */
export function Field({
  label,
  value,
  onChange,
  mode,
  type = 'text',
  className = '',
  placeholder,
  onLeave,
}: FieldProps): ReactElement {
  return (
    <label className={`field ${className}`}>
      <span>{label}</span>
      <input
        className={mode === undefined ? '' : 'f'}
        type={type}
        inputMode={mode}
        autoComplete="off"
        placeholder={placeholder}
        value={value}
        onBlur={onLeave}
        onChange={(event) => {
          onChange(event.target.value);
        }}
      />
    </label>
  );
}
