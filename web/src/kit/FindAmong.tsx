import { useState, type ComponentProps, type ReactElement } from 'react';
import { Find } from './Find';
import type { Found } from './FoundLine';

interface FindAmongProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly Found[];
  readonly onChange: (key: string) => void;
  readonly placeholder: string;
  readonly unchosen?: string;
  readonly look?: NonNullable<ComponentProps<typeof Find>['look']>;
  readonly create?: ComponentProps<typeof Find>['create'];
  readonly className?: string;
}

/** One of many that are all at hand: filtered by words while one types. */
export function FindAmong({
  label,
  value,
  options,
  onChange,
  placeholder,
  unchosen = 'say which',
  ...more
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
      {...more}
      chosen={options.find(({ key }) => key === value)?.words}
      unchosen={unchosen}
      found={options.filter(answers)}
      text={text}
      placeholder={placeholder}
      onText={setText}
      onChoose={onChange}
    />
  );
}
