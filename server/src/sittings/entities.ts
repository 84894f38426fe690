import type { WarmUp } from '@bent-pail/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** Products that are judged together. */
@Entity('sittings')
export class SittingEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  label!: string;
  /** Draws the codes and each rater's order. */
  @Column('integer')
  seed!: number;
  @Column('jsonb', { name: 'warm_up', nullable: true })
  warmUp!: WarmUp | null;
  /** Null where a card of before had none. */
  @Column('uuid', { name: 'opened_by', nullable: true })
  openedBy!: string | null;
  @Column('timestamptz', { name: 'opened_at' })
  openedAt!: Date;
}

@Entity('warm_up_marks')
export class WarmUpMarkEntity {
  @PrimaryColumn('uuid', { name: 'sitting_id' })
  sittingId!: string;
  @PrimaryColumn('uuid', { name: 'user_id' })
  userId!: string;
  @PrimaryColumn('text')
  criterion!: string;
  @Column('double precision')
  value!: number;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
