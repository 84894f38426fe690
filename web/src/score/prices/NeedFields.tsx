import type { ReactElement } from 'react';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { MeasureField } from '../../shared/units/MeasureField';
import { NEEDS, type Need } from './need';

interface NeedFieldsProps {
  readonly need: Need;
  readonly onNeed: (need: Need) => void;
  /** What an hour of one's own work costs, as it is typed. */
  readonly hour: string;
  readonly onHour: (hour: string) => void;
  readonly currency: string;
}

type Measured = Exclude<keyof Need, 'kind' | 'pots'>;

/** What the packs are wanted for: the board then counts whole packs, what is left and what it all costs. */
export function NeedFields({ need, onNeed, hour, onHour, currency }: NeedFieldsProps): ReactElement {
  const field = (key: Measured, label: string, kept: string): ReactElement => (
    <MeasureField
      label={label}
      kept={kept}
      value={need[key]}
      onChange={(value) => {
        onNeed({ ...need, [key]: value });
      }}
      className="w-32"
    />
  );
  return (
    <section aria-label="What it is for" className="flex flex-wrap items-end gap-3 border-b-[1.5px] px-5 py-3">
      <Choice
        label="Wanted for"
        value={need.kind}
        options={NEEDS}
        onChange={(kind) => {
          onNeed({ ...need, kind });
        }}
      />
      {need.kind === 'volume' && field('volume_L', 'Loose', 'L')}
      {need.kind === 'pots' && (
        <>
          <Field
            label="Pots"
            mode="numeric"
            value={need.pots}
            onChange={(pots) => {
              onNeed({ ...need, pots });
            }}
            className="w-24"
          />
          {field('potVolume_L', 'Each holds', 'L')}
        </>
      )}
      {(need.kind === 'bed' || need.kind === 'topDressing') && (
        <>
          {field('length_m', 'Length', 'm')}
          {field('width_m', 'Width', 'm')}
          {field('depth_cm', 'Depth', 'cm')}
        </>
      )}
      <Field label={`An hour of work, ${currency}`} mode="decimal" value={hour} onChange={onHour} className="w-36" />
    </section>
  );
}
