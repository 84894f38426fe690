/** Why a backup was taken. */
export type BackupKind = 'daily' | 'by-hand' | 'before-upgrade' | 'year';

/** A backup that stands in the notebook's own folder. */
export interface BackupRow {
  readonly name: string;
  readonly kind: BackupKind;
  readonly bytes: number;
  readonly madeAt: string;
}
