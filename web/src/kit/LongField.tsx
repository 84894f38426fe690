import { useId, type ReactElement } from 'react';

interface LongFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly rows?: number;
  readonly placeholder?: string;
  readonly className?: string;
}

/** A labelled text of several lines. */
export function LongField({
  label,
  value,
  onChange,
  rows = 3,
  placeholder,
  className = '',
}: LongFieldProps): ReactElement {
  const id = useId();
  return (
    <div className={`flex min-w-0 flex-col gap-1 text-small ${className}`}>
      <label htmlFor={id} className="font-semibold">
        {label}
      </label>
      <textarea
        id={id}
        rows={rows}
        className="w-full rounded-[2px] border-[1.5px] border-ink bg-paper px-2.5 py-1.5 text-body"
        value={value}
        placeholder={placeholder}
        onChange={(event) => {
          onChange(event.target.value);
        }}
      />
    </div>
  );
}
