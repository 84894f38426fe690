import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { TextField } from '../forms/fields';

interface FillingFieldsProps {
  /** Whether the vessel's depth is not known yet. */
  readonly asksDepth: boolean;
}

/** Two weighings and the water's temperature: what measures a vessel. */
export function FillingFields({ asksDepth }: FillingFieldsProps): ReactElement {
  return (
    <>
      {asksDepth && <TextField name="shape.height_cm" label="Depth inside" mode="decimal" className="w-36" />}
      <TextField name="empty_g" label="Empty" mode="decimal" className="w-36" />
      <TextField name="full_g" label="Full of water" mode="decimal" className="w-36" />
      <TextField name="waterTemp_C" label="Water" mode="decimal" className="w-24" />
    </>
  );
}

/** Where a filling was only doubted: the way to say that it is right. */
export function ItIsRight({ beSure }: { readonly beSure: (() => void) | undefined }): ReactElement | null {
  return beSure === undefined ? null : <Button onClick={beSure}>It is right, keep it</Button>;
}
