import type { ChangeRow } from '@bent-pail/contract';

/** Where changes of a kind are found. */
export interface Source {
  readonly kind: ChangeRow['kind'];
  /** `id, of, of_id, number, title, part, old, new, reason` from what was only ever added. */
  readonly columns: string;
  readonly from: string;
  readonly where?: string;
  /** Which field of a row was edited. */
  readonly field?: string;
  /** The lot that it is about, where it is about one. */
  readonly lot?: string;
}
