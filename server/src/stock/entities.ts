import { Column, Entity, PrimaryColumn } from 'typeorm';

export type MovementReason = 'came' | 'counted' | 'used' | 'prepared' | 'batch';

/** PostgreSQL gives numeric as text so that nothing is lost; money and litres here fit a double. */
const exact = {
  to: (value: number | null) => value,
  from: (value: string | null) => (value === null ? null : Number(value)),
};

@Entity('stock_movements')
export class MovementEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'lot_id' })
  lotId!: string;
  @Column('numeric', { name: 'change_l', transformer: exact })
  change_L!: number;
  @Column('text')
  reason!: MovementReason;
  /** The lot that it was taken for. */
  @Column('uuid', { name: 'for_lot', nullable: true })
  forLot!: string | null;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
