import type { NewPrice } from '@bent-pail/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A price that somebody saw on a day. Only ever added. */
@Entity('prices')
export class PriceEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'lot_id' })
  lotId!: string;
  @Column('text')
  kind!: NewPrice['kind'];
  @Column('double precision')
  price!: number;
  @Column('date', { name: 'seen_on' })
  on!: string;
  @Column('text')
  form!: NewPrice['form'];
  @Column('double precision', { name: 'pack_l', nullable: true })
  pack_L!: number | null;
  @Column('double precision', { nullable: true })
  factor!: number | null;
  @Column('double precision', { name: 'pack_kg', nullable: true })
  pack_kg!: number | null;
  @Column('double precision', { nullable: true })
  delivery!: number | null;
  @Column('double precision', { nullable: true })
  minutes!: number | null;
  @Column('text', { nullable: true })
  place!: string | null;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
