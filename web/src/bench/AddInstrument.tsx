import type { InstrumentRow } from '@bent-pail/contract';
import type { InstrumentKind } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Dialog } from '../kit/Dialog';
import { Calibrate } from '../shared/instruments/Calibrate';
import { NewInstrument } from '../shared/instruments/NewInstrument';
import { INSTRUMENT_WORDS } from '../shared/instruments/instrumentWords';

interface AddInstrumentProps {
  readonly kind: InstrumentKind;
  readonly onAdded: (row: InstrumentRow) => void;
}

/** A pen, a meter or a scale put on the bench without leaving the sheet, and calibrated at once. */
export function AddInstrument({ kind, onAdded }: AddInstrumentProps): ReactElement {
  const [open, setOpen] = useState(false);
  const [added, setAdded] = useState<InstrumentRow>();
  const close = (next: boolean): void => {
    setOpen(next);
    if (next) return;
    if (added !== undefined) onAdded(added);
    setAdded(undefined);
  };
  return (
    <Dialog
      opener={`Add ${kind === 'ec' ? 'an' : 'a'} ${INSTRUMENT_WORDS[kind]}`}
      title={
        added === undefined ? `What is it called here?` : `${added.name}: ${kind === 'pH' ? 'calibrate' : 'check'} it`
      }
      line={
        added === undefined
          ? 'This sheet’s readings keep with what they were read.'
          : 'Without it readings are flagged as uncalibrated; it can wait.'
      }
      open={open}
      onOpenChange={close}
    >
      {added === undefined ? (
        <NewInstrument
          kind={kind}
          onDone={(row) => {
            if (row === undefined) close(false);
            else setAdded(row);
          }}
        />
      ) : (
        <Calibrate
          row={added}
          onDone={() => {
            close(false);
          }}
        />
      )}
    </Dialog>
  );
}

/** Calibrates what a sheet is read with, without leaving it. */
export function CalibrateHere({ row }: { readonly row: InstrumentRow }): ReactElement {
  const [open, setOpen] = useState(false);
  return (
    <Dialog
      opener={row.kind === 'pH' ? 'Calibrate' : 'Check it'}
      title={row.name}
      line="It holds for the readings from now on."
      open={open}
      onOpenChange={setOpen}
    >
      <Calibrate
        row={row}
        onDone={() => {
          setOpen(false);
        }}
      />
    </Dialog>
  );
}
