import type { ProtocolRow } from '@bent-pail/contract';
import type { Option } from '../kit/Choice';

const OWN = 'Our own';

/** What a protocol tells of, as the shipped ones stand together; the house's own stand apart. */
export const protocolGroup = ({ group }: ProtocolRow): string => group ?? OWN;

/** The house's own first, then the shipped ones as they come: by what they tell of, the main one first. */
export const protocolsInOrder = (rows: readonly ProtocolRow[]): ProtocolRow[] => [
  ...rows.filter(({ group }) => group === undefined),
  ...rows.filter(({ group }) => group !== undefined),
];

/** Protocols to choose from. */
export const protocolOptions = (rows: readonly ProtocolRow[]): Option<string>[] =>
  protocolsInOrder(rows).map((row) => ({
    key: row.protocol.key,
    words: row.protocol.label,
    group: protocolGroup(row),
  }));
