import { useState, type ReactElement } from 'react';
import { Find, type Found } from './Find';

interface FindAmongProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly Found[];
  readonly onChange: (key: string) => void;
  readonly placeholder: string;
  readonly className?: string;
}

/** One of many that are all at hand: filtered by words while one types. */
export function FindAmong({
  label,
  value,
  options,
  onChange,
  placeholder,
  className = '',
}: FindAmongProps): ReactElement {
  const [text, setText] = useState('');
  const asked = text.toLowerCase().split(/\s+/);
  const answers = ({ words, note = '' }: Found): boolean => {
    const told = `${words} ${note}`.toLowerCase();
    return asked.every((word) => told.includes(word));
  };
  return (
    <Find
      label={label}
      className={className}
      chosen={options.find(({ key }) => key === value)?.words}
      unchosen="say which"
      found={options.filter(answers)}
      text={text}
      placeholder={placeholder}
      onText={setText}
      onChoose={onChange}
    />
  );
}
