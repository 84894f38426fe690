import type { ReactElement } from 'react';
import { MeasureField } from '../../shared/units/MeasureField';
import type { EntryDraft } from './entryDraft';

/** What a part of the form is given. */
export interface PartProps {
  readonly draft: EntryDraft;
  readonly set: (change: Partial<EntryDraft>) => void;
}

/** Water of a line. */
export const Volume = ({ label, draft, set }: PartProps & { readonly label: string }): ReactElement => (
  <MeasureField
    label={label}
    kept="mL"
    value={draft.volume}
    onChange={(volume) => {
      set({ volume });
    }}
    className="w-56"
  />
);

/** How deep the medium is. */
export const Depth = ({ label, draft, set }: PartProps & { readonly label: string }): ReactElement => (
  <MeasureField
    label={label}
    kept="cm"
    value={draft.depth}
    onChange={(depth) => {
      set({ depth });
    }}
    className="w-44"
  />
);
