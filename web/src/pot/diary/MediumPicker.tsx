import { useMemo, type ReactElement } from 'react';
import { FindAmong } from '../../kit/FindAmong';
import { useLarder } from '../../shared/larder/useLarder';

interface MediumPickerProps {
  readonly label: string;
  /** `blend:ID` or `lot:ID`; empty for none. */
  readonly value: string;
  readonly unchosen: string;
  readonly onChange: (medium: string) => void;
}

/** What a pot is filled with: a blend, or a lot of which something is known. */
export function MediumPicker({ label, value, unchosen, onChange }: MediumPickerProps): ReactElement {
  const { larder } = useLarder({});
  const options = useMemo(
    () => [
      ...(larder?.blends ?? []).map(({ id, name }) => ({ key: `blend:${id}`, words: name, group: 'Blends' })),
      ...(larder?.lots ?? [])
        .filter(({ component }) => component !== undefined)
        .map(({ id, name, code }) => ({ key: `lot:${id}`, words: `${name}, ${code}`, group: 'Lots and products' })),
    ],
    [larder],
  );
  return (
    <FindAmong
      label={label}
      value={value}
      unchosen={unchosen}
      placeholder="name, code"
      options={options}
      onChange={onChange}
    />
  );
}
