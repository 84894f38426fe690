import { MOISTURES } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { MeasureField } from '../../shared/units/MeasureField';
import { Stopwatch } from '../../shared/watch/Stopwatch';
import { Depth, Volume, type PartProps } from './AmountFields';

const MOISTURE_OPTIONS = MOISTURES.map(({ key, words }) => ({ key, words }));

/** A pour is watched by the clock: the drips are taken at a press, both from one pouring. */
export const PourFields = ({ potId, draft, set }: PartProps & { readonly potId: string }): ReactElement => (
  <>
    <Choice
      label="A finger deep it was"
      value={draft.moisture}
      options={MOISTURE_OPTIONS}
      onChange={(moisture) => {
        set({ moisture });
      }}
      className="w-52"
    />
    <Volume label="Poured on" draft={draft} set={set} />
    <Depth label="The medium is deep" draft={draft} set={set} />
    <span className="w-44">
      <Field
        label="First drip, s"
        mode="decimal"
        value={draft.firstDrip}
        onChange={(firstDrip) => {
          set({ firstDrip });
        }}
      />
    </span>
    <span className="w-44">
      <Field
        label="Last drip, s"
        mode="decimal"
        value={draft.lastDrip}
        onChange={(lastDrip) => {
          set({ lastDrip });
        }}
      />
    </span>
    <MeasureField
      label="Ran over the rim"
      kept="mL"
      value={draft.runoff}
      onChange={(runoff) => {
        set({ runoff });
      }}
      className="w-44"
    />
    <span className="w-64">
      <Stopwatch
        of={`pot:${potId}`}
        onTime={(seconds) => {
          set(draft.firstDrip === '' ? { firstDrip: String(seconds) } : { lastDrip: String(seconds) });
        }}
      />
    </span>
  </>
);
