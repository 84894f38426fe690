import type { InstrumentKind } from '../instruments';
import type { StepKind } from './protocol';

/** Which kind of instrument a step is read with; other steps ask for none. */
export const KIND_OF_STEP: Readonly<Partial<Record<StepKind, InstrumentKind>>> = {
  pH: 'pH',
  ec: 'ec',
  weigh: 'scale',
};
