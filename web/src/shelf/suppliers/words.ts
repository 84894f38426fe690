import type { SupplierKind } from '@bent-pail/contract';
import type { GateDecision } from '@bent-pail/core';

export const SUPPLIER_WORDS: Readonly<Record<SupplierKind, string>> = {
  trade: 'sells it',
  free: 'gives it away',
  own: 'ourselves',
};

export const DECISION_WORDS: Readonly<Record<GateDecision, string>> = {
  take: 'take it',
  sort: 'sort it or set it apart',
  sendBack: 'send it back',
};
