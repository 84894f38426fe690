import type { InstrumentKind } from '@bent-pail/core';

/** What each kind of instrument is called, in a sentence and at its head. */
export const INSTRUMENT_WORDS: Readonly<Record<InstrumentKind, string>> = {
  pH: 'pH pen',
  ec: 'EC meter',
  scale: 'scale',
};

/** The same where it stands alone. */
export const INSTRUMENT_HEADS: Readonly<Record<InstrumentKind, string>> = { ...INSTRUMENT_WORDS, scale: 'Scale' };
