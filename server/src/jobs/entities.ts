import { Column, Entity, PrimaryColumn } from 'typeorm';

/** Work with a date that is on no run sheet. */
@Entity('planned_jobs')
export class PlannedJobEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('timestamptz')
  at!: Date;
  @Column('text')
  what!: string;
  @Column('text', { name: 'place' })
  where!: string;
  @Column('text', { name: 'page', nullable: true })
  to!: string | null;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'planned_at' })
  plannedAt!: Date;
  @Column('uuid', { name: 'done_by', nullable: true })
  doneBy!: string | null;
  @Column('timestamptz', { name: 'done_at', nullable: true })
  doneAt!: Date | null;
}
