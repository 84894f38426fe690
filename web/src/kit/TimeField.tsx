import { useState, type ReactElement } from 'react';
import { Field } from './Field';
import { readTime } from './readTime';

interface TimeFieldProps {
  readonly label: string;
  /** As 08:30. */
  readonly value: string;
  readonly onChange: (time: string) => void;
}

/** A time of day, typed as 8, 8:30 or 0830; a text that is none gives way to the time before. */
export function TimeField({ label, value, onChange }: TimeFieldProps): ReactElement {
  const [typed, setTyped] = useState<string>();
  return (
    <Field
      label={label}
      mode="numeric"
      className="w-20"
      value={typed ?? value}
      onChange={setTyped}
      onLeave={() => {
        const time = readTime(typed ?? '');
        if (time !== undefined) onChange(time);
        setTyped(undefined);
      }}
    />
  );
}
