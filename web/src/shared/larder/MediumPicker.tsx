import { useMemo, type ReactElement } from 'react';
import { FindAmong } from '../../kit/FindAmong';
import { useLarder } from './useLarder';

interface MediumPickerProps {
  readonly label: string;
  /** `blend:ID` or `lot:ID`; empty for none. */
  readonly value: string;
  readonly unchosen: string;
  /** Also lots of which nothing is known yet. */
  readonly all?: boolean;
  readonly onChange: (medium: string) => void;
}

/** A medium: a blend, or a lot of which something is known. */
export function MediumPicker({ label, value, unchosen, all = false, onChange }: MediumPickerProps): ReactElement {
  const { larder } = useLarder({});
  const options = useMemo(
    () => [
      ...(larder?.blends ?? []).map(({ id, name }) => ({ key: `blend:${id}`, words: name, group: 'Blends' })),
      ...(larder?.lots ?? [])
        .filter(({ component }) => all || component !== undefined)
        .map(({ id, name, code }) => ({ key: `lot:${id}`, words: `${name}, ${code}`, group: 'Lots and products' })),
    ],
    [larder, all],
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
