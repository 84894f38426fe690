import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('lab_requests')
export class LabRequestEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'lot_id' })
  lotId!: string;
  @Column('uuid', { name: 'asked_by' })
  askedBy!: string;
  @Column('timestamptz', { name: 'asked_at' })
  askedAt!: Date;
  @Column('timestamptz', { name: 'ready_at' })
  readyAt!: Date;
  /** The run that its report became. */
  @Column('uuid', { name: 'run_id', nullable: true })
  runId!: string | null;
}
