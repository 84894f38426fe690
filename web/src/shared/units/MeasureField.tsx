import type { ReactElement } from 'react';
import { Field } from '../../kit/Field';
import { mySign, understood } from './mine';

interface MeasureFieldProps {
  /** What is measured, without its unit. */
  readonly label: string;
  /** The unit that it is kept in. */
  readonly kept: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly className?: string;
}

/** A measure outside a form: its unit behind its label, and what is understood of another one below it. */
export const MeasureField = ({ label, kept, value, ...more }: MeasureFieldProps): ReactElement => (
  <Field {...more} label={`${label}, ${mySign(kept)}`} mode="decimal" value={value} says={understood(value, kept)} />
);
