import { Column, Entity, PrimaryColumn } from 'typeorm';
import { exact } from '../database/exact';

export type MovementReason = 'came' | 'counted' | 'used' | 'prepared' | 'batch';

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
