import { useEffect, type ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { Button } from '../../kit/Button';
import { OneOf } from '../../kit/OneOf';
import { TextField } from '../forms/fields';
import type { TypedFilling } from './useFillingForm';

const WAYS = [
  { key: 'scale', words: 'on a scale' },
  { key: 'jug', words: 'by a jug, mL' },
] as const;

interface FillingFieldsProps {
  /** Whether the vessel's depth is not known yet. */
  readonly asksDepth: boolean;
  /** The first empty field has the cursor: one vessel after the other is measured. */
  readonly begins?: boolean;
}

/** Two weighings and the water's temperature, or what a jug filled in: what measures a vessel. */
export function FillingFields({ asksDepth, begins = false }: FillingFieldsProps): ReactElement {
  const { watch, setValue, setFocus, getValues } = useFormContext<TypedFilling>();
  const way = watch('way');
  useEffect(() => {
    if (!begins) return;
    const typed = getValues();
    if (asksDepth && typed.shape.height_cm === '') setFocus('shape.height_cm');
    else setFocus(typed.way === 'jug' ? 'jug_mL' : 'empty_g');
  }, [begins, asksDepth, getValues, setFocus]);
  return (
    <>
      <OneOf
        label="Measured"
        value={way}
        options={WAYS}
        onChange={(next) => {
          setValue('way', next);
        }}
      />
      {asksDepth && <TextField name="shape.height_cm" label="Depth inside" mode="decimal" className="w-36" />}
      {way === 'jug' ? (
        <TextField name="jug_mL" label="Water it holds" mode="decimal" className="w-36" />
      ) : (
        <>
          <TextField name="empty_g" label="Empty" mode="decimal" className="w-36" />
          <TextField name="full_g" label="Full of water" mode="decimal" className="w-36" />
          <TextField name="waterTemp_C" label="Water" mode="decimal" className="w-24" />
        </>
      )}
    </>
  );
}

/** Where a filling was only doubted: the way to say that it is right. */
export function ItIsRight({ beSure }: { readonly beSure: (() => void) | undefined }): ReactElement | null {
  return beSure === undefined ? null : <Button onClick={beSure}>It is right, keep it</Button>;
}
