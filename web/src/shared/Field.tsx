import type { HTMLAttributes, ReactElement } from 'react';

interface FieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** Figures are set in the figure face and bring up the number pad. */
  readonly mode?: HTMLAttributes<HTMLInputElement>['inputMode'];
  readonly type?: 'text' | 'date' | 'datetime-local' | 'password';
  readonly className?: string;
  readonly placeholder?: string;
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
        onChange={(event) => {
          onChange(event.target.value);
        }}
      />
    </label>
  );
}

export interface Option<K extends string> {
  readonly key: K;
  readonly words: string;
  /** Options of one group stand together under its name. */
  readonly group?: string;
}

interface ChoiceProps<K extends string> {
  readonly label: string;
  readonly value: K;
  readonly options: readonly Option<K>[];
  readonly onChange: (key: K) => void;
  readonly className?: string;
}

/** A labelled choice of one among several. */
export function Choice<K extends string>({
  label,
  value,
  options,
  onChange,
  className = '',
}: ChoiceProps<K>): ReactElement {
  return (
    <label className={`field ${className}`}>
      <span>{label}</span>
      <select
        value={value}
        onChange={(event) => {
          onChange(event.target.value as K);
        }}
      >
        {groupsOf(options).map(([group, members]) => {
          const shown = members.map(({ key, words }) => (
            <option key={key} value={key}>
              {words}
            </option>
          ));
          return group === undefined ? (
            shown
          ) : (
            <optgroup key={group} label={group}>
              {shown}
            </optgroup>
          );
        })}
      </select>
    </label>
  );
}

/** Options in their order, those of one group together. */
function groupsOf<K extends string>(options: readonly Option<K>[]): [string | undefined, readonly Option<K>[]][] {
  const names = [...new Set(options.map((option) => option.group))];
  return names.map((name) => [name, options.filter((option) => option.group === name)]);
}
