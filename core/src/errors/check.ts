/** Something questionable but usable: said beside the result, never thrown. */
export interface Check {
  readonly code: string;
  readonly severity: 'note' | 'caution' | 'fault';
  readonly message: string;
  /** Index from 0, where the check speaks of one replicate. */
  readonly replicate?: number;
}
