import type { ProtocolRow } from '@bent-pail/contract';
import { PROTOCOL_GROUPS } from '@bent-pail/core';
import type { Option } from '../kit/Choice';

/** Protocols to choose from: the house's own first, then the shipped ones by what they tell of. */
export function protocolOptions(rows: readonly ProtocolRow[]): Option<string>[] {
  const own = rows
    .filter(({ protocol }) => protocol.copiedFrom !== undefined)
    .map(({ protocol }) => ({ key: protocol.key, words: protocol.label, group: 'Our own' }));
  const shipped = PROTOCOL_GROUPS.flatMap(({ label, protocols }) =>
    protocols.map((protocol) => ({ key: protocol.key, words: protocol.label, group: label })),
  );
  return [...own, ...shipped];
}
