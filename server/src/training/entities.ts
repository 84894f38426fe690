import type { HandKind } from '@bent-pail/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A measured lot that stands out blind, to train hands on. */
@Entity('training_samples')
export class TrainingSampleEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'lot_id' })
  lotId!: string;
  @Column('text')
  code!: string;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
  @Column('timestamptz', { name: 'ended_at', nullable: true })
  endedAt!: Date | null;
}

/** What somebody took a sample to be, beside what was measured then. */
@Entity('hand_tries')
export class HandTryEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'sample_id' })
  sampleId!: string;
  @Column('uuid', { name: 'user_id' })
  userId!: string;
  @Column('text')
  kind!: HandKind;
  @Column('double precision')
  value!: number;
  @Column('double precision', { nullable: true })
  margin!: number | null;
  @Column('double precision')
  measured!: number;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
