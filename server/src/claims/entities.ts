import type { NewClaimsSheet } from '@bent-pail/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** What a sheet says, apart from which version it is. */
export type SheetBody = Omit<NewClaimsSheet, 'id' | 'version'>;

/** A version of what is claimed of a product. Only ever added. */
@Entity('claims_sheets')
export class ClaimsSheetEntity {
  @PrimaryColumn('uuid', { name: 'lot_id' })
  lotId!: string;
  @PrimaryColumn('integer')
  version!: number;
  @Column('jsonb')
  body!: SheetBody;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
