import type { SaleKind, SellingTerms } from '@bent-pail/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** Terms of a mix, the newest counts. Only ever added. */
@Entity('selling_terms')
export class SellingTermsEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'blend_id' })
  blendId!: string;
  @Column('jsonb')
  body!: Omit<SellingTerms, 'id'>;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

/** Packs sold. Only ever added. */
@Entity('sales')
export class SaleEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'blend_id' })
  blendId!: string;
  @Column('date', { name: 'sold_on' })
  on!: string;
  @Column('integer')
  packs!: number;
  @Column('text')
  kind!: SaleKind;
  @Column('double precision')
  price!: number;
  @Column('uuid', { name: 'lot_id', nullable: true })
  lotId!: string | null;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

/** Something that somebody did not like. Only ever added. */
@Entity('complaints')
export class ComplaintEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'blend_id' })
  blendId!: string;
  @Column('date', { name: 'said_on' })
  on!: string;
  @Column('text')
  words!: string;
  @Column('uuid', { name: 'lot_id', nullable: true })
  lotId!: string | null;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
